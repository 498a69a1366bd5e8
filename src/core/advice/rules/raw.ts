import type { FluidTable } from "../../fluids";
import { ENGINE_OIL_SHARE } from "../../fluids/engineOil";
import type { PlaceId, Settings, VesselId } from "../../ledger";
import type { VesselReading, YardReading } from "../../readings";
import { type Tipped, tipped } from "../../readings/settle/tipped";
import { safeLitres, tippedAt } from "../../readings/terms";
import { isCreamy, shareOfFamily } from "../../readings/vessel/family";
import { MS_PER_HOUR } from "../../units";
import type { Advice, Rule } from "../advice";
import { later, pooledInto, WORTH_DRAWING_LITRES } from "../worth";

export type RawMatter =
  | {
      readonly code: "hold-apart";
      readonly because: "fat";
      readonly share: number;
      /** What will stand clear above its fat, and from when; null where too little ever does. */
      readonly clears: { readonly litres: number; readonly at: string } | null;
      /** Cream is work for a kettle, where there is one. */
      readonly hasKettle: boolean;
    }
  | { readonly code: "hold-apart"; readonly because: "engine-oil"; readonly share: number }
  | {
      readonly code: "tip-in";
      readonly litres: number;
      readonly into: VesselId;
      /** Days that a litre comes clear later for it, on the mean; nothing or less where it costs none. */
      readonly costDays: number;
      /** Clear oil that starts anew in what it is tipped into, and when that would have been ready. */
      readonly setBackLitres: number;
      readonly wasReadyAt: string | null;
    }
  | {
      readonly code: "let-stand";
      readonly litres: number;
      /** What it might be tipped into, and what that would cost. */
      readonly into: VesselId;
      readonly costDays: number;
      /** What may be drawn there first. */
      readonly clearThereLitres: number;
    }
  | { readonly code: "kettle"; readonly fatShare: number };

/** Creamy oil is kept away from the good; the rest is tipped in where it can settle, if it can be held there. */
function sortRaw(yard: YardReading): Advice[] {
  const { vessels, places, now, settings, fluids } = yard;
  const terms = { settings, fluids, now };
  const known = vessels.map((v) => v.state.vessel);
  return vessels.flatMap((reading): Advice[] => {
    const { state, standing } = reading;
    if (state.vessel.role !== "raw" || standing.litres < 0.5) return [];
    const common = { dueAt: now, station: "rounds" as const, vessel: state.vessel.id };
    const hold = { ...common, id: `hold-apart ${state.vessel.id}`, code: "hold-apart" as const };
    const engine = shareOfFamily(standing, "engine");
    if (engine > ENGINE_OIL_SHARE) return [{ ...hold, because: "engine-oil", share: engine }];
    if (isCreamy(standing, settings)) return holdCreamy(reading, yard);
    const choice = whereToTip(reading, vessels, tippedAt(state.vessel, places, known), terms);
    if (!choice) return [];
    const { into, litres, tip } = choice;
    const about = {
      ...common,
      id: `tip-in ${state.vessel.id}`,
      litres,
      into: into.state.vessel.id,
      costDays: tip.costDays,
    };
    const readyAt = standing.settling?.readyAt;
    // Patience pays: a pail that clears by itself is not tipped into what it would set back.
    if (tip.costDays > WORTH_LETTING_STAND_DAYS && readyAt)
      return [
        {
          ...about,
          code: "let-stand",
          dueAt: later(readyAt, now),
          station: "settle",
          clearThereLitres: into.standing.settling?.clearNow?.litres ?? 0,
        },
      ];
    const { setBackLitres, setBackFromHours } = tip;
    const wasReadyAt =
      setBackFromHours === null ? null : new Date(Date.parse(now) + setBackFromHours * MS_PER_HOUR).toISOString();
    return [{ ...about, code: "tip-in", setBackLitres, wasReadyAt }];
  });
}

