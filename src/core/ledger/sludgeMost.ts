import { coneTopMm } from "../vessels";
import type { Vessel } from "./kinds/vessel";

/** How high muck may stand in a displacement settler: as its owner says, or up to where a cone ends. */
export const sludgeMostMm = ({ settler, shape }: Pick<Vessel, "settler" | "shape">): number | null =>
  settler?.sludgeMostMm ?? coneTopMm(shape);
