/**
 * Numbers as a person in a shed reads them: point decimal, comma thousands, a true minus. Independent of locale,
 * so that the same yard prints the same everywhere.
 */
export function formatNumber(value: number, decimals: number): string {
  if (!Number.isFinite(value)) return "–";
  const [whole = "0", fraction] = Math.abs(value).toFixed(decimals).split(".");
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, ",");
  const text = fraction === undefined ? grouped : `${grouped}.${fraction}`;
  return value < 0 && Number(text.replaceAll(",", "")) !== 0 ? `−${text}` : text;
}

/** As many decimals as the size deserves: 0.42, 4.2, 42, 1,842. */
export function formatReadable(value: number): string {
  const size = Math.abs(value);
  return formatNumber(value, size >= 19.95 ? 0 : size >= 0.995 || size === 0 ? 1 : 2).replace(/\.0$/, "");
}
