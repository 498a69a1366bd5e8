/** What a batch is asked before it may be called fuel. */
export const FUEL_TESTS = ["solubility", "soap", "water", "wash-ph", "cold-jar", "density", "acid-number"] as const;
export type FuelTest = (typeof FUEL_TESTS)[number];

/** Where the owner starts; every one may be changed. Water, acid number and density after EN 14214. */
export interface FuelTestMarks {
  /** Of a sample in methanol, what may fall out. */
  readonly undissolvedShare: number;
  readonly soapPpm: number;
  readonly waterPpm: number;
  /** Of the last wash water. */
  readonly phFrom: number;
  readonly phTo: number;
  readonly rho15FromKgPerL: number;
  readonly rho15ToKgPerL: number;
  readonly acidNumber: number;
  /** Tests that a batch needs; the others are kept where they are made. */
  readonly needed: readonly FuelTest[];
}

export const DEFAULT_FUEL_TEST_MARKS: FuelTestMarks = {
  undissolvedShare: 0.03,
  soapPpm: 100,
  waterPpm: 500,
  phFrom: 6,
  phTo: 8,
  rho15FromKgPerL: 0.86,
  rho15ToKgPerL: 0.9,
  acidNumber: 0.5,
  needed: ["solubility", "soap", "water"],
};

/** One test as read: a share, ppm, pH, kg/L or mg KOH/g; of a jar in the cold whether it stayed clear. */
export interface TestRead {
  readonly test: FuelTest;
  readonly value: number;
  readonly at: string;
}

/** 1 for clear, 0 for cloudy or set. */
const CLEAR = 1;

export function isWithin({ test, value }: Pick<TestRead, "test" | "value">, m: FuelTestMarks): boolean {
  switch (test) {
    case "solubility":
      return value <= m.undissolvedShare;
    case "soap":
      return value <= m.soapPpm;
    case "water":
      return value <= m.waterPpm;
    case "wash-ph":
      return value >= m.phFrom && value <= m.phTo;
    case "cold-jar":
      return value >= CLEAR;
    case "density":
      return value >= m.rho15FromKgPerL && value <= m.rho15ToKgPerL;
    case "acid-number":
      return value <= m.acidNumber;
  }
}

export type BatchVerdict = "passed" | "failed" | "open";

/**
 * The last word of each test counts: one outside fails the batch, all that are needed inside pass it. An acid wash asks
 * for the acid number besides: it leaves free acid in the fuel.
 */
export function verdictOf(reads: readonly TestRead[], m: FuelTestMarks, acidWashed: boolean): BatchVerdict {
  const last = new Map(reads.map((r) => [r.test, r]));
  if ([...last.values()].some((r) => !isWithin(r, m))) return "failed";
  return neededTests(m, acidWashed).every((t) => last.has(t)) ? "passed" : "open";
}

export const neededTests = (m: FuelTestMarks, acidWashed: boolean): readonly FuelTest[] =>
  FUEL_TESTS.filter((t) => m.needed.includes(t) || (acidWashed && t === "acid-number"));
