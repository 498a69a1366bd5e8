/** What a lot is meant to be. */
export type FuelKind = "ester" | "straight-oil";
export type MarkName = "waterPpm" | "acidNumber" | "nu40Mm2PerS" | "rho15KgPerL" | "dirtMgPerKg";

/** A mark: what was read must lie from `min` to `max`. */
export interface Mark {
  readonly name: MarkName;
  readonly min: number;
  readonly max: number;
}

/** Where the owner starts; every one is theirs to change. Sources: EN 14214 for ester, DIN 51605 for straight oil. */
export const MARKS: Readonly<Record<FuelKind, readonly Mark[]>> = {
  ester: [
    { name: "waterPpm", min: 0, max: 500 },
    { name: "acidNumber", min: 0, max: 0.5 },
    { name: "nu40Mm2PerS", min: 3.5, max: 5 },
    { name: "rho15KgPerL", min: 0.86, max: 0.9 },
  ],
  "straight-oil": [
    { name: "waterPpm", min: 0, max: 750 },
    { name: "acidNumber", min: 0, max: 2 },
    { name: "nu40Mm2PerS", min: 0, max: 36 },
    { name: "dirtMgPerKg", min: 0, max: 24 },
  ],
};

export type Readings = { readonly [K in MarkName]?: number | undefined };
export type MarkVerdict = Mark & {
  readonly read: number | null;
  readonly verdict: "within" | "outside" | "not-tested";
};

/** Each mark against what was read. What was not read is not tested: never passed. */
export const judgeMarks = (marks: readonly Mark[], readings: Readings): MarkVerdict[] =>
  marks.map(({ name, min, max }) => {
    const read = readings[name] ?? null;
    const verdict = read === null ? "not-tested" : read >= min && read <= max ? "within" : "outside";
    return { name, min, max, read, verdict };
  });
