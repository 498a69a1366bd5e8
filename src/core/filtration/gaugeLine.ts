/**
 * One line of a gauge, as `docs/gauge.md` has it: `BB1 s=812 l=20.4 kpa=8.7 c=11.5*4F`, in any order after BB1. Seconds since it
 * was switched on, litres through since then; kPa and °C where it has them. After the star the exclusive-or of all bytes
 * between BB1 and the star, in hexadecimal.
 */
export interface GaugeReading {
  readonly seconds: number;
  readonly litres: number;
  readonly kPa: number | null;
  readonly celsius: number | null;
}

export type GaugeError = "not-a-gauge" | "garbled" | "incomplete";

const SHAPE = /^BB1 (.{1,120})\*([0-9A-Fa-f]{2})$/;

const checksum = (text: string): number => [...text].reduce((sum, c) => sum ^ (c.codePointAt(0) ?? 0), 0) & 0xff;

/** What a line says, or what is wrong with it. A garbled line is left out, never mended. */
export function readGaugeLine(line: string): GaugeReading | GaugeError {
  const match = SHAPE.exec(line.trim());
  if (!match) return line.trim().startsWith("BB1") ? "garbled" : "not-a-gauge";
  const [, body = "", sum = ""] = match;
  if (checksum(body) !== Number.parseInt(sum, 16)) return "garbled";
  const fields = new Map(body.split(" ").map((f) => f.split("=") as [string, string | undefined]));
  const figure = (name: string): number | null => {
    const text = fields.get(name);
    const value = text === undefined || text === "" ? Number.NaN : Number(text);
    return Number.isFinite(value) ? value : null;
  };
  const [seconds, litres] = [figure("s"), figure("l")];
  if (seconds === null || litres === null || seconds < 0 || litres < 0) return "incomplete";
  return { seconds, litres, kPa: figure("kpa"), celsius: figure("c") };
}

/** The line that a gauge would send. */
export function gaugeLine({ seconds, litres, kPa, celsius }: GaugeReading): string {
  const body = [
    `s=${Math.round(seconds)}`,
    `l=${litres.toFixed(2)}`,
    ...(kPa === null ? [] : [`kpa=${kPa.toFixed(1)}`]),
    ...(celsius === null ? [] : [`c=${celsius.toFixed(1)}`]),
  ].join(" ");
  return `BB1 ${body}*${checksum(body).toString(16).toUpperCase().padStart(2, "0")}`;
}
