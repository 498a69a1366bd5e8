import { OutOfRange, Refused } from "../numerics";
import { fail, ok, type Result } from "../units";
import type * as z from "../zod";
import type { AnyCalculation, Progress } from "./calculation";
import { type FieldIssue, issuesOf } from "./issues";
import { type CalculationName, type CalculationOf, EVERY_CALCULATION } from "./registry";

/** Why a calculation gave no answer. Fields are paths with points: `temperatures.0.1`. */
export type CalculationError =
  | { readonly code: "unknown-calculation"; readonly name: string }
  | { readonly code: "invalid-input"; readonly issues: readonly FieldIssue[] }
  | {
      readonly code: "out-of-range";
      readonly field: string;
      readonly value: number;
      readonly min: number;
      readonly max: number;
    }
  | { readonly code: "refused"; readonly field: string; readonly reason: string };

export type InputOf<N extends CalculationName> = z.input<CalculationOf<N>["input"]>;
export type OutputOf<N extends CalculationName> = z.output<CalculationOf<N>["output"]>;

const BY_NAME = new Map<string, AnyCalculation>(EVERY_CALCULATION.map((c) => [c.name, c]));

export const isCalculation = (name: string): name is CalculationName => BY_NAME.has(name);
export const calculationNamed = (name: CalculationName): AnyCalculation => BY_NAME.get(name) as AnyCalculation;

const silent: Progress = () => undefined;

/** The door: input from anywhere, checked and completed, and an answer whose every figure is finite, or why there is none. */
export function calculateAny(
  name: string,
  raw: unknown,
  progress: Progress = silent,
): Result<unknown, CalculationError> {
  const found = BY_NAME.get(name);
  if (!found) return fail({ code: "unknown-calculation", name });
  const read = found.input.safeParse(raw, { reportInput: true });
  if (!read.success) return fail({ code: "invalid-input", issues: issuesOf(read.error) });
  try {
    const answer = found.output.safeParse(found.run(read.data, progress));
    if (answer.success) return ok(answer.data);
    return fail({ code: "refused", field: "", reason: "these numbers together are beyond what can be reckoned" });
  } catch (error) {
    if (error instanceof OutOfRange)
      return fail({ code: "out-of-range", field: error.field, value: error.value, min: error.min, max: error.max });
    if (error instanceof Refused) return fail({ code: "refused", field: error.field, reason: error.reason });
    throw error;
  }
}

/** The same for a name that is known, with its types. */
export const calculate = <N extends CalculationName>(
  name: N,
  input: InputOf<N>,
  progress: Progress = silent,
): Result<OutputOf<N>, CalculationError> =>
  calculateAny(name, input, progress) as Result<OutputOf<N>, CalculationError>;
