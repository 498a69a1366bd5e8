import type { Ingredient } from "../../blending";
import { compareWays, isWay, type WayAnswer, type WayFigures, type WayId, type WaysTask } from "../../costs";
import { type FluidTable, fluidIn } from "../../fluids";
import { MS_PER_DAY } from "../../units";
import { covered } from "../covered";
import { mixOf } from "../vessel/mixture";
import type { VesselView } from "../vessel/vesselView";
import { type Priced, priceOf } from "./prices";

/** As much of a yard as its ways are compared by. */
export interface WaysYard extends Priced {
  readonly at: string;
  readonly vessels: readonly VesselView[];
  readonly fluids: FluidTable;
  readonly vehicles: readonly { readonly vehicle: { readonly kind: string } }[];
}

/** What nobody has said a price of is taken to cost. */
export const USUAL_PRICES = { kerosene: 1.1, petrol: 1.7 } as const;
/** As much as is bought at once: bulk prices begin where their owner says. */
const A_CAN_LITRES = 20;

/** The comparison for one lot; null where there is no oil in it. */
export function waysTaskOf(yard: WaysYard, lot: VesselView, boughtLitres = A_CAN_LITRES): WaysTask | null {
  const mix = mixOf(lot.components, lot.thickness, yard.fluids).sort((a, b) => b.litres - a.litres);
  const oil = mix.find(
    (p) => p.fluid.family === "vegetable" || p.fluid.family === "fat" || p.fluid.family === "engine",
  );
  const readyAt = lot.settling?.readyAt;
  const daysToClear = readyAt ? Math.max(0, (Date.parse(readyAt) - Date.parse(yard.at)) / MS_PER_DAY) : 0;
  return oil ? taskFor(yard, oil, daysToClear, boughtLitres) : null;
}

/** The same for fried oil of the usual kind, before any of it stands in the yard. */
export const usualWaysTask = (yard: WaysYard, boughtLitres = A_CAN_LITRES): WaysTask =>
  taskFor(yard, { fluid: fluidIn(yard.fluids, "canola"), usedFactor: yard.settings.usedFactor }, 0, boughtLitres);

function taskFor(yard: WaysYard, oil: Ingredient, daysToClear: number, boughtLitres: number): WaysTask {
  const { settings, fluids } = yard;
  const price = (what: "diesel" | "kerosene" | "petrol"): number =>
    priceOf(yard, what, boughtLitres)?.perLitre ??
    (what === "diesel" ? settings.fuelPricePerLitre : USUAL_PRICES[what]);
  return {
    oil: { fluid: oil.fluid, usedFactor: oil.usedFactor },
    fluids,
    lowCelsius: settings.tonightLowCelsius,
    limitMm2PerS: settings.pumpLimitMm2PerS,
    daysToClear,
    petrolStandHours: settings.petrolStandHours,
    hasSecondTank: yard.vehicles.some((v) => v.vehicle.kind === "dual"),
    prices: {
      dieselPerLitre: price("diesel"),
      kerosenePerLitre: price("kerosene"),
      petrolPerLitre: price("petrol"),
      oilPerLitre: priceOf(yard, oil.fluid.id)?.perLitre ?? priceOf(yard, "canola")?.perLitre ?? 0,
      energyPerKwh: settings.energyPricePerKwh,
      wagePerHour: settings.wagePerHour,
    },
    marks: settings.wayMarks,
  };
}

/** The lot that ways are usually asked for: ready oil, most of it first; else what settles. */
export function usualLot(yard: WaysYard): VesselView | undefined {
  const oil = yard.vessels.filter((v) => v.litres > 1 && waysTaskOf(yard, v) !== null);
  const rank = (v: VesselView): number => (v.vessel.role === "ready" ? 0 : v.vessel.role === "settling" ? 1 : 2);
  return oil.sort((a, b) => rank(a) - rank(b) || b.litres - a.litres)[0];
}

/** Ways that the owner's kit stands idle for, and that pay at today's pump price; what each saves a litre. */
export function worthFiring(
  yard: WaysYard,
): { readonly id: WayId; readonly savesPerLitre: number; readonly way: WayFigures }[] {
  const { mothballed } = yard.settings;
  if (mothballed.length === 0) return [];
  const lot = usualLot(yard);
  const task = (lot && waysTaskOf(yard, lot)) ?? usualWaysTask(yard);
  const ways: WayAnswer[] = covered(() => compareWays(task)) ?? [];
  const base = ways.find((w) => w.id === "pump-diesel");
  if (!base || !isWay(base)) return [];
  return ways.filter(isWay).flatMap((way) => {
    const savesPerLitre = base.perLitre * way.energyRatio - way.perLitre;
    return mothballed.includes(way.id) && savesPerLitre > 0 ? [{ id: way.id, savesPerLitre, way }] : [];
  });
}
