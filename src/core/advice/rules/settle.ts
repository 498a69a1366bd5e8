import { roleOf, type VesselId, type WaterWord } from "../../ledger";
import { sludgeMostMm } from "../../ledger/sludgeMost";
import type { YardReading } from "../../readings";
import { type HeelFate, heelOf, isCream } from "../../readings/settle/heels";
import { SLUDGE_FULL, sludgeShare } from "../../readings/terms";
import { muckTopMm } from "../../settling";
import { holdsLitres, maxHeightMm } from "../../vessels";
import type { Advice, Rule } from "../advice";
import { LEAST_HEEL_LITRES, later, type Pooled, pooledInto, roomIn, WORTH_DRAWING_LITRES } from "../worth";

export type SettleMatter =
  | { readonly code: "broken"; readonly rimMm: number; readonly mostMm: number }
  | {
      readonly code: "draw-off";
      readonly litres: number;
      readonly aboveMm: number;
      readonly earliestAt: string | null;
      readonly latestAt: string | null;
      readonly slowest: string;
      /** What may be drawn today already; null where too little is clear, or all of it. */
      readonly clearNow: { readonly litres: number; readonly aboveMm: number } | null;
    }
  /** A heel's oil is worth another wait: so much is clear then. */
  | { readonly code: "heel-wait"; readonly litres: number }
  /** What is left of it: cream for the kettle, or muck for disposal. */
  | {
      readonly code: "heel-spent";
      readonly fate: HeelFate;
      readonly litres: number;
      readonly fatShare: number;
      readonly cream: boolean;
    }
  | {
      readonly code: "pool-heel";
      readonly because: Pooled;
      readonly litres: number;
      readonly into: VesselId;
      /** Oil that is clearing there already and starts anew. */
      readonly setBackLitres: number;
    }
  | { readonly code: "wet"; readonly because: WaterWord["because"]; readonly share: number | null }
  | { readonly code: "overflow-full"; readonly into: VesselId; readonly roomLitres: number }
  | { readonly code: "clean-out"; readonly fullShare: number };

/** A rim above its own shape: nothing can be said of it until it is measured again. */
function broken({ vessels, now }: YardReading): Advice[] {
  return vessels.flatMap(({ state: { vessel }, standing }): Advice[] =>
    standing.broken
      ? [
          {
            id: `broken ${vessel.id}`,
            code: "broken",
            dueAt: now,
            station: roleOf(vessel.role).station,
            vessel: vessel.id,
            rimMm: vessel.rimMm,
            mostMm: maxHeightMm(vessel.shape),
          },
        ]
      : [],
  );
}

/** A settling vessel that is clear, or will be, down to its draw-off line. */
function drawOff({ vessels }: YardReading): Advice[] {
  return vessels.flatMap(({ state, standing }): Advice[] => {
    const s = standing.settling;
    const isRaw = state.vessel.role === "raw";
    if (!(state.vessel.role === "settling" || isRaw) || !s?.readyAt || s.drawableLitres < WORTH_DRAWING_LITRES)
      return [];
    // A pail is spoken of once it is clear: until then it is sorted with the raw oil.
    if (isRaw && !s.ready) return [];
    // Wet oil is not ready, however clear it looks.
    if (s.wet) return [];
    return [
      {
        id: `draw-off ${state.vessel.id}`,
        code: "draw-off",
        dueAt: s.readyAt,
        station: "settle",
        vessel: state.vessel.id,
        litres: s.drawableLitres,
        aboveMm: s.drawOffMm,
        earliestAt: s.earliestAt,
        latestAt: s.latestAt,
        slowest: s.slowest,
        clearNow: s.clearNow,
      },
    ];
  });
}

/** A settler whose bottom has filled so far that muck is about to come over. */
function cleanOut({ vessels, now }: YardReading): Advice[] {
  return vessels.flatMap(({ state, standing }): Advice[] => {
    if (state.vessel.role !== "settler") return [];
    const most = sludgeMostMm(state.vessel);
    if (most === null) return [];
    const fullShare = sludgeShare(state.vessel, muckTopMm(standing.layers), most);
    if (fullShare < SLUDGE_FULL) return [];
    return [
      {
        id: `clean-out ${state.vessel.id}`,
        code: "clean-out",
        dueAt: now,
        station: "settle",
        vessel: state.vessel.id,
        fullShare,
      },
    ];
  });
}

