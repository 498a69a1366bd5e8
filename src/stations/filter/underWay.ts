import type { RunMark } from "@/core/filtration/marks";
import type { FeedWay, Layer } from "@/core/ledger";

/** A run that was begun: kept in the browser by its line, so that a closed tab or a night loses nothing. */
export interface UnderWay {
  /** Of the stretch that runs; null while it is paused. */
  readonly startedAt: string | null;
  /** Minutes of the stretches before. */
  readonly minutesBefore: number;
  readonly marks: readonly RunMark[];
  readonly asked: {
    readonly from: string;
    readonly to: string;
    readonly left: readonly string[];
    readonly way: FeedWay;
    /** Of a feed that stands; absent: it does not, or it was begun before this was asked. */
    readonly layer?: Layer;
    readonly headMm: number | null;
    readonly kPa: number | null;
    readonly celsius: number;
    readonly litres: number;
  };
  /** Stopped, and not yet logged. */
  readonly finished: { readonly litres: number; readonly minutes: number } | null;
}

/**
 * This device's own clock. The yard's now never goes back behind its newest entry, and would stand still under a run
 * where the clock is slow; only how long it ran is told by this, not when.
 */
export const clockNow = (): string => new Date().toISOString();

const MS_PER_MINUTE = 60_000;

/** Minutes that it has run, pauses left out. */
export const minutesRun = (u: Pick<UnderWay, "startedAt" | "minutesBefore">, now: string): number =>
  u.minutesBefore +
  (u.startedAt === null ? 0 : Math.max(0, (Date.parse(now) - Date.parse(u.startedAt)) / MS_PER_MINUTE));

/** What is wrong with a mark, in words; null where nothing is. */
export function wrongMark(u: Pick<UnderWay, "marks" | "asked">, litres: number | null): string | null {
  const last = u.marks.at(-1)?.litres ?? 0;
  if (litres === null) return "Say how many litres are through.";
  if (litres < last) return "There were more through at the last mark: litres do not fall.";
  if (litres > u.asked.litres * 1.1) return "That is more than was to run.";
  return null;
}

const MOST_MARKS = 240;

/** With one mark more; once there are very many every other one goes, the latest stays. */
export function withMark(marks: readonly RunMark[], mark: RunMark): RunMark[] {
  const kept = marks.length < MOST_MARKS ? marks : marks.filter((_, i) => i % 2 === 1);
  return [...kept, mark];
}
