import { chemicalsInto, heldOf } from "../facts";
import { sinks } from "../fluids";
import { type Flow, partsOf, type YardState } from "../ledger";
import type { FitnessRefusal } from "./fitness";

/** Methanol, lye, acid and glycerol go into nothing that holds oil or fuel, not even a cupful into a full drum. */
export function unfitChemicals(yard: YardState, flow: Flow): FitnessRefusal[] {
  const { from, to, how } = flow;
  const into = to === null || from === to || how === "count" ? undefined : yard.vessels.get(to);
  const source = from === null ? undefined : yard.vessels.get(from);
  if (!into || (from !== null && !source)) return [];
  const parts = source ? leaving(partsOf(source.contents, yard.parts), flow) : (flow.fresh ?? []);
  return chemicalsInto(heldOf(into.vessel, (source ?? into).quality, parts)).map((code) => ({
    code,
    from,
    into: into.vessel.id,
  }));
}

/** From the top, what has settled stays, while there is enough above it. */
function leaving(parts: ReturnType<typeof partsOf>, { layer, amount }: Flow): ReturnType<typeof partsOf> {
  const above = parts.filter((p) => !sinks(p.component));
  const litres = above.reduce((sum, p) => sum + p.litres, 0);
  return layer === "top" && !("all" in amount) && amount.litres <= litres ? above : parts;
}
