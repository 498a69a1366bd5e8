const round = (n: number): number => Math.round(n * 1000) / 1000;

export function median(times: readonly number[]): number {
  return [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? Number.NaN;
}

export function time(runs: number, work: () => void): { firstMs: number; medianMs: number } {
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
  return { firstMs: round(times[0] ?? Number.NaN), medianMs: round(median(times)) };
}

const WARM_UP = 2000;
const SAMPLE_MS = 40;
const SAMPLES = 7;

/** Calls a second once warm: the best of a few short samples, since what else the machine does only ever slows it. */
export function callsPerSecond(work: () => void): number {
  const start = performance.now();
  for (let i = 0; i < WARM_UP && performance.now() - start < SAMPLE_MS * 4; i++) work();
  const rates = Array.from({ length: SAMPLES }, () => {
    let calls = 0;
    const from = performance.now();
    let now = from;
    for (let batch = 1; now - from < SAMPLE_MS; batch = Math.min(1000, batch * 2)) {
      for (let i = 0; i < batch; i++) work();
      calls += batch;
      now = performance.now();
    }
    return calls / ((now - from) / 1000);
  });
  return Math.round(Math.max(...rates));
}
