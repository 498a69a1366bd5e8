import { muckTopMm } from "../../settling";
import { capacityLitres } from "../../vessels";
import type { Advice } from "../advice";
import { heelOf } from "../heels";
import type { Reading, VesselReading } from "../reading";
import { stationOf } from "../stations";
import { sludgeMostMm } from "../terms";

/** Nothing under this is worth setting up a hose for. */
const WORTH_DRAWING_LITRES = 5;
const SLUDGE_FULL = 0.75;

/** A settling vessel that is clear, or will be, down to its draw-off line. */
export function drawOff({ vessels }: Reading): Advice[] {
  return vessels.flatMap(({ state, standing }): Advice[] => {
    const s = standing.settling;
    if (state.vessel.role !== "settling" || !s?.readyAt || s.drawableLitres < WORTH_DRAWING_LITRES) return [];
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
      },
    ];
  });
}

/** A settler whose bottom has filled so far that muck is about to come over. */
export function cleanOut({ vessels, now }: Reading): Advice[] {
  return vessels.flatMap(({ state, standing }): Advice[] => {
    if (state.vessel.role !== "settler") return [];
    const most = sludgeMostMm(state.vessel);
    if (most === null) return [];
    const fullShare = muckTopMm(standing.layers) / most;
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
export function wet({ vessels, now }: Reading): Advice[] {
  return vessels.flatMap(({ state }): Advice[] => {
    const { water, contents, vessel } = state;
    if (!water?.wet || contents.total < WORTH_DRAWING_LITRES || !KEPT_DRY.has(vessel.role)) return [];
    return [
      {
        id: `wet ${vessel.id}`,
        code: "wet",
        dueAt: now,
        station: stationOf(vessel.role),
        vessel: vessel.id,
        because: water.because,
        share: water.share,
      },
    ];
  });
}

/** Where water is asked after: not in raw pails, waste or a vehicle's tank. */
const KEPT_DRY = new Set(["settling", "feed", "ready"]);

/** Heels: worth another wait, work for the kettle, or waste. */
export function heels({ vessels, now }: Reading): Advice[] {
  return vessels.flatMap((v): Advice[] => {
    const { state, standing } = v;
    if (state.vessel.role !== "heel" || standing.litres < LEAST_HEEL_LITRES) return [];
    const heel = heelOf(standing);
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
      },
    ];
  });
}

const LEAST_HEEL_LITRES = 1;

/** What a drum keeps once its clear oil is drawn goes to the other heels, so that the drum can be filled again. */
export function poolHeel({ vessels, now }: Reading): Advice[] {
  const tub = vessels.find((v) => v.state.vessel.role === "heel" && !v.state.vessel.place);
  if (!tub) return [];
  return vessels.flatMap(({ state, standing }): Advice[] => {
    const drawn = state.vessel.role === "settling" && state.drawnAt !== null;
    if (!drawn || standing.litres < LEAST_HEEL_LITRES || standing.litres > roomIn(tub)) return [];
    if ((standing.settling?.drawableLitres ?? 0) >= WORTH_DRAWING_LITRES) return [];
    return [
      {
        id: `pool-heel ${state.vessel.id}`,
        code: "pool-heel",
        dueAt: now,
        station: "settle",
        vessel: state.vessel.id,
        litres: standing.litres,
        into: tub.state.vessel.id,
      },
    ];
  });
}

const roomIn = ({ state }: VesselReading): number => capacityLitres(state.vessel) - state.contents.total;

/** The tank a settler runs over into must be emptied before the next batch. */
export function overflowFull({ vessels, now }: Reading): Advice[] {
  return vessels.flatMap(({ state }): Advice[] => {
    const into = vessels.find((v) => v.state.vessel.id === state.vessel.settler?.overflow);
    if (state.vessel.role !== "settler" || !into) return [];
    const room = roomIn(into);
    if (room >= OVERFLOW_ROOM_SHARE * capacityLitres(into.state.vessel)) return [];
    return [
      {
        id: `overflow-full ${into.state.vessel.id}`,
        code: "overflow-full",
        dueAt: now,
        station: stationOf(into.state.vessel.role),
        vessel: state.vessel.id,
        into: into.state.vessel.id,
        roomLitres: room,
      },
    ];
  });
}

const OVERFLOW_ROOM_SHARE = 0.1;