/** A lot that is known to be wet waits for a test before anything else. */
function wet({ vessels, now }: YardReading): Advice[] {
  return vessels.flatMap(({ state }): Advice[] => {
    const { contents, vessel } = state;
    const { water } = state.quality;
    if (!water?.wet || contents.total < WORTH_DRAWING_LITRES || !roleOf(vessel.role).keptDry) return [];
    return [
      {
        id: `wet ${vessel.id}`,
        code: "wet",
        dueAt: now,
        station: roleOf(vessel.role).station,
        vessel: vessel.id,
        because: water.because,
        share: water.share,
      },
    ];
  });
}

/** Heels: worth another wait, work for the kettle, or waste. */
function heels({ vessels, now }: YardReading): Advice[] {
  const hasKettle = vessels.some((v) => v.state.vessel.role === "kettle");
  return vessels.flatMap((v): Advice[] => {
    const { state, standing } = v;
    if (state.vessel.role !== "heel" || standing.litres < LEAST_HEEL_LITRES) return [];
    const heel = heelOf(standing, hasKettle);
    const about = { station: "settle", vessel: state.vessel.id } as const;
    if (heel.fate === "wait") {
      const dueAt = standing.settling?.readyAt;
      const litres = standing.settling?.drawableLitres ?? 0;
      return dueAt ? [{ ...about, id: `heel-wait ${state.vessel.id}`, code: "heel-wait", dueAt, litres }] : [];
    }
    if (heel.fate === "keep") return [];
    return [
      {
        ...about,
        id: `heel-spent ${state.vessel.id}`,
        code: "heel-spent",
        dueAt: now,
        fate: heel.fate,
        litres: standing.litres,
        fatShare: heel.fatShare,
        cream: isCream(heel),
      },
    ];
  });
}

/** What a drum keeps once its clear oil is drawn goes to the other heels, so that the drum can be filled again. */
function poolHeel({ vessels, now, settings }: YardReading): Advice[] {
  return vessels.flatMap((from): Advice[] => {
    const pooled = pooledInto(from, vessels, settings);
    if (!pooled) return [];
    const { tub, because } = pooled;
    const { id } = from.state.vessel;
    // A drum is wanted free; cream can wait until what clears in the tub is drawn.
    const clears = because === "creamy" ? tub.standing.settling : null;
    const isWorth = (clears?.drawableLitres ?? 0) >= WORTH_DRAWING_LITRES;
    return [
      {
        id: `pool-heel ${id}`,
        code: "pool-heel",
        dueAt: later((isWorth && clears?.readyAt) || now, now),
        station: "settle",
        vessel: id,
        because,
        litres: from.standing.litres,
        into: tub.state.vessel.id,
        setBackLitres: tub.standing.settling?.drawableLitres ?? 0,
      },
    ];
  });
}

/** The tank a settler runs over into must be emptied before the next batch. */
function overflowFull({ vessels, byId, now }: YardReading): Advice[] {
  return vessels.flatMap(({ state }): Advice[] => {
    const overflow = state.vessel.settler?.overflow;
    const into = overflow && byId.get(overflow);
    if (state.vessel.role !== "settler" || !into) return [];
    const room = roomIn(into);
    if (room >= OVERFLOW_ROOM_SHARE * holdsLitres(into.state.vessel)) return [];
    return [
      {
        id: `overflow-full ${into.state.vessel.id}`,
        code: "overflow-full",
        dueAt: now,
        station: roleOf(into.state.vessel.role).station,
        vessel: state.vessel.id,
        into: into.state.vessel.id,
        roomLitres: room,
      },
    ];
  });
}

const OVERFLOW_ROOM_SHARE = 0.1;

export const SETTLE_RULES: readonly Rule[] = [
  { rank: 0, advise: broken },
  { rank: 5, advise: wet },
  { rank: 6, advise: drawOff },
  { rank: 7, advise: cleanOut },
  { rank: 8, advise: overflowFull },
  { rank: 9, advise: poolHeel },
  { rank: 14, advise: heels },
];
