import type { Rig } from "../rig";

/** What may be wrong in a lesson, from a minute on where it says so. */
export type LessonFault =
  /** The engine never gets warmer than this. */
  | { readonly fault: "thermostat-stuck"; readonly celsius: number }
  | { readonly fault: "no-power"; readonly fromMinute: number }
  /** So much more pressure drop with each litre through it. */
  | { readonly fault: "filter-chokes"; readonly kPaPerLitre: number }
  /** Something has fallen out in the cold: it fills the filter until the fuel is so warm, and melts out of it then. */
  | { readonly fault: "gel"; readonly clearsCelsius: number; readonly kPaPerLitre: number }
  /** New lines: so much of them is air. */
  | { readonly fault: "air-in-lines"; readonly share: number };

/** A drive to practise: where it begins, what is wrong, and how long it takes. Nothing of it enters the ledger. */
export interface Lesson {
  readonly id: string;
  readonly name: string;
  /** What one is told at the start; not what is wrong. */
  readonly task: string;
  /** What was wrong, and what one does: said in the debrief. */
  readonly teaches: string;
  readonly ambientCelsius: number;
  /** As full as each tank is; null: as it stands in the yard. */
  readonly oilLitres: number | null;
  readonly dieselLitres: number | null;
  /** Filled to within so much of the brim, in place of litres. */
  readonly oilRoomLitres?: number;
  /** Share of oil left in the line. */
  readonly leftOilShare: number;
  /** Share of oil in the diesel tank. */
  readonly dieselTaint: number;
  /** Positions that whoever drove before left, by what the position is called. */
  readonly leftAt?: "oil" | "loop" | "return-over";
  readonly faults: readonly LessonFault[];
  /** So long is driven before one may stop. */
  readonly driveMinutes: number;
  /** How cold it stands after. */
  readonly nightCelsius: number;
  /** A loop as the lesson wants it, with what it adds; null where it is not about such a loop. Absent: as it is. */
  readonly fits?: (rig: Rig) => Rig | null;
  /** The engine only ticks over: so much of what it burns on the road. */
  readonly burnShare?: number;
}
