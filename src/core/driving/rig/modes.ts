import { type Outcome, outcomeOf } from "./outcome";
import { type Control, holdsOf, type Rig } from "./parts";
import { AUTO, type Setting } from "./setting";

/**
 * What a rig's controls make of it, with the engine running: `diesel` feeds and keeps diesel, `oil` feeds oil that goes
 * back where it came from or round, `purge` feeds diesel while what comes back goes anywhere but to the diesel tank.
 * Anything else is wrong.
 */
export type Mode = "diesel" | "purge" | "oil" | "wrong";

/** A position for every control. */
export type Positions = Readonly<Record<string, string>>;

export interface Stand {
  readonly at: Positions;
  readonly mode: Mode;
  readonly outcome: Outcome;
}

/** Every way the controls can stand. A thermostat's own choice is left out: it is one of the others. */
export function standsOf(rig: Rig, burnLitresPerMinute: number): Stand[] {
  return combinationsOf(rig.controls).map((at) => {
    const outcome = outcomeOf(rig, running(at), burnLitresPerMinute);
    return { at, outcome, mode: modeOf(rig, outcome) };
  });
}

export const running = (at: Positions): Setting => ({ power: true, runs: true, at });

export function combinationsOf(controls: readonly Control[]): Positions[] {
  return controls.reduce<Positions[]>(
    (all, c) =>
      all.flatMap((at) => c.positions.filter((p) => !(c.thermostat && p === AUTO)).map((p) => ({ ...at, [c.id]: p }))),
    [{}],
  );
}

const MOSTLY = 0.5;

export function modeOf(rig: Rig, outcome: Outcome): Mode {
  if (outcome.starves || outcome.isShutIn) return "wrong";
  const holds = (tank: string) => holdsOf(rig, tank);
  const drawsFrom = Object.entries(outcome.draws).filter(([, rate]) => rate > 0);
  const isJoined = drawsFrom.length > 1;
  if (isJoined || outcome.astray.some((a) => holds(a.to) === "diesel")) return "wrong";
  const oil = Object.entries(outcome.reaches).reduce((sum, [tank, s]) => sum + (holds(tank) === "oil" ? s : 0), 0);
  if (oil > MOSTLY) return "oil";
  return outcome.loops > 0 || outcome.astray.length > 0 ? "purge" : "diesel";
}

const restsOf = (rig: Rig, at: Positions): number => rig.controls.filter((c) => at[c.id] === c.positions[0]).length;

/** The return is looped for good: diesel comes through the loop or not at all, and that is how it runs on diesel. */
export const isLoopedForGood = (stands: readonly { readonly mode: Mode }[]): boolean =>
  stands.every((s) => s.mode !== "diesel") && stands.some((s) => s.mode === "purge");

/** The stand that a driver means by a mode: for oil everything is turned, for the others as much as may be rests. */
export function standFor(rig: Rig, stands: readonly Stand[], mode: Exclude<Mode, "wrong">): Stand | null {
  const sign = mode === "oil" ? -1 : 1;
  const wanted = mode === "diesel" && isLoopedForGood(stands) ? "purge" : mode;
  const fit = stands.filter((s) => s.mode === wanted);
  return fit.reduce<Stand | null>(
    (best, s) => (best && sign * restsOf(rig, best.at) >= sign * restsOf(rig, s.at) ? best : s),
    null,
  );
}

export interface Turn {
  readonly control: string;
  readonly position: string;
}

/**
 * Turns from one stand to another, one control at a time, by the fewest that are never wrong on the way; where there is
 * no such way, by the fewest wrong ones.
 */
export function turnsTo(rig: Rig, stands: readonly Stand[], from: Positions, to: Positions): Turn[] {
  const key = (at: Positions): string => rig.controls.map((c) => at[c.id] ?? c.positions[0]).join("|");
  const isWrong = new Map(stands.map((s) => [key(s.at), s.mode === "wrong"]));
  let open: { at: Positions; turns: Turn[]; wrong: number }[] = [{ at: from, turns: [], wrong: 0 }];
  const seen = new Set<string>();
  const cost = (w: { turns: readonly Turn[]; wrong: number }): number => w.wrong * 100 + w.turns.length;
  while (open.length > 0) {
    const best = open.reduce((a, b) => (cost(b) < cost(a) ? b : a));
    open = open.filter((w) => w !== best);
    if (key(best.at) === key(to)) return best.turns;
    if (seen.has(key(best.at))) continue;
    seen.add(key(best.at));
    // Controls in the order they are listed: fuel first, return last.
    for (const c of rig.controls)
      for (const position of c.positions) {
        if (position === (best.at[c.id] ?? c.positions[0]) || (c.thermostat && position === AUTO)) continue;
        const at = { ...best.at, [c.id]: position };
        const wrong = best.wrong + (isWrong.get(key(at)) ? 1 : 0);
        open.push({ at, turns: [...best.turns, { control: c.id, position }], wrong });
      }
  }
  return [];
}
