import { calculateAny, EVERY_CALCULATION, type InputOf } from "@/core/calculations";
import { callsPerSecond, time } from "./timing";

/** Those that search a root, fit, follow a list or integrate; all others are closed forms. */
const WORKED = new Set([
  "vessel-height",
  "draw-off",
  "thinner",
  "heat",
  "top-up",
  "purge",
  "purge-fit",
  "warm-up-fit",
  "flow-cup",
  "filter-fit",
  "settle-clear",
  "settle-clarity",
  "settle-forecast",
  "settle-fit",
  "settler-full",
  "cascade",
  "bag-trend",
  "filling-rate",
  "round",
  "reaction",
  "interlock",
  "ledger",
]);
export const CLOSED_FORM_TARGET = 200_000;

export interface Rate {
  readonly name: string;
  readonly closed: boolean;
  /** The model with its input complete. */
  readonly modelPerS: number;
  /** Through the door: input checked and completed, answer checked. */
  readonly doorPerS: number;
}

const quiet = (): void => undefined;

export const rates = (): Rate[] =>
  EVERY_CALCULATION.map((c) => {
    const complete = c.input.parse(c.example);
    return {
      name: c.name,
      closed: !WORKED.has(c.name),
      modelPerS: callsPerSecond(() => void c.run(complete, quiet)),
      doorPerS: callsPerSecond(() => void calculateAny(c.name, c.example)),
    };
  });

const DAYS = 90;
const fixed = (name: string, diameterUm: number) => ({
  name,
  diameterUm,
  density: { kind: "fixed" as const, kgPerM3: 1100 },
});

/** Ninety days of a shed that is five degrees warmer at noon than the mean, by the hour, six classes of dirt. */
const season: InputOf<"settle-forecast"> = {
  classes: [
    fixed("12 µm", 12),
    fixed("20 µm", 20),
    fixed("40 µm", 40),
    fixed("80 µm", 80),
    { name: "water", diameterUm: 60, density: { kind: "water" } },
    { name: "flocs", diameterUm: 80, density: { kind: "over-oil", kgPerM3: 18 } },
  ],
  parts: [{ fluid: "canola", litres: 180, usedFactor: 1.15 }],
  surfaceMm: 733,
  drawOffMm: 66,
  hours: DAYS * 24,
  temperatures: Array.from({ length: DAYS * 24 + 1 }, (_, hour) => [
    hour,
    11 + 5 * Math.sin((hour / 24) * 2 * Math.PI),
  ]),
};

const roundOf = (stops: number): InputOf<"round"> => ({
  home: { eastKm: 0, northKm: 0 },
  stops: Array.from({ length: stops }, (_, i) => ({
    eastKm: (i * 7) % 23,
    northKm: (i * 11) % 17,
    litres: 20 + i * 5,
    valuePerLitre: 0.4 + (i % 5) / 5,
    minutesThere: 10,
  })),
  limits: { hours: 5, payloadKg: 400, containerLitres: 400, settlingRoomLitres: 900 },
});

/** The same with doors that open and close all over the day: the short way may be late, so more ways are kept. */
const withDoors = (round: InputOf<"round">): InputOf<"round"> => ({
  ...round,
  stops: round.stops.map((s, i) => ({
    ...s,
    open: [
      { fromHours: (i % 4) / 2, toHours: (i % 4) / 2 + 0.8 },
      { fromHours: 2 + (i % 3) / 2, toHours: 3.4 + (i % 3) / 2 },
    ],
  })),
});

const HEAVY: readonly (readonly [what: string, targetMs: number, name: string, input: unknown])[] = [
  [
    "reaction, 240 min",
    10,
    "reaction",
    { oil: "canola", celsius: 55, molarRatio: 6, minutes: Array.from({ length: 25 }, (_, i) => i * 10) },
  ],
  ["settling forecast, 90 days by the hour, 6 classes", 5, "settle-forecast", season],
  ["round, 12 stops, exact", 300, "round", roundOf(12)],
  ["round, 12 stops, exact, with opening hours", 300, "round", withDoors(roundOf(12))],
  ["round, 40 stops", 1000, "round", roundOf(40)],
];

interface Heavy {
  readonly what: string;
  readonly targetMs: number;
  /** The model, its input complete. */
  readonly modelMs: number;
  /** Through the door: input checked and completed, answer checked. */
  readonly doorMs: number;
}

export const heavy = (): Heavy[] =>
  HEAVY.map(([what, targetMs, name, input]) => {
    const c = EVERY_CALCULATION.find((e) => e.name === name);
    const answered = calculateAny(name, input);
    if (!c || !answered.ok) throw new Error(`${what}: ${JSON.stringify(answered)}`);
    const complete = c.input.parse(input);
    const modelMs = time(40, () => void c.run(complete, quiet)).medianMs;
    return { what, targetMs, modelMs, doorMs: time(40, () => void calculateAny(name, input)).medianMs };
  });
