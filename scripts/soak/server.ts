import { longRound } from "../../e2e/tricks";
import type { Finding } from "./lab";

const HEAVY = 200;
/** What 95 of 100 light questions take at most; the burst itself, 200 requests on one thread, is shown beside it. */
const LIGHT_MS = 300;

/** As many heavy questions as the server takes, and light ones beside them. */
export async function heavyBesideLight(base: string): Promise<Finding> {
  const ask = (name: string, input: unknown): Promise<Response> =>
    fetch(`${base}/api/calc/${name}`, {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify(input),
    });
  const round = longRound(60);
  const light = { fluid: "canola", limitMm2PerS: 15, usedFactor: 1.15 };
  await (await ask("heat", light)).text();
  const began = performance.now();
  const heavy = Array.from({ length: HEAVY }, () => ask("round", round).then((r) => r.status));
  const times: number[] = [];
  let isDone = false;
  const all = Promise.all(heavy).finally(() => {
    isDone = true;
  });
  while (!isDone) {
    const at = performance.now();
    await (await ask("heat", light)).text();
    times.push(performance.now() - at);
    await new Promise((later) => setTimeout(later, 20));
  }
  const statuses = await all;
  times.sort((a, b) => a - b);
  const slowest = Math.round(times.at(-1) ?? 0);
  const p95 = Math.round(times[Math.floor(times.length * 0.95)] ?? 0);
  const seconds = ((performance.now() - began) / 1000).toFixed(1);
  const busy = statuses.filter((s) => s === 503).length;
  const faults: string[] = [];
  if (p95 > LIGHT_MS) faults.push(`5 of 100 light questions took over ${p95} ms`);
  if (statuses.some((s) => s !== 200 && s !== 503)) faults.push(`answers ${statuses.join(", ")}`);
  return {
    name: `${HEAVY} heavy questions at once to the server, light ones beside them`,
    figures: `${statuses.length - busy} answered, ${busy} told it is busy, in ${seconds} s; ${times.length} light ones, 95 % within ${p95} ms, the slowest ${slowest} ms`,
    faults,
  };
}
