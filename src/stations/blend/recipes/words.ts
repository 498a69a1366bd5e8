import type { Rung } from "@/core/ledger";

/** What to do on a rung, as the next step. */
export const RUNG_NEXT: Readonly<Record<Rung, string>> = {
  jar: "a jar, a day on the sill",
  litre: "one litre, mixed and left to stand",
  stove: "a stove or an old engine",
  "old-engine": "a stove or an old engine",
  "good-engine": "a good engine",
};

export const CARD_LINES = {
  start: "Start",
  idleSmoke: "Smoke at idle",
  town: "In town",
  longRun: "On a long run",
  sound: "Sound",
  power: "Power",
  flame: "Colour of the flame",
} as const;
export type CardLine = keyof typeof CARD_LINES;

export const VERDICTS = { good: "Good", doubtful: "Doubtful", bad: "Bad" } as const;
