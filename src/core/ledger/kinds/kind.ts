import type * as z from "../../zod";
import type { Flaw } from "../errors";
import type { EntryId, VesselId } from "../ids";
import type { YardState } from "../state";
import type { Flow } from "./flow";

/** An entry as its own kind sees it. */
export interface Happening<D> {
  readonly id: EntryId;
  readonly happenedAt: string;
  readonly data: D;
}

/** What a field is called in a form, with words for its choices; null: it is changed elsewhere. */
export type Called = string | readonly [label: string, choices: Readonly<Record<string, string>>] | null;

/**
 * A kind of entry, whole: one file. Everything that the house needs of it is derived from this, so that nothing can be
 * left out: the union of entries, upcasting, projection, what the gates ask, and the form that corrects it.
 */
export interface Kind<K extends string, S extends z.ZodType> {
  readonly kind: K;
  /** As the books call it. */
  readonly title: string;
  /** The payload version this build writes. */
  readonly version: number;
  /** From each earlier version to the next; gapless from 1. */
  readonly upcast: Readonly<Record<number, (data: unknown) => unknown>>;
  readonly data: S;
  /** What flows where. */
  moves(data: z.infer<S>): readonly Flow[];
  /** Vessels that it speaks of besides: they must be there. */
  speaksOf(data: z.infer<S>): readonly VesselId[];
  /**
   * Applies it in place. Called once the vessels it names are known to be there and apart; a flaw moves nothing, so
   * everything is taken out first and outside accounts are booked last.
   */
  apply(yard: YardState, entry: Happening<z.infer<S>>): Flaw | undefined;
  /** By the field's path in the data, list numbers left out. */
  readonly called: Readonly<Record<string, Called>>;
}

export const defineKind = <const K extends string, S extends z.ZodType>(kind: Kind<K, S>): Kind<K, S> => kind;
