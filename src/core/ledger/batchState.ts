import type { BatchVerdict, FuelTest, Phase, Stage, StageTimes, TestRead } from "../kettle";
import type { EntryId, VesselId } from "./ids";
import type { Batch } from "./kinds/batch";
import type { BatchEnd } from "./kinds/batchEnd";
import type { Help } from "./words";

export interface StageState extends StageTimes {
  readonly saw: "expected" | "not" | null;
  /** What a person wrote down there, the last word. */
  readonly note: string | null;
}

export interface BatchPhoto {
  readonly stage: Stage | "jar";
  readonly at: string;
  readonly entry: EntryId;
}

export interface SplitState {
  readonly at: string;
  readonly phase: Phase;
  readonly litres: number;
  readonly expectedLitres: number | null;
}

export interface TestState extends TestRead {
  readonly test: FuelTest;
  /** Washes that it had had by then. */
  readonly afterWashes: number;
}

/** One batch in a kettle, from its recipe to fuel, as it stands. */
export interface BatchState {
  readonly batch: Batch;
  readonly at: string;
  /** Where it is now: the kettle, then whatever it is washed or dried in. */
  readonly vessel: VesselId;
  readonly stages: Readonly<Partial<Record<Stage, StageState>>>;
  readonly readings: readonly { readonly stage: Stage; readonly at: string; readonly celsius: number }[];
  /** Kilograms that were weighed in, by component. */
  readonly charged: Readonly<Record<string, number>>;
  /** Of methanol and lye what was paid for it, where the book knows; by component, money. */
  readonly paid: number;
  readonly splits: readonly SplitState[];
  readonly washes: readonly { readonly at: string; readonly waterLitres: number; readonly vinegarMl: number }[];
  /** What was tried against an emulsion, and whether it parted. */
  readonly helps: readonly { readonly at: string; readonly tried: Help; readonly parted: boolean }[];
  readonly tests: readonly TestState[];
  readonly dried: { readonly kwh: number; readonly hours: number; readonly waterKg: number };
  readonly recovered: { readonly methanolKg: number; readonly kwh: number };
  readonly photos: readonly BatchPhoto[];
  readonly verdict: BatchVerdict;
  readonly ended: { readonly at: string; readonly how: BatchEnd; readonly litres: number } | null;
  /** Where its witness jar stands, and what is written on it. */
  readonly jar: { readonly place: string; readonly label: string } | null;
}

export const freshStage: StageState = {
  begunAt: null,
  doneAt: null,
  stoppedAt: null,
  ranMinutes: 0,
  runsSince: null,
  saw: null,
  note: null,
};
