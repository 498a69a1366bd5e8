/** An instrument that says, a line at a time, how far a run is: docs/gauge.md has what a line says. */
export interface Gauge {
  readonly name: string;
  /** Begins to listen. What it gives back stops it; `onEnd` says why it stopped by itself. Refuses with a reason in words. */
  open(onLine: (line: string) => void, onEnd: (why: string) => void): Promise<() => void>;
}
