import { ok, type Result } from "../units";
import { type CalculationError, calculateAny, calculationNamed, isCalculation } from "./calculate";
import { type Description, describeCalculation } from "./describe";
import { type Leaf, leavesOf, moved } from "./leaves";

/** The answer there; or there is none; or the input cannot be so. */
export type Moved = number | "none" | "impossible";

/** What the answer does when one input moves a tenth down and up, all others held. */
export interface Effect {
  readonly title: string;
  readonly unit: string;
  readonly low: Moved;
  readonly high: Moved;
  /** The wider of the two moves, as a share of the answer; infinity where it makes there be none. */
  readonly weight: number;
}

/** All that Why shows of one answer. */
export interface Explanation {
  readonly calculation: Description;
  readonly inputs: readonly Leaf[];
  readonly answer: { readonly title: string; readonly unit: string; readonly value: number | null };
  /** Strongest first. */
  readonly effects: readonly Effect[];
}

/**
 * Equation, inputs, source and range of an answer, and what would change it most: each number a tenth down and up, one
 * at a time; temperatures by a degree at the least, since a tenth of 0 °C is nothing. Lists move as a whole.
 */
export function explain(name: string, raw: unknown): Result<Explanation, CalculationError> {
  const here = calculateAny(name, raw);
  if (!here.ok) return here;
  if (!isCalculation(name)) return { ok: false, error: { code: "unknown-calculation", name } };
  const declared = calculationNamed(name);
  const calculation = describeCalculation(declared);
  const value = answerIn(here.value, calculation.answer);
  const complete = declared.input.parse(raw);
  const leaves = leavesOf(declared.input, complete);
  const at = (leaf: Leaf, tenths: 1 | -1): Moved => {
    const there = calculateAny(name, moved(complete, leaf, tenths));
    if (!there.ok) return there.error.code === "invalid-input" ? "impossible" : "none";
    return answerIn(there.value, calculation.answer) ?? "none";
  };
  const effects = leaves.flatMap((leaf): Effect[] => {
    if (leaf.values.length === 0) return [];
    const [low, high] = [at(leaf, -1), at(leaf, 1)];
    const weight = Math.max(weightOf(value, low), weightOf(value, high));
    return weight > ROUNDING ? [{ title: leaf.title, unit: leaf.unit, low, high, weight }] : [];
  });
  const answer = calculation.outputs.find((o) => o.field === calculation.answer);
  return ok({
    calculation,
    inputs: leaves,
    answer: { title: answer?.title ?? calculation.answer, unit: answer?.unit ?? "", value },
    effects: effects.sort((a, b) => b.weight - a.weight),
  });
}

/** Moves smaller than this are the last digits of a double, no effect. */
const ROUNDING = 1e-9;

function answerIn(output: unknown, field: string): number | null {
  const found = (output as Record<string, unknown>)[field];
  return typeof found === "number" ? found : null;
}

function weightOf(value: number | null, there: Moved): number {
  if (there === "impossible") return 0;
  if (value === null || there === "none") return value === null && there === "none" ? 0 : Number.POSITIVE_INFINITY;
  const change = Math.abs(there - value);
  return value === 0 ? change : change / Math.abs(value);
}
