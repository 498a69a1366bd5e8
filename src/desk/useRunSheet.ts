"use client";
import { useKept } from "./useKept";

/** Where a run sheet has got to: when each step was begun. Kept in the browser, so it outlives a closed tab. */
export interface SheetState {
  readonly at: number;
  readonly begun: Readonly<Record<number, string>>;
}

const FRESH: SheetState = { at: 0, begun: {} };

export interface RunState extends SheetState {
  begin(step: number, now: string): void;
  go(step: number): void;
  forget(): void;
}

export function useRunSheet(key: string): RunState {
  const [state, keep, forget] = useKept<SheetState>(`sheet ${key}`, FRESH);
  return {
    ...state,
    begin: (step, now) => keep({ ...state, begun: { ...state.begun, [step]: now } }),
    go: (step) => keep({ ...state, at: step }),
    forget,
  };
}
