import { mixLhvMJPerL, mixLitres, mixRho15KgPerL } from "../../blending";
import { dryingKWh } from "../../kettle";
import type { YardState } from "../../ledger";
import { celsiusAt, coolingTo, type TemperaturePoint } from "../../settling";
import { shedFrom } from "./course";
import type { Question } from "./settlingQuestion";

/** A lot warmed once in a lagged kettle and left to cool: what it takes, and how warm it stays. */
export interface HeatPlan {
  readonly fromCelsius: number;
  readonly toCelsius: number;
  readonly kWh: number;
  readonly cost: number;
  /** Until it is hot: stirred by its own warmth all the while. */
  readonly heaterHours: number;
  /** The energy as litres of this oil. */
  readonly oilLitres: number;
  /** Hours since the heater went off. */
  readonly cooling: readonly TemperaturePoint[];
}

/** Of a kettle's heat a tenth goes past the oil. */
export const HEATER_EFFICIENCY = 0.9;
const MJ_PER_KWH = 3.6;

/** Heat for a day: m·cp·ΔT/efficiency, then Newton's cooling towards the shed. Source: physics §5 (drying), §3. */
export function heatPlan(yard: YardState, q: Question, now: string): HeatPlan {
  const { warmToCelsius, heaterKw, coolingHours, energyPricePerKwh } = yard.settings;
  const from = celsiusAt(q.temperatures, q.hours);
  const toCelsius = Math.max(from, warmToCelsius);
  const kg = mixLitres(q.mix) * mixRho15KgPerL(q.mix);
  const kWh = dryingKWh(kg, from, toCelsius, 0, HEATER_EFFICIENCY);
  return {
    fromCelsius: from,
    toCelsius,
    kWh,
    cost: kWh * energyPricePerKwh,
    heaterHours: kWh / heaterKw,
    oilLitres: (kWh * MJ_PER_KWH) / mixLhvMJPerL(q.mix),
    cooling: coolingTo(shedFrom(yard, now), toCelsius, coolingHours),
  };
}
