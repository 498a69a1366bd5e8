import type { OwnFluids } from "../fluids";
import type { OwnFluid } from "./kinds/fluid";

/** The owner's figures, as the models and every calculation take them. Apart from the schemas, so that a page stays light. */
export const figuresOf = (own: Iterable<OwnFluid>): OwnFluids =>
  Object.fromEntries(Array.from(own, ({ id, figures }) => [id, figures]));