/** It stands by itself until its fat has sunk, is drawn above that, and the rest goes to the other heels. */
function holdCreamy(reading: VesselReading, { now, vessels, settings }: YardReading): Advice[] {
  const { state, standing } = reading;
  const { settling } = standing;
  const clears =
    settling?.readyAt && settling.drawableLitres >= WORTH_DRAWING_LITRES
      ? { litres: settling.drawableLitres, at: settling.readyAt }
      : null;
  // Clear: drawing it off is spoken of already. Nothing to draw: so is pooling it.
  if (clears && settling?.ready) return [];
  if (pooledInto(reading, vessels, settings)) return [];
  const dueAt = later(clears?.at ?? now, now);
  const hasKettle = vessels.some((v) => v.state.vessel.role === "kettle");
  const share = shareOfFamily(standing, "fat");
  const about = { station: "rounds" as const, vessel: state.vessel.id, dueAt, share, clears, hasKettle };
  return [{ ...about, id: `hold-apart ${state.vessel.id}`, code: "hold-apart", because: "fat" }];
}

const WORTH_LETTING_STAND_DAYS = 1;

/** Not worth stirring a drum up for. */
const WORTH_TIPPING_LITRES = 10;

const safeRoom = ({ state, standing }: VesselReading): number =>
  Math.max(0, safeLitres(state.vessel) - standing.litres);

interface Choice {
  readonly into: VesselReading;
  readonly litres: number;
  readonly tip: Tipped;
}

/** Of the settling vessels there that take all of it, or failing that a good part, the one where it costs least waiting. */
function whereToTip(
  from: VesselReading,
  vessels: readonly VesselReading[],
  at: PlaceId | null,
  terms: { readonly settings: Settings; readonly fluids: FluidTable; readonly now: string },
): Choice | undefined {
  const all = from.standing.litres;
  const fit = vessels
    .filter((v) => v.state.vessel.role === "settling" && (v.state.vessel.place ?? null) === at)
    .filter((v) => !v.standing.settling?.ready && v.state.vessel.apart !== true)
    // Good oil never goes on top of what is creamy, wet or black.
    .filter((v) => !isCreamy(v.standing, terms.settings) && v.state.quality.water?.wet !== true)
    .filter((v) => shareOfFamily(v.standing, "engine") <= ENGINE_OIL_SHARE)
    .flatMap((into): Choice[] => {
      const litres = Math.min(all, safeRoom(into));
      if (litres < all && litres < WORTH_TIPPING_LITRES) return [];
      const [pail, drum] = [from, into].map((v) => ({ vessel: v.state.vessel, standing: v.standing }));
      const tip = pail && drum ? tipped(pail, drum, litres, terms) : null;
      return tip ? [{ into, litres, tip }] : [];
    });
  const whole = fit.filter((c) => c.litres >= all);
  return (whole.length > 0 ? whole : fit).sort((a, b) => a.tip.costDays - b.tip.costDays)[0];
}

/** A batch is being made in it: its stages say what is next. */
const isMaking = (batches: YardReading["batches"], kettle: VesselId): boolean =>
  batches.some((b) => b.ended === null && (b.batch.kettle === kettle || b.vessel === kettle));

/** A kettle or heel tub that holds fat is work for the kettle. */
function kettleWork({ vessels, batches, now, settings }: YardReading): Advice[] {
  return vessels.flatMap((reading): Advice[] => {
    const share = shareOfFamily(reading.standing, "fat");
    if (
      reading.state.vessel.role !== "kettle" ||
      isMaking(batches, reading.state.vessel.id) ||
      share <= settings.fatLimitShare
    )
      return [];
    const { id } = reading.state.vessel;
    return [{ id: `kettle ${id}`, code: "kettle", dueAt: now, station: "kettle", vessel: id, fatShare: share }];
  });
}

export const RAW_RULES: readonly Rule[] = [
  { rank: 12, advise: sortRaw },
  { rank: 16, advise: kettleWork },
];
