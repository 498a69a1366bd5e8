import type { YardState } from "./state";

/** A temperature that somebody read, and when. */
export interface Told {
  readonly at: string;
  readonly celsius: number;
}

/** Who said how cold the months are: the owner, the place where the yard stands, or nobody yet. */
export type MonthsBy = "owner" | "home" | "nobody";

/** A reading of the shed counts from the moment it was taken on, and no day before it. */
export function tellShed(yard: YardState, at: string, celsius: number): void {
  yard.shedTemperatures.push({ at, atMs: Date.parse(at), celsius });
}

/** What one night is expected to be. */
export function tellTonight(yard: YardState, at: string, celsius: number): void {
  yard.tonight = { at, celsius };
}
