import type { Cause } from "../../driving";
import type { VehicleState, VesselId } from "../../ledger";
import { MS_PER_DAY } from "../../units";
import type { VesselReading } from "../reading";
import { oilShareOf } from "./tankTruth";
import { type Due, upkeepOf } from "./upkeep";
import type { VehicleCold } from "./vehicleCold";

/** What this yard's ledger knows that speaks for a cause: its figure, and what it is of. */
export type Clue = { readonly cause: Cause; readonly weight: number } & (
  | { readonly code: "cold-fails"; readonly belowCelsius: number | null; readonly lowCelsius: number }
  | { readonly code: "oil-in-diesel"; readonly share: number }
  | { readonly code: "left-in-line"; readonly share: number }
  | { readonly code: "filter-age"; readonly share: number; readonly by: Due["by"] }
  | { readonly code: "filter-drop"; readonly kPa: number }
  | { readonly code: "early-filter"; readonly km: number }
  | { readonly code: "unmixed"; readonly pours: number }
  | { readonly code: "new-blend"; readonly litres: number }
  | { readonly code: "wet"; readonly vessel: VesselId }
  | { readonly code: "new-fill"; readonly vessel: VesselId; readonly at: string }
  | { readonly code: "too-thick"; readonly nuMm2PerS: number; readonly limitMm2PerS: number }
);

type Tank = Pick<VesselReading["standing"], "components"> & {
  readonly vessel: { readonly id: VesselId };
  readonly pours: number;
  readonly isWet: boolean;
  readonly changedAt: string | null;
};

interface Asked {
  readonly state: VehicleState;
  readonly cold: VehicleCold;
  readonly tanks: readonly Tank[];
  readonly now: string;
  readonly limitMm2PerS: number;
}

const SOME_OIL = 0.03;
const NEW_DAYS = 4;
/** A mix that it has burned less of than this is new to it. */
const NEW_MIX_LITRES = 15;

/** Every clue, the heaviest first. */
export function cluesOf({ state, cold, tanks, now, limitMm2PerS }: Asked): Clue[] {
  const { vehicle } = state;
  const clues: Clue[] = [];
  const start = cold.start;
  if (start && start.fails !== "none") {
    const gels = start.fails === "pour" || start.fails === "fat" || start.fails === "cloud";
    clues.push({
      code: "cold-fails",
      cause: gels ? "gelled" : "cold-fuel",
      weight: 3,
      belowCelsius: start.belowCelsius,
      lowCelsius: start.lowCelsius,
    });
    if (start.nuMm2PerS > limitMm2PerS)
      clues.push({ code: "too-thick", cause: "thick-blend", weight: 2, nuMm2PerS: start.nuMm2PerS, limitMm2PerS });
  }
  const diesel = vehicle.kind === "dual" ? tanks.find((t) => t.vessel.id === vehicle.dieselTank) : undefined;
  const tainted = diesel ? oilShareOf(diesel.components) : 0;
  if (tainted > SOME_OIL) {
    clues.push({ code: "oil-in-diesel", cause: "oil-in-diesel", weight: 4, share: tainted });
    clues.push({ code: "oil-in-diesel", cause: "valve-wrong", weight: 2, share: tainted });
  }
  if ((state.residualOilShare ?? 0) > SOME_OIL)
    clues.push({ code: "left-in-line", cause: "cold-fuel", weight: 2, share: state.residualOilShare ?? 0 });
  const filter = upkeepOf(state, now).find((d) => d.what === "filter");
  if (filter && filter.share > 0.7)
    clues.push({
      code: "filter-age",
      cause: "filter-full",
      weight: 3 * Math.min(1.5, filter.share),
      share: filter.share,
      by: filter.by,
    });
  if (filter?.isEarly) clues.push({ code: "early-filter", cause: "filter-full", weight: 2, km: filter.since.km });
  if (state.lastDropKPa !== null && state.lastDropKPa > 20)
    clues.push({ code: "filter-drop", cause: "filter-full", weight: 3, kPa: state.lastDropKPa });
  const mix = state.ranOn.at(-1);
  if (mix && state.ranOn.length > 1 && mix.litres < NEW_MIX_LITRES)
    clues.push({ code: "new-blend", cause: "thick-blend", weight: 2, litres: mix.litres });
  for (const t of tanks) {
    if (t.pours > 1) clues.push({ code: "unmixed", cause: "unmixed", weight: 3, pours: t.pours });
    if (t.isWet) clues.push({ code: "wet", cause: "water", weight: 3, vessel: t.vessel.id });
    if (
      t.changedAt !== null &&
      state.lastTripAt !== null &&
      isNew(t.changedAt, now) &&
      t.changedAt > (state.past.at(-2)?.at ?? "")
    )
      clues.push({ code: "new-fill", cause: "bad-lot", weight: 2, vessel: t.vessel.id, at: t.changedAt });
  }
  return clues.sort((a, b) => b.weight - a.weight);
}

const isNew = (at: string, now: string): boolean => Date.parse(now) - Date.parse(at) < NEW_DAYS * MS_PER_DAY;
