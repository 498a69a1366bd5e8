import {
  FLUIDS,
  type FluidFamily,
  type FluidId,
  fluidName,
  likeOf,
  type OwnFluids,
  type TableFluidId,
} from "@/core/fluids";
import { figuresOf, type OwnFluid, thingKey } from "@/core/ledger";
import type { YardView } from "@/core/view";

interface FluidChoice {
  readonly value: FluidId;
  readonly name: string;
}

/** The owner's own fluids and figures, those that were not given up. */
export function fluidsInUse(view: YardView): OwnFluid[] {
  const gone = new Set(view.retired.map((r) => thingKey(r.kind, r.id)));
  return view.ownFluids.filter((f) => !gone.has(thingKey("fluid", f.id)));
}

/** These of the table, and the owner's own that are like one of them. */
export const fluidChoices = (view: YardView, rows: readonly TableFluidId[]): FluidChoice[] =>
  [...rows, ...fluidsInUse(view).flatMap(({ id }) => (id !== likeOf(id) && rows.includes(likeOf(id)) ? [id] : []))].map(
    (id) => ({ value: id, name: fluidName(id) }),
  );

/** What kind of thing a fluid is: of one's own, what the row is that it is like. */
export const familyOf = (id: FluidId): FluidFamily => FLUIDS[likeOf(id)].family;

/** For a calculation: the owner's figures, where there are any. */
export const ownIn = (view: Pick<YardView, "ownFluids">): { own?: OwnFluids } =>
  view.ownFluids.length > 0 ? { own: figuresOf(view.ownFluids) } : {};
