import { type Amiss, type AmissCode, amissIn } from "../facts";
import { askStep, type Clearance, type Need, type Refusal } from "../interlocks";
import {
  applyDraft,
  applyEntry,
  bringForwardAll,
  copyYard,
  type Definitions,
  type Draft,
  type Entry,
  type EntryId,
  flowsOf,
  NO_DEFINITIONS,
  type VesselId,
  vesselsOf,
  type YardState,
} from "../ledger";
import { type ColdWarning, coldWarnings } from "./cold";
import { type FitnessRefusal, isFound, unfit } from "./fitness";
import { type IntakeWarning, intakeWarnings } from "./intake";
import { type KettleWarning, kettleWarnings, methanolLitres, overMethanolLimit } from "./kettle";
import { notLockedOut } from "./lockout";
import { type PetrolWarning, petrolWarnings } from "./petrol";
import { type BlackBlendWarning, blackBlendWarnings } from "./petrolBlend";
import { type RawRunWarning, rawRunWarnings } from "./rawRun";
import { type ReadingWarning, readingWarnings } from "./readingDoubts";
import { stepsOf } from "./steps";
import { type TripWarning, tripWarnings } from "./trip";
import { asPour } from "./vesselAsPour";

export type DraftWarning =
  | TripWarning
  | KettleWarning
  | IntakeWarning
  | RawRunWarning
  | ReadingWarning
  | PetrolWarning
  | BlackBlendWarning
  | ColdWarning;

/** An entry that is in the book already, and would become wrong by what is written before it. */
export interface Later {
  readonly entry: EntryId;
  readonly happenedAt: string;
}

/**
 * Why a step is refused: by what must not meet what, or because oil is not fit for where it is to go; `later` where it is
 * not the step itself.
 */
export type DraftRefusal = (Refusal | FitnessRefusal) & { readonly later?: Later };

/** The interlocks' word, and what speaks against it without forbidding it. */
export interface DraftClearance extends Pick<Clearance, "needs"> {
  readonly refusals: readonly DraftRefusal[];
  readonly warnings: readonly DraftWarning[];
}

/** May this be done, as the yard stands at `at`? The yard is left as it is. */
export const clearanceOf = (
  yard: YardState,
  draft: Draft,
  at: string,
  definitions: Definitions = NO_DEFINITIONS,
): DraftClearance => clearedStep(copyYard(yard), draft, at, definitions).clearance;

/**
 * Applies a draft to a yard that the caller owns, and says what the gates say of it. Asked by every bench before it offers a
 * step, and by the store before it writes one, so that no screen can go round it. They look at what is poured, by what
 * the entry says it moves; and then at what stands in the yard that this makes, whatever the entry says.
 */
export function clearedStep(
  yard: YardState,
  draft: Draft,
  at: string,
  definitions: Definitions,
  entry?: Entry,
): ClearedStep {
  bringForwardAll(yard, draft, at, definitions);
  const about = aboutVessels(draft);
  const before = amissAt(yard, about);
  const methanolBefore = methanolLitres(yard);
  const said = poured(yard, draft, at);
  if (entry) applyEntry(yard, entry, definitions);
  else applyDraft(yard, draft, at, definitions);
  const worse = made(before, amissAt(yard, about));
  const isTaken = isFound(draft) || draft.kind === "fuel-test";
  const refused = isTaken ? [] : worse.filter((w) => !isSaid(w, said.refusals));
  return {
    clearance: {
      refusals: byCode([...said.refusals, ...refused]),
      needs: byCode(said.needs),
      warnings: [...said.warnings, ...overMethanolLimit(methanolBefore, yard)],
    },
    found: isTaken ? worse : [],
  };
}

export interface ClearedStep {
  readonly clearance: DraftClearance;
  /** What is amiss by what was found, counted or tested: taken as it is. */
  readonly found: readonly FitnessRefusal[];
}

/** What is amiss in one yard and was not, or was less, in another. */
export const amissSince = (before: YardState, after: YardState): FitnessRefusal[] =>
  made(amissAt(before, [...before.vessels.keys()]), amissAt(after, [...after.vessels.keys()]));

/** What is said of the litres on their way. What is found is taken as it is, and asked nothing. */
function poured(yard: YardState, draft: Draft, at: string): DraftClearance {
  const asked = isFound(draft) ? [] : stepsOf(yard, flowsOf(draft)).map(askStep);
  return {
    refusals: isFound(draft)
      ? []
      : [
          ...asked.flatMap((c): readonly DraftRefusal[] => c.refusals),
          ...unfit(yard, draft, at),
          ...notLockedOut(yard, draft),
          ...saidToBe(yard, draft, at),
        ],
    needs: asked.flatMap((c): readonly Need[] => c.needs),
    warnings: [
      ...intakeWarnings(yard, draft),
      ...rawRunWarnings(yard, draft, at),
      ...petrolWarnings(yard, draft),
      ...blackBlendWarnings(yard, draft),
      ...coldWarnings(yard, draft, at),
      ...kettleWarnings(yard, draft),
      ...readingWarnings(yard, draft),
      ...tripWarnings(yard, draft, at),
    ],
  };
}

/** Saying that a vessel is something else is as good as pouring it all into one that is. */
function saidToBe(yard: YardState, draft: Draft, at: string): DraftRefusal[] {
  const { into, stay } = asPour(yard, draft) ?? {};
  if (!into || !stay) return [];
  const known = new Set(poured(stay.yard, stay.draft, at).refusals.map((r) => r.code));
  return poured(into.yard, into.draft, at).refusals.filter((r) => !known.has(r.code));
}

/** The vessels that an entry may leave otherwise than they were. */
const aboutVessels = (draft: Draft): readonly VesselId[] =>
  draft.kind === "vessel" ? [draft.data.id] : vesselsOf(draft);

const amissAt = (yard: YardState, vessels: readonly VesselId[]): Amiss[] =>
  vessels.flatMap((id) => {
    const state = yard.vessels.get(id);
    return state ? amissIn(yard, state) : [];
  });

/** More of it by so little is rounding. */
const SLACK_LITRES = 1e-6;

/** What is amiss now and was not, or is now more than it was. */
function made(before: readonly Amiss[], after: readonly Amiss[]): FitnessRefusal[] {
  const was = (a: Amiss): number => before.find((b) => b.code === a.code && b.vessel === a.vessel)?.litres ?? 0;
  return after
    .filter((a) => a.litres > was(a) + SLACK_LITRES)
    .map(({ code, vessel, litres }) => ({ code, from: null, into: vessel, litres }) as FitnessRefusal);
}

/** Words about oil that is not fit yet, of which the first that applies says enough. */
const NOT_FIT_YET: ReadonlySet<string> = new Set([
  "slops-into-fuel",
  "raw-into-fuel",
  "wet-into-fuel",
  "not-cleared-into-fuel",
  "unfiltered-into-tank",
  "engine-oil-into-tank",
]);
const UNFIT_STANDING: ReadonlySet<AmissCode | string> = new Set(["raw-into-fuel", "unfiltered-into-tank"]);

/** Whether what stands there then was told of the pour that brings it. */
export const isSaid = ({ code, into }: FitnessRefusal, said: readonly DraftRefusal[]): boolean =>
  said.some(
    (r) => r.code === code || (UNFIT_STANDING.has(code) && NOT_FIT_YET.has(r.code) && "into" in r && r.into === into),
  );

/** The same said of two flows is said once. */
const byCode = <T extends { readonly code: string }>(said: readonly T[]): T[] => [
  ...new Map(said.map((s) => [s.code, s])).values(),
];
