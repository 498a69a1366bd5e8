import { combinationsOf, isLoopedForGood, type Mode, modeOf, type Positions } from "./modes";
import { astrayInto, type Outcome, outcomeOf } from "./outcome";
import { isValve, type Rig } from "./parts";

/** One way a rig can stand, and what then happens to the diesel tank. */
export interface ProofRow {
  readonly power: boolean;
  readonly at: Positions;
  /** A valve that does not move any more, and whether it stuck turned. */
  readonly stuck: { readonly part: string; readonly turned: boolean } | null;
  readonly outcome: Outcome;
  readonly mode: Mode;
  readonly verdict: Verdict;
  /** L/min of oil into the diesel tank. */
  readonly fouls: number;
}

/** `safe`: no oil goes into the diesel tank, and the engine runs. */
export type Verdict = "safe" | "fouls" | "joined" | "starves" | "shut-in";

export type Finding =
  /** Without power the engine has oil, or oil goes into the diesel tank, while the switches stand so; null: however they stand. */
  | { readonly code: "rests-on-oil"; readonly at: Positions | null; readonly isHand: boolean }
  /** The position is called one thing and does another. */
  | { readonly code: "named-otherwise"; readonly at: Positions; readonly named: string; readonly mode: Mode }
  /** This valve, turned round, would set that right. */
  | { readonly code: "reversed"; readonly part: string }
  | { readonly code: "no-purge" }
  /** One stuck part fouls the diesel tank while all else is as it should be. */
  | { readonly code: "stuck-fouls"; readonly part: string; readonly turned: boolean; readonly at: Positions };

export interface Proof {
  readonly rows: readonly ProofRow[];
  readonly findings: readonly Finding[];
}

/** Every combination of power, positions and one stuck valve, with the engine running. */
export function proofOf(rig: Rig, burnLitresPerMinute: number): Proof {
  const valves = rig.parts.filter(isValve);
  const stuckOnes: ProofRow["stuck"][] = [
    null,
    ...valves.flatMap((v) => [
      { part: v.id, turned: true },
      { part: v.id, turned: false },
    ]),
  ];
  const rows = [true, false].flatMap((power) =>
    combinationsOf(rig.controls).flatMap((at) =>
      stuckOnes.map((stuck) => rowOf(rig, power, at, stuck, burnLitresPerMinute)),
    ),
  );
  return { rows, findings: rig.controls.length === 0 ? [] : findingsOf(rig, rows, burnLitresPerMinute) };
}

function rowOf(rig: Rig, power: boolean, at: Positions, stuck: ProofRow["stuck"], burn: number): ProofRow {
  const setting = { power, runs: true, at, ...(stuck && { stuck: { [stuck.part]: stuck.turned } }) };
  const outcome = outcomeOf(rig, setting, burn);
  const fouls = astrayInto(outcome, "diesel", rig);
  return { power, at, stuck, outcome, fouls, mode: modeOf(rig, outcome), verdict: verdictOf(outcome, fouls) };
}

function verdictOf(o: Outcome, fouls: number): Verdict {
  if (o.starves) return "starves";
  if (o.isShutIn) return "shut-in";
  if (fouls > 0) return "fouls";
  return Object.values(o.draws).filter((rate) => rate > 0).length > 1 ? "joined" : "safe";
}

/** What a stand is called: the one name all its controls agree on, or the engine's return where they do on the rest. */
function nameOf(rig: Rig, at: Positions): Mode | null {
  const names = rig.controls.map((c) => at[c.id] ?? "");
  if (names.every((n) => n === "diesel")) return "diesel";
  if (names.every((n) => n === "purge")) return "purge";
  return names.every((n) => n === "oil" || n === "loop") ? "oil" : null;
}

function misnamedIn(rig: Rig, rows: readonly ProofRow[]): ProofRow[] {
  const isLooped = isLoopedForGood(rows);
  return rows.filter((r) => {
    const named = nameOf(rig, r.at);
    const does = isLooped && named === "diesel" && r.mode === "purge" ? "diesel" : r.mode;
    return named !== null && named !== does;
  });
}

function findingsOf(rig: Rig, rows: readonly ProofRow[], burn: number): Finding[] {
  const sound = rows.filter((r) => r.power && !r.stuck);
  const dark = rows.filter((r) => !r.power && !r.stuck);
  const misnamed = misnamedIn(rig, sound);
  const moved = rig.parts.filter(isValve);
  const isHand = moved.every((v) => v.moved !== "solenoid");
  const rests = dark.filter((r) => r.mode === "oil" || r.mode === "wrong");
  const right = sound.filter((r) => r.mode !== "wrong");
  const stuck = rows.filter((r) => r.stuck && r.power && r.verdict === "fouls" && right.some((s) => s.at === r.at));
  return [
    ...misnamed.map(
      (r): Finding => ({ code: "named-otherwise", at: r.at, named: nameOf(rig, r.at) ?? "", mode: r.mode }),
    ),
    ...(misnamed.length > 0 ? reversedOnes(rig, burn) : []),
    // What no hand valve can do is said once, and is no fault of any stand.
    ...(rests.length === 0 ? [] : isHand || rests.length === dark.length ? [null] : rests.map((r) => r.at)).map(
      (at): Finding => ({ code: "rests-on-oil", at, isHand }),
    ),
    ...(sound.some((r) => r.mode === "purge") ? [] : [{ code: "no-purge" } as const]),
    ...stuck.flatMap((r): Finding[] => (r.stuck ? [{ code: "stuck-fouls", ...r.stuck, at: r.at }] : [])),
  ];
}

/** Valves that, turned round, set every name right. */
function reversedOnes(rig: Rig, burn: number): Finding[] {
  return rig.parts.filter(isValve).flatMap((v): Finding[] => {
    const parts = rig.parts.map((p) => (p.id === v.id && isValve(p) ? { ...p, isReversed: !p.isReversed } : p));
    const turned = { ...rig, parts };
    const rows = combinationsOf(rig.controls).map((at) => rowOf(turned, true, at, null, burn));
    return misnamedIn(turned, rows).length === 0 ? [{ code: "reversed", part: v.id }] : [];
  });
}
