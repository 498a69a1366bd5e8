import { liquidOf } from "../../blending";
import { type FluidTable, isMuck, LOOSE } from "../../fluids";
import type { Settler } from "../../ledger";
import { sludgeMostMm } from "../../ledger/sludgeMost";
import {
  cutSizeUm,
  type DayBatch,
  DIRT,
  dayBatch,
  dropsPerSecond,
  FINES_KG_PER_M3,
  litresPerHourForCut,
  litresUntilFull,
  muckTopMm,
  narrowestM2,
  sludgeRoomLitres,
} from "../../settling";
import { sludgeShare } from "../terms";
import { mixOf } from "../vessel/mixture";
import type { VesselView } from "../vessel/vesselView";

/** How a settler is run until its owner says otherwise. */
export const USUAL_SETTLER: Omit<Settler, "sludgeMostMm"> = { cutUm: 20, hoursADay: 24 };

/** A displacement settler today: how fast it may be fed, how much, and how long its bottom lasts. */
export interface SettlerDay {
  readonly sludgeMostMm: number;
  readonly sludgeTopMm: number;
  readonly fullShare: number;
  readonly areaM2: number;
  readonly litresPerHour: number;
  readonly dropsPerSecond: number;
  /** Oil that stays in the body as long as it works. */
  readonly tiedUpLitres: number;
  readonly batch: DayBatch;
  /** Hours until the overflow tank is full at this rate. */
  readonly overflowHours: number | null;
  /** Litres of feed until sludge reaches its mark; null: it never fills. */
  readonly litresUntilFull: number | null;
  readonly roomLitres: number;
  readonly dirtShare: number;
}

/** Null where sludge stands to the overflow, or nothing in it is oil. Litres at 15 °C, temperatures °C. */
export function settlerDay(
  v: VesselView,
  header: VesselView | undefined,
  overflow: VesselView | undefined,
  celsius: number,
  dropMillilitres: number,
  fluids: FluidTable,
): SettlerDay | null {
  const settler = v.vessel.settler;
  const mix = mixOf(v.components, v.thickness, fluids);
  const sludgeTopMm = muckTopMm(v.layers);
  const mostMm = sludgeMostMm(v.vessel) ?? v.vessel.rimMm / 3;
  if (mix.length === 0 || sludgeTopMm >= v.vessel.rimMm) return null;
  const oil = liquidOf(mix);
  const inOil = {
    particleKgPerM3: FINES_KG_PER_M3,
    fluidKgPerM3: oil.kgPerM3(celsius),
    viscosityPaS: oil.viscosityPaS(celsius),
  };
  const areaM2 = narrowestM2(v.vessel, sludgeTopMm, v.vessel.rimMm);
  const litresPerHour = litresPerHourForCut(settler?.cutUm ?? USUAL_SETTLER.cutUm, areaM2, inOil);
  const overflowRoom = overflow ? Math.max(0, overflow.capacityLitres - overflow.litres) : Number.POSITIVE_INFINITY;
  const room = sludgeRoomLitres(v.vessel, Math.min(sludgeTopMm, mostMm), mostMm);
  const dirtShare = dirtShareOf(header ?? v);
  return {
    sludgeMostMm: mostMm,
    sludgeTopMm,
    fullShare: sludgeShare(v.vessel, sludgeTopMm, mostMm),
    areaM2,
    litresPerHour,
    dropsPerSecond: dropsPerSecond(litresPerHour, dropMillilitres),
    tiedUpLitres: v.litres,
    batch: dayBatch(
      litresPerHour,
      settler?.hoursADay ?? USUAL_SETTLER.hoursADay,
      header?.litres ?? Number.POSITIVE_INFINITY,
      overflowRoom,
      v.litres,
    ),
    overflowHours: Number.isFinite(overflowRoom) ? overflowRoom / litresPerHour : null,
    litresUntilFull: litresUntilFull(room, dirtShare * LOOSE, 0),
    roomLitres: room,
    dirtShare,
  };
}

/** Muck in what is fed, by the book; a header that stands empty is taken as a usual light lot. */
function dirtShareOf(v: VesselView): number {
  const muck = v.components.reduce((sum, c) => (isMuck(c.component) ? sum + c.litres : sum), 0);
  if (v.litres > 0.05 && muck > 0) return muck / v.litres;
  return DIRT["light-fryer"].reduce((sum, d) => sum + d.volumeShare, 0);
}

/** The smallest grain that a rate still holds, in µm: what a count of drops means. */
export const heldUm = (
  litresPerHour: number,
  day: SettlerDay,
  v: VesselView,
  celsius: number,
  fluids: FluidTable,
): number => {
  const oil = liquidOf(mixOf(v.components, v.thickness, fluids));
  return cutSizeUm(litresPerHour, day.areaM2, {
    particleKgPerM3: FINES_KG_PER_M3,
    fluidKgPerM3: oil.kgPerM3(celsius),
    viscosityPaS: oil.viscosityPaS(celsius),
  });
};
