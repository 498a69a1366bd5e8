import { keptTexts } from "./keptTexts";

/** Oil that runs while nobody stands by: kept in the browser, so that every page can tell when to go back to it. */
export interface Flow {
  readonly yard: string;
  readonly vessel: string;
  /** As it is told: "Drum 3". */
  readonly name: string;
  readonly endsAt: string;
  readonly because: string;
  /** Where it is stopped; absent: at the vessel's own bench. */
  readonly href?: string;
}

const KEY = "flows under way";

export function readFlows(): Flow[] {
  try {
    return JSON.parse(keptTexts.read(KEY) ?? "[]") as Flow[];
  } catch {
    // Of another release.
    return [];
  }
}

const isSame = (a: Flow, yard: string, vessel: string): boolean => a.yard === yard && a.vessel === vessel;

/** One a vessel: begun anew, it counts from then. */
export const keepFlow = (flow: Flow): void =>
  write([...readFlows().filter((f) => !isSame(f, flow.yard, flow.vessel)), flow]);

export const dropFlow = (yard: string, vessel: string): void =>
  write(readFlows().filter((f) => !isSame(f, yard, vessel)));

const write = (flows: readonly Flow[]): void => keptTexts.write(KEY, JSON.stringify(flows));
