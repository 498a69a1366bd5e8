import type { FuelTest } from "@/core/kettle";
import { formatNumber } from "@/core/units";

const UNIT: Readonly<Record<FuelTest, string>> = {
  solubility: "",
  soap: "ppm",
  water: "ppm",
  "wash-ph": "pH",
  "cold-jar": "",
  density: "kg/L",
  "acid-number": "mg KOH/g",
};

/** A reading as its owner says it. */
export function readWords(test: FuelTest, value: number): string {
  if (test === "solubility") return `${formatNumber(value * 100, 1)} % fell out`;
  if (test === "cold-jar") return value >= 1 ? "clear" : "cloudy or set";
  const decimals = test === "density" ? 3 : test === "wash-ph" ? 1 : test === "acid-number" ? 2 : 0;
  return `${formatNumber(value, decimals)} ${UNIT[test]}`.trim();
}
