import { advance, type Positions, type Rig, type Running } from "../rig";
import { flowsOf } from "../rig/network";
import { litresAt, spilledIn, startRunning } from "../rig/run";
import { control, hosesThrough } from "../rig/shelf/arrangement";

/** A drum, a drain valve, a bag or cartridge, a valve after it, a pump, and a receiver that must breathe. */
export const SHED_RIG: Rig = {
  from: "shed",
  parts: [
    { id: "drum", kind: "tank", name: "Drum", holds: "oil" },
    { id: "drain", kind: "shut-off", name: "Drain valve", moved: "hand", turned: { control: "drain", at: ["open"] } },
    { id: "filter", kind: "filter", name: "Filter", litres: 1.5, ratingUm: 5 },
    { id: "after", kind: "shut-off", name: "Filter valve", moved: "hand", turned: { control: "after", at: ["open"] } },
    { id: "pump", kind: "lift-pump", name: "Pump", litresPerMinute: 4, pushes: { control: "pump", at: ["on"] } },
    { id: "receiver", kind: "tank", name: "Receiver", holds: "diesel" },
  ],
  hoses: [
    ...hosesThrough(["drum.out", "drain", "pump", "filter", "after"], 800, 19),
    ...hosesThrough(["after", "receiver.back"], 800, 19),
  ],
  controls: [
    control("drain", "Drain valve", "shut", "open"),
    control("after", "Filter valve", "shut", "open"),
    control("vent", "Vent of the receiver", "shut", "open"),
    control("pump", "Pump", "off", "on"),
  ],
};

/** A job at the shed's own rig. */
export interface ShedLesson {
  readonly id: string;
  readonly name: string;
  readonly task: string;
  readonly teaches: string;
  readonly drumLitres: number;
  readonly receiverLitres: number;
  readonly receiverHolds: number;
  /** So much is to be moved. */
  readonly wantedLitres: number;
  readonly leftAt: Positions;
}

const ALL_SHUT: Positions = { drain: "shut", after: "shut", vent: "shut", pump: "off" };

export const SHED_LESSONS: readonly ShedLesson[] = [
  {
    id: "shed-first",
    name: "A run through the filter",
    task: "Move 20 litres from the drum to the receiver, and leave everything shut.",
    teaches: "Vent first, then the way out, then the way in, the pump last; and back the other way round.",
    drumLitres: 120,
    receiverLitres: 10,
    receiverHolds: 200,
    wantedLitres: 20,
    leftAt: ALL_SHUT,
  },
  {
    id: "shed-full",
    name: "A receiver with little room",
    task: "Move 15 litres. Look at the receiver first.",
    teaches: "A receiver takes what it has room for and no more: look before you start, and stop in time.",
    drumLitres: 80,
    receiverLitres: 88,
    receiverHolds: 100,
    wantedLitres: 12,
    leftAt: ALL_SHUT,
  },
  {
    id: "shed-left",
    name: "Left as it was",
    task: "Somebody went home in a hurry. Move 10 litres.",
    teaches: "A pump that was left on against a shut valve builds pressure at once: look at every valve first.",
    drumLitres: 60,
    receiverLitres: 5,
    receiverHolds: 60,
    wantedLitres: 10,
    leftAt: { ...ALL_SHUT, pump: "on", drain: "open" },
  },
];

export interface ShedRun {
  readonly lesson: ShedLesson;
  readonly run: Running;
  readonly at: Positions;
  readonly minute: number;
  /** Minutes the pump ran dry, against a shut valve, and into a receiver that could not breathe. */
  readonly dry: number;
  readonly dead: number;
  readonly unvented: number;
}

export function beginShed(lesson: ShedLesson): ShedRun {
  const run = startRunning(
    SHED_RIG,
    {
      drum: { litres: lesson.drumLitres, capacityLitres: 200 },
      receiver: { litres: lesson.receiverLitres, capacityLitres: lesson.receiverHolds },
    },
    { lineLitres: 3, tanksInSeries: 3 },
    () => ({ drum: 1 }),
  );
  return { lesson, run, at: lesson.leftAt, minute: 0, dry: 0, dead: 0, unvented: 0 };
}

export const turnShed = (s: ShedRun, of: string, position: string): ShedRun => ({
  ...s,
  at: { ...s.at, [of]: position },
});

const isOn = (s: ShedRun): boolean => s.at.pump === "on";

/** What the pump is doing to itself now. */
export function shedTrouble(s: ShedRun): "dry" | "dead" | "unvented" | null {
  if (!isOn(s)) return null;
  const drum = litresAt(s.run, 0).reduce((sum, l) => sum + l, 0);
  if (s.at.drain !== "open" || drum < 0.1) return "dry";
  if (s.at.after !== "open") return "dead";
  return s.at.vent === "open" ? null : "unvented";
}

export function goOnShed(s: ShedRun, minutes: number): ShedRun {
  const trouble = shedTrouble(s);
  const setting = { power: true, runs: false, at: s.at };
  return {
    ...s,
    run: trouble === "dry" && s.at.drain === "open" ? s.run : advance(s.run, setting, 0, minutes),
    minute: s.minute + minutes,
    dry: s.dry + (trouble === "dry" ? minutes : 0),
    dead: s.dead + (trouble === "dead" ? minutes : 0),
    unvented: s.unvented + (trouble === "unvented" ? minutes : 0),
  };
}

export const shedFlow = (s: ShedRun): number =>
  flowsOf(SHED_RIG, { power: true, runs: false, at: s.at }, 0).flows.find((f) => f.of === "pump")?.litresPerMinute ?? 0;

export const movedLitres = (s: ShedRun): number =>
  litresAt(s.run, 1).reduce((sum, l) => sum + l, 0) - s.lesson.receiverLitres;

/** What the job was worth, out of a hundred, and what it cost. */
export function scoreShed(s: ShedRun): {
  readonly points: number;
  readonly costs: readonly {
    readonly code: "dry" | "dead" | "unvented" | "spilled" | "short" | "left-open";
    readonly amount: number;
    readonly points: number;
  }[];
} {
  const spilled = spilledIn(s.run).reduce((sum, l) => sum + l, 0);
  const short = s.lesson.wantedLitres - movedLitres(s);
  const open = Object.entries(ALL_SHUT).filter(([of, shut]) => s.at[of] !== shut).length;
  const some = [
    { code: "spilled" as const, amount: spilled, points: Math.min(50, Math.ceil(spilled * 12)) },
    { code: "dry" as const, amount: s.dry, points: Math.min(30, Math.ceil(s.dry * 12)) },
    { code: "dead" as const, amount: s.dead, points: Math.min(40, Math.ceil(s.dead * 30)) },
    { code: "unvented" as const, amount: s.unvented, points: Math.min(40, Math.ceil(s.unvented * 20)) },
    { code: "short" as const, amount: Math.max(0, short), points: short > 1 ? Math.min(40, Math.ceil(3 * short)) : 0 },
    { code: "left-open" as const, amount: open, points: 5 * open },
  ];
  const costs = some.filter((c) => c.points > 0 && c.amount > 1e-6);
  return { points: Math.max(0, 100 - costs.reduce((sum, c) => sum + c.points, 0)), costs };
}
