import { LIMITS, type LimitRefusal } from "./limits";
import { holds, isSpirit, type Step, type StepPart, type Substance } from "./step";
import { type Conditions, NEEDS, NEVER, type NeedCode, type NeverCode } from "./table";

/** Why a step is not offered. */
export type Refusal = { readonly code: NeverCode } | LimitRefusal;

/** Something to have or do first. */
export type Need = { readonly code: NeedCode } | { readonly code: "alarm-before"; readonly endsInHours: number };

export interface Clearance {
  /** Any at all, and the step is not offered. */
  readonly refusals: readonly Refusal[];
  readonly needs: readonly Need[];
}

const HOT_CELSIUS = 60;

/**
 * May this step be offered? Every bench asks before it shows the button, and the store asks again before it writes.
 * A refusal names its reason; an offer comes with what it needs. Source: physics §10.
 */
export function askStep(step: Step): Clearance {
  const never = new Set(NEVER.filter((row) => meets(row, step)).map((row) => row.code));
  const wanted = new Set(NEEDS.filter((row) => meets(row, step)).map((row) => row.code));
  if (step.into.vented) wanted.delete("vented-cap");
  if (step.into.earthed) wanted.delete("bond-and-earth");
  const needs: Need[] = [...wanted].map((code) => ({ code }));
  if (step.celsius > HOT_CELSIUS) needs.push({ code: "hot-liquid" });
  const { unattended: u } = step;
  if (u) needs.push({ code: "alarm-before", endsInHours: u.litres / u.litresPerHour });
  return {
    refusals: [...[...never].map((code) => ({ code })), ...LIMITS.flatMap((limit) => limit(step))],
    needs,
  };
}

export const isCleared = (c: Clearance): boolean => c.refusals.length === 0;

/** Washed fuel keeps a trace of methanol that is nothing to fear; of all else any at all counts. */
const isThere = (parts: readonly StepPart[], x: Substance): boolean =>
  x === "methanol" ? isSpirit(parts, x) : holds(parts, x);

function meets(row: Conditions, s: Step): boolean {
  return (
    row.substances.some((x) => isThere(s.parts, x) || isThere(s.into.parts, x)) &&
    (row.operations?.includes(s.operation) ?? true) &&
    (row.drives?.includes(s.drive) ?? true) &&
    (row.places?.includes(s.into.place) ?? true) &&
    (row.materials?.includes(s.into.material) ?? true) &&
    (row.heated === undefined || s.into.heated) &&
    (row.open === undefined || s.into.open) &&
    (row.aboveCelsius === undefined || s.celsius > row.aboveCelsius)
  );
}
