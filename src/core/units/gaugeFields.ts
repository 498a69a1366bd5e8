/** What is wrong with a line of a gauge. */
export type GaugeError = "not-a-gauge" | "garbled" | "incomplete";

const SHAPE = /^BB1 (.{1,120})\*([0-9A-Fa-f]{2})$/;

const checksum = (text: string): number => [...text].reduce((sum, c) => sum ^ (c.codePointAt(0) ?? 0), 0) & 0xff;

/** A figure of a line by its name; null where it has none such, or where it is no number. */
export type GaugeFigure = (name: string) => number | null;

/**
 * The figures of one line, as `docs/gauge.md` has it: `BB1 s=812 l=20.4*4F`. After the star the exclusive-or of all bytes
 * between BB1 and the star, in hexadecimal. A garbled line is left out, never mended.
 */
export function gaugeFields(line: string): GaugeFigure | GaugeError {
  const match = SHAPE.exec(line.trim());
  if (!match) return line.trim().startsWith("BB1") ? "garbled" : "not-a-gauge";
  const [, body = "", sum = ""] = match;
  if (checksum(body) !== Number.parseInt(sum, 16)) return "garbled";
  const fields = new Map(body.split(" ").map((f) => f.split("=") as [string, string | undefined]));
  return (name) => {
    const text = fields.get(name);
    const value = text === undefined || text === "" ? Number.NaN : Number(text);
    return Number.isFinite(value) ? value : null;
  };
}

/** A line of such figures: names, and decimals of each; one that is null is left out. */
export function gaugeText(
  figures: readonly (readonly [name: string, value: number | null, decimals: number])[],
): string {
  const body = figures
    .flatMap(([name, value, decimals]) => (value === null ? [] : [`${name}=${value.toFixed(decimals)}`]))
    .join(" ");
  return `BB1 ${body}*${checksum(body).toString(16).toUpperCase().padStart(2, "0")}`;
}
