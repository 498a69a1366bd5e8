import type { Advice } from "./advice";
import type { Reading } from "./reading";
import { fill, notPurged, taintedDiesel, tooThick } from "./rules/drive";
import { kettleWork, sortRaw } from "./rules/raw";
import { goOn, planRound } from "./rules/rounds";
import { cleanOut, drawOff, heels, overflowFull, poolHeel, wet } from "./rules/settle";
import { emptyWaste, filter, slowBag } from "./rules/store";

/** Every rule of the house. A new one is a function here and its words in the interface. */
const RULES: readonly ((reading: Reading) => Advice[])[] = [
  goOn,
  notPurged,
  taintedDiesel,
  tooThick,
  wet,
  drawOff,
  cleanOut,
  overflowFull,
  poolHeel,
  slowBag,
  filter,
  sortRaw,
  planRound,
  heels,
  fill,
  kettleWork,
  emptyWaste,
];

/** What is due, soonest first; at one moment in the order of the rules, which is the order of what hurts. */
export function advise(reading: Reading): Advice[] {
  const all = RULES.flatMap((rule) => rule(reading));
  const due = (a: Advice): string => [a.dueAt, reading.now].sort()[1] ?? a.dueAt;
  return all.sort((a, b) => due(a).localeCompare(due(b)));
}
