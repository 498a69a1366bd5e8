import { checksumOf } from "./checksum";

const HEAD = new Set(["format", "schema", "exportedAt", "count", "checksum", "entries"]);
const ISO = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/;

/**
 * The entries of a file of schema 1 to 4, as one line each; null where it was changed. Its checksum is that of
 * `JSON.stringify(entries)`, so such a file may be re-indented, and its head is only known by its shape.
 */
export function readOlderYard(file: object): string[] | null {
  const { exportedAt, checksum, entries } = file as Record<string, unknown>;
  if (Object.keys(file).some((key) => !HEAD.has(key))) return null;
  if (typeof exportedAt !== "string" || !ISO.test(exportedAt) || !Number.isFinite(Date.parse(exportedAt))) return null;
  if (checksum !== checksumOf(JSON.stringify(entries))) return null;
  return (entries as unknown[]).map((entry) => JSON.stringify(entry));
}
