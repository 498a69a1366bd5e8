/** Oil that runs while nobody stands by: kept in the browser, so that every page can tell when to go back to it. */
export interface Flow {
  readonly yard: string;
  readonly vessel: string;
  /** As it is told: "Drum 3". */
  readonly name: string;
  readonly endsAt: string;
  readonly because: string;
}

const KEY = "flow under way";

export function readFlow(): Flow | null {
  try {
    const kept = localStorage.getItem(KEY);
    return kept === null ? null : (JSON.parse(kept) as Flow);
  } catch {
    // A browser that keeps nothing watches nothing.
    return null;
  }
}

/** Null once it was stopped. */
export function keepFlow(flow: Flow | null): void {
  try {
    if (flow) localStorage.setItem(KEY, JSON.stringify(flow));
    else localStorage.removeItem(KEY);
  } catch {
    // As above; the bench still counts while it is open.
  }
}
