import type { Move } from "@/core/driving";
import { FORESEEN_MINUTES, type Foreseen, type Mode, type Rig, type Turn } from "@/core/driving/rig";
import { formatMinutes, formatNumber } from "@/core/units";
import type { Units } from "@/ui/words";

export const POSITION_WORDS: Readonly<Record<string, string>> = {
  diesel: "diesel",
  oil: "oil",
  purge: "purge",
  loop: "loop",
  back: "back-purge",
  auto: "by itself",
};
export const positionWords = (position: string): string => POSITION_WORDS[position] ?? position;

export const MODE_WORDS: Readonly<Record<Mode, string>> = {
  diesel: "on diesel",
  oil: "on oil",
  purge: "purging",
  wrong: "a valve stands wrong",
};

export const controlName = (rig: Rig, control: string): string =>
  rig.controls.find((c) => c.id === control)?.name ?? control;

/** "Supply to oil". */
export const turnWords = (rig: Rig, t: Turn): string =>
  `${controlName(rig, t.control)} to ${positionWords(t.position)}`;

/** "Return to oil, then supply to oil". */
export const turnsWords = (rig: Rig, turns: readonly Turn[]): string =>
  turns
    .map((t, i) => (i === 0 ? turnWords(rig, t) : turnWords(rig, t).replace(/^./, (c) => c.toLowerCase())))
    .join(", then ");

const minutesLeft = (minutes: number): string =>
  minutes < 1 ? `${Math.max(5, Math.ceil((minutes * 60) / 5) * 5)} s` : formatMinutes(Math.ceil(minutes));

/** What to do, in a line, and why. */
export function moveWords(move: Move, rig: Rig, u: Units): { readonly what: string; readonly why: string } {
  switch (move.code) {
    case "start":
      return { what: "Start on diesel", why: "Valves as they rest. The line holds what the last stop left." };
    case "one-tank":
      return move.isThin
        ? { what: "Run as it is", why: "Thin enough for the pump." }
        : {
            what: "Go gently",
            why: `At the pump it has about ${formatNumber(move.nuMm2PerS, 0)} mm²/s: no load until it is warm, and thinner fuel for such mornings.`,
          };
    case "warm": {
      const lacks =
        move.why.code === "too-cool"
          ? "Oil at the pump would be too cool."
          : move.why.code === "too-thick"
            ? `Oil at the pump would be too thick: ${formatNumber(move.why.nuMm2PerS, 0)} mm²/s, limit ${formatNumber(move.why.limitMm2PerS, 0)}.`
            : "";
      return move.minutesLeft === null
        ? { what: "Stay on diesel", why: `${lacks} It does not get there as it is rigged, as warm as the engine gets.` }
        : { what: `Warm up, about ${minutesLeft(move.minutesLeft)} more`, why: lacks };
    }
    case "switch":
      return { what: "Switch to oil", why: `Hot and thin enough. ${turnsWords(rig, move.turns)}.` };
    case "run":
      return {
        what: "Run on oil",
        why: `Before a long or cold stop, purge: about ${minutesLeft(move.purgeMinutes)}.`,
      };
    case "fall-back":
      return {
        what: "Back to diesel",
        why: `${move.why.code === "too-thick" ? `Too thick: ${formatNumber(move.why.nuMm2PerS, 0)} mm²/s` : "Too cool"} at the pump. ${turnsWords(rig, move.turns)}.`,
      };
    case "back-purge":
      return {
        what: "Stop the engine, then back-purge",
        why: `${turnsWords(rig, move.turns)} for about ${Math.max(5, Math.ceil(move.seconds / 5) * 5)} s, engine off.`,
      };
    case "back-purging":
      return {
        what: `Back-purge, ${Math.max(1, Math.ceil(move.secondsLeft))} s more`,
        why: "The little pump pushes diesel through to the oil tank.",
      };
    case "start-purge":
      return {
        what: "Purge from here",
        why: `${turnsWords(rig, move.turns)}. It takes about ${minutesLeft(move.minutes)} until the line is clean enough.`,
      };
    case "purging":
      return {
        what: `Purge, ${minutesLeft(move.minutesLeft)} more`,
        why:
          move.astrayLitres > 0.005
            ? `Turned back now, the return would send ${u.litres(move.astrayLitres)} of oil into the diesel tank.`
            : "Let the line come round before you stop.",
      };
    case "turn-back":
      return {
        what: "Turn back to diesel",
        why: `${turnsWords(rig, move.turns)}.${move.astrayLitres > 0.005 ? ` ${u.litres(move.astrayLitres)} of oil goes with it.` : ""}`,
      };
    case "stop":
      return {
        what: "Stop when you like",
        why: "The line is clean enough for tonight, and the valves rest on diesel.",
      };
    case "set-right":
      return {
        what: "Set the valves right",
        why: `${move.fouls > 0 ? `Oil goes into the diesel tank, ${perSecond(move.fouls, u)}. ` : ""}${turnsWords(rig, move.turns)}.`,
      };
    case "no-way":
      return {
        what: "Stop the engine",
        why: `${move.fouls > 0 ? `Oil goes into the diesel tank, ${perSecond(move.fouls, u)}. ` : ""}However the valves stand, this loop does not feed one fuel and take it back. Look at how it is connected.`,
      };
    case "dry":
      return { what: "Change over: the tank is empty", why: `The ${move.holds} tank gives air next.` };
  }
}

export const perSecond = (litresPerMinute: number, u: Units): string =>
  `${formatNumber(u.volume.of(litresPerMinute) / 60, 3)} ${u.volume.unit} a second`;

/** What a turn does, said before it is made; null where it does no harm. */
export function harmWords(f: Foreseen, rig: Rig, u: Units): string | null {
  if (f.starves) return "Nothing would reach the injection pump: the engine stops.";
  if (f.isShutIn) return "What the pump gives back would have no way: a hose bursts.";
  if (f.drawsAir)
    return `${tankName(rig, f.drawsAir.tank)} would be dry ${soon(f.drawsAir.inMinutes)}: air comes to the pump, and the engine stops.`;
  if (f.runsOver)
    return `${tankName(rig, f.runsOver.tank)} would be full ${soon(f.runsOver.inMinutes)} and run over: ${u.litres(f.runsOver.litres)} on the ground within ${FORESEEN_MINUTES} minutes.`;
  if (f.oilIntoDieselThen > 0)
    return `Oil would go into the diesel tank, ${perSecond(Math.max(f.oilIntoDieselThen, f.oilIntoDieselNow), u)}, for as long as it stands so.`;
  if (f.oilIntoDieselNow > 0.02)
    return `Oil in the line would go into the diesel tank, ${perSecond(f.oilIntoDieselNow, u)} at first. Wait until it has come round.`;
  return f.mode === "wrong" ? "Both tanks would be joined." : null;
}

const tankName = (rig: Rig, id: string): string => {
  const words = rig.parts.find((p) => p.id === id)?.name ?? id;
  return words.charAt(0).toUpperCase() + words.slice(1);
};
const soon = (minutes: number): string => (minutes < 0.5 ? "at once" : `in about ${formatMinutes(minutes)}`);

/** What a turn does that does no harm. */
export function doesWords(f: Foreseen, u: Units): string {
  const costs = f.dieselIntoOil > 0 ? ` Diesel goes into the oil tank, ${perSecond(f.dieselIntoOil, u)}.` : "";
  return f.mode === "oil"
    ? "The engine runs on oil."
    : f.mode === "purge"
      ? `Diesel comes to the pump; what comes back stays out of the diesel tank.${costs}`
      : "The engine runs on diesel, and the return goes home.";
}
