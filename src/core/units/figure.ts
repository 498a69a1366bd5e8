import { formatNumber } from "./format";

const SUPERSCRIPT = "⁰¹²³⁴⁵⁶⁷⁸⁹";
const LARGE = 1e7;
const SMALL = 1e-3;

/** Any figure to about three places: 0.0123, 4.56, 78.9, 1,842, 2.05 × 10¹². For numbers whose size is not known. */
export function formatFigure(value: number): string {
  if (!Number.isFinite(value)) return "–";
  const size = Math.abs(value);
  if (size !== 0 && (size >= LARGE || size < SMALL)) {
    const [digits = "", exponent = ""] = value.toExponential(2).split("e");
    const power = Number(exponent);
    const raised = [...String(Math.abs(power))].map((d) => SUPERSCRIPT[Number(d)]).join("");
    return `${formatNumber(Number(digits), 2)} × 10${power < 0 ? "⁻" : ""}${raised}`;
  }
  const decimals = size === 0 || size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : 3 - Math.ceil(Math.log10(size));
  const text = formatNumber(value, decimals);
  return text.includes(".") ? text.replace(/\.?0+$/, "") : text;
}
