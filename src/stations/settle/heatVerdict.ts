import type { SettleBench } from "@/core/readings";
import { formatNumber, MS_PER_DAY } from "@/core/units";

/** Whether a day of the kettle's heat pays. */
export function heatVerdict(b: SettleBench, litres: (l: number) => string): string {
  const { heated, asItIs } = b;
  const energy = `${formatNumber(heated.kWh, 1)} kWh, the energy in ${litres(heated.oilLitres)} of this oil`;
  if (heated.readyAt === null) return "Warming it once does not clear it at this cold.";
  if (asItIs.readyAt === null) return `Warming it pays: left alone it never clears. It takes ${energy}.`;
  const days = (Date.parse(asItIs.readyAt) - Date.parse(heated.readyAt)) / MS_PER_DAY;
  return days > 0.5
    ? `Warming it once saves ${formatNumber(days, days < 10 ? 1 : 0)} days for ${energy}.`
    : `Warming it does not pay: it stirs everything up again, and takes ${energy}.`;
}
