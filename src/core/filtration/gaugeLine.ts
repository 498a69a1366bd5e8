import { type GaugeError, gaugeFields, gaugeText } from "../units";

/**
 * One line of a gauge on a filter line, as `docs/gauge.md` has it: `BB1 s=812 l=20.4 kpa=8.7 c=11.5*4F`, in any order
 * after BB1. Seconds since it was switched on, litres through since then; kPa and °C where it has them.
 */
export interface GaugeReading {
  readonly seconds: number;
  readonly litres: number;
  readonly kPa: number | null;
  readonly celsius: number | null;
}

/** What a line says, or what is wrong with it. */
export function readGaugeLine(line: string): GaugeReading | GaugeError {
  const figure = gaugeFields(line);
  if (typeof figure === "string") return figure;
  const [seconds, litres] = [figure("s"), figure("l")];
  if (seconds === null || litres === null || seconds < 0 || litres < 0) return "incomplete";
  return { seconds, litres, kPa: figure("kpa"), celsius: figure("c") };
}

/** The line that a gauge would send. */
export const gaugeLine = ({ seconds, litres, kPa, celsius }: GaugeReading): string =>
  gaugeText([
    ["s", Math.round(seconds), 0],
    ["l", litres, 2],
    ["kpa", kPa, 1],
    ["c", celsius, 1],
  ]);
