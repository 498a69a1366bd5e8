import { formatNumber } from "@/core/units";

/** "1 bag", "3 bags", "1,204 entries": a count with its word, which is not always the singular and an s. */
export const counted = (n: number, one: string, many = `${one}s`): string =>
  `${formatNumber(n, 0)} ${n === 1 ? one : many}`;
