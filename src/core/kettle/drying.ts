import { OIL_J_PER_KG_K } from "../fluids";

const WATER_KJ_PER_KG = 2257;
const J_PER_KWH = 3.6e6;

/** kWh to warm oil and boil its water off: (m·cp·ΔT/3.6e6 + water·2257/3600)/efficiency. Efficiency 0 to 1. */
export function dryingKWh(
  oilKg: number,
  fromCelsius: number,
  toCelsius: number,
  waterKg: number,
  efficiency: number,
): number {
  const warm = (oilKg * OIL_J_PER_KG_K * (toCelsius - fromCelsius)) / J_PER_KWH;
  return (warm + (waterKg * WATER_KJ_PER_KG) / 3600) / efficiency;
}

/** Water in a sample by weighing it before and after it was heated dry, % by mass. */
export const weighTestPct = (wetG: number, dryG: number): number => ((wetG - dryG) / wetG) * 100;
