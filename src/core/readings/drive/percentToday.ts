import { type MixPart, mixLitres, topUp } from "../../blending";
import { type FluidTable, fluidIn } from "../../fluids";
import type { Settings, Vehicle } from "../../ledger";
import { type Priced, priceOf } from "../blend/prices";
import { covered } from "../covered";
import { mixOf } from "../vessel/mixture";
import type { RiddenTank } from "./ridden";
import { marksOf } from "./vehicleCold";

/** How much oil goes straight into the main tank today, before it is filled at a pump. */
export interface PercentToday {
  readonly oilLitres: number;
  readonly pumpLitres: number;
  /** Of the full tank, what is not pump diesel. */
  readonly oilShare: number;
  /** Of what would else have been bought at the pump. */
  readonly saved: number | null;
}

interface Asked {
  readonly vehicle: Vehicle;
  readonly tank: RiddenTank;
  /** What is poured: a ready drum. */
  readonly oil: RiddenTank;
  readonly settings: Settings;
  readonly fluids: FluidTable;
  readonly priced: Priced;
}

/** "full" where there is no room; null where not even diesel alone helps. */
export function percentToday({ vehicle, tank, oil, settings, fluids, priced }: Asked): PercentToday | "full" | null {
  const { tonightLowCelsius: low, pumpLimitMm2PerS: limit } = marksOf(settings, vehicle);
  const contents = mixOf(tank.components, tank.thickness, fluids);
  const poured = mixOf(oil.components, oil.thickness, fluids);
  const diesel: MixPart[] = [{ fluid: fluidIn(fluids, "diesel"), litres: 1, usedFactor: 1 }];
  if (poured.length === 0) return null;
  const plan = covered(() => topUp(contents, tank.capacityLitres, poured, diesel, low, limit));
  if (plan === null || !("oilLitres" in plan)) return plan?.code === "tank-full" ? "full" : null;
  const oilLitres = Math.min(plan.oilLitres, mixLitres(poured));
  const pumpLitres = plan.thinnerLitres + plan.oilLitres - oilLitres;
  const price = priceOf(priced, "diesel", pumpLitres)?.perLitre ?? null;
  return {
    oilLitres,
    pumpLitres,
    oilShare: oilLitres / tank.capacityLitres,
    saved: price === null ? null : price * oilLitres,
  };
}
