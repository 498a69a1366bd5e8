import type { YardReading } from "../readings";
import type { Advice, Rule } from "./advice";
import { BLEND_RULES } from "./rules/blend";
import { DRIVE_RULES } from "./rules/drive";
import { KETTLE_RULES } from "./rules/kettle";
import { RAW_RULES } from "./rules/raw";
import { ROUNDS_RULES } from "./rules/rounds";
import { SETTLE_RULES } from "./rules/settle";
import { STORE_RULES } from "./rules/store";

/** Every rule of the house, what hurts most first. */
export const RULES: readonly Rule[] = [
  ...BLEND_RULES,
  ...DRIVE_RULES,
  ...KETTLE_RULES,
  ...RAW_RULES,
  ...ROUNDS_RULES,
  ...SETTLE_RULES,
  ...STORE_RULES,
].sort((a, b) => a.rank - b.rank);

/** What is due, soonest first; at one moment in the order of the rules. */
export function advise(reading: YardReading): Advice[] {
  const all = RULES.flatMap((rule) => rule.advise(reading));
  // Text order is time order; what was due long ago is due now, before all that is to come.
  const due = (a: Advice): string => (a.dueAt > reading.now ? a.dueAt : "");
  return all.sort((a, b) => (due(a) < due(b) ? -1 : due(a) > due(b) ? 1 : 0));
}
