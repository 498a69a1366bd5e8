import type { DipDoubt, Draft, VesselId, VesselState, YardState } from "../ledger";
import { doubtsOfDip, doubtsOfJar } from "../ledger";
import { stickErrorMm } from "../readings/terms";
import { capacityLitres, heightAtLitres, isBroken } from "../vessels";

/** What is odd about a reading, said before it is kept: the person decides. */
export type ReadingWarning =
  | { readonly code: "reading-cannot-be"; readonly doubt: DipDoubt; readonly vessel: VesselId; readonly rimMm: number }
  | {
      readonly code: "reading-contradicts";
      readonly of: "clear" | "fat" | "jar";
      readonly before: number;
      readonly beforeAt: string;
    }
  | { readonly code: "reading-off-book"; readonly readMm: number; readonly bookMm: number };

/** Lines do not move back by themselves: more than the stick's own error is a contradiction. */
const BACK_MM = 12;
const BACK_STEPS = 1;

/** What speaks against a dip or a jar, as the yard stood when it was read. */
export function readingWarnings(yard: YardState, draft: Draft): ReadingWarning[] {
  if (draft.kind !== "dip" && draft.kind !== "jar") return [];
  const state = yard.vessels.get(draft.data.vessel);
  if (!state) return [];
  const doubts = draft.kind === "dip" ? doubtsOfDip(state, draft.data) : doubtsOfJar(state, draft.data.atMm);
  const { id, rimMm } = state.vessel;
  const cannot = doubts.map((doubt): ReadingWarning => ({ code: "reading-cannot-be", doubt, vessel: id, rimMm }));
  if (cannot.length > 0) return cannot;
  return draft.kind === "dip" ? dipAgainst(state, draft.data) : jarAgainst(state, draft.data);
}

function dipAgainst(
  state: VesselState,
  d: { fatMm?: number | undefined; clearMm?: number | undefined; oilMm?: number | undefined },
): ReadingWarning[] {
  const sound = state.dips.filter((x) => x.doubts.length === 0);
  const found: ReadingWarning[] = [];
  const clear = sound.findLast((x) => x.clearMm !== undefined);
  if (clear?.clearMm !== undefined && d.clearMm !== undefined && d.clearMm > clear.clearMm + BACK_MM)
    found.push({ code: "reading-contradicts", of: "clear", before: clear.clearMm, beforeAt: clear.at });
  const fat = sound.findLast((x) => x.fatMm !== undefined);
  if (fat?.fatMm !== undefined && d.fatMm !== undefined && d.fatMm < fat.fatMm - BACK_MM)
    found.push({ code: "reading-contradicts", of: "fat", before: fat.fatMm, beforeAt: fat.at });
  if (isBroken(state.vessel)) return found;
  const bookMm = heightAtLitres(state.vessel, Math.min(state.contents.total, capacityLitres(state.vessel)));
  if (d.oilMm !== undefined && Math.abs(d.oilMm - bookMm) > stickErrorMm(state.vessel.rimMm))
    found.push({ code: "reading-off-book", readMm: d.oilMm, bookMm });
  return found;
}

/** Cloudier than before at the same height or higher: nothing clears backwards. */
function jarAgainst(state: VesselState, j: { step: number; atMm: number }): ReadingWarning[] {
  const before = state.jars.findLast((x) => x.doubts.length === 0 && x.atMm <= j.atMm + BACK_MM);
  return before && j.step > before.step + BACK_STEPS - 1
    ? [{ code: "reading-contradicts", of: "jar", before: before.step, beforeAt: before.at }]
    : [];
}
