import { type VesselWord, wordsOn } from "../../facts";
import {
  type EntryId,
  type Quality,
  roleOf,
  type Station,
  type Vessel,
  type VesselState,
  type YardState,
} from "../../ledger";
import type { Standing } from "./standing";

/** A vessel as screens draw it, in plain data. What happened to it is asked for by the page that lists it. */
export interface VesselView extends Standing {
  readonly vessel: Vessel;
  readonly station: Station;
  readonly stirredAt: string | null;
  readonly changedAt: string | null;
  readonly drawnAt: string | null;
  readonly quality: Quality;
  readonly cleanedAt: string | null;
  readonly fedLitres: number;
  readonly walkDown: VesselState["walkDown"];
  readonly photo: EntryId | null;
  /** Dips and jars since it was stirred. */
  readonly dipCount: number;
  readonly jarCount: number;
  /** What stands in it that must not, and what somebody put there against the app's word. */
  readonly words: readonly VesselWord[];
  /** Lines that lie where a stick found them; the others are the book's guess. */
  readonly found: { readonly fat: boolean; readonly water: boolean };
}

export const vesselViewOf = (
  yard: Pick<YardState, "parts" | "vehicles">,
  state: VesselState,
  standing: Standing,
): VesselView => ({
  ...standing,
  vessel: state.vessel,
  station: roleOf(state.vessel.role).station,
  stirredAt: state.stirredAt,
  changedAt: state.changedAt,
  drawnAt: state.drawnAt,
  quality: state.quality,
  cleanedAt: state.cleanedAt,
  fedLitres: state.fedLitres,
  walkDown: state.walkDown,
  photo: state.photo,
  dipCount: state.dips.length,
  jarCount: state.jars.length,
  words: wordsOn(yard, state),
  found: { fat: found(state, "fatMm"), water: found(state, "waterMm") },
});

const found = ({ dips }: VesselState, line: "fatMm" | "waterMm"): boolean =>
  dips.some((d) => d.doubts.length === 0 && d[line] !== undefined);
