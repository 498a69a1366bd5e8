import { spawn } from "node:child_process";
import { longRound } from "../../e2e/tricks";
import type { Finding } from "./lab";

const HEAVY = 200;
/** No light question takes longer beside them. */
const LIGHT_MS = 300;

/** Asks in a process of its own, so that only the server is waited for, until it is stopped: milliseconds of each. */
function lightBeside(base: string, light: object): { stop(): Promise<number[]> } {
  const script = `
    const times = [];
    process.on("SIGTERM", () => { console.log(JSON.stringify(times)); process.exit(0); });
    for (;;) {
      const at = performance.now();
      const body = ${JSON.stringify(JSON.stringify(light))};
      const asked = { method: "POST", headers: { "Content-Type": "application/json" }, body };
      await (await fetch("${base}/api/calc/heat", asked)).text();
      times.push(performance.now() - at);
      await new Promise((later) => setTimeout(later, 20));
    }`;
  const child = spawn(process.execPath, ["--input-type=module", "-e", script], {
    stdio: ["ignore", "pipe", "inherit"],
  });
  let said = "";
  child.stdout.on("data", (more) => {
    said += more;
  });
  return {
    stop: () =>
      new Promise((answer) => {
        child.once("close", () => answer(JSON.parse(said) as number[]));
        child.kill("SIGTERM");
      }),
  };
}

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
  const beside = lightBeside(base, light);
  // The first light ones find the server at rest.
  await new Promise((later) => setTimeout(later, 500));
  const began = performance.now();
  const all = Promise.all(Array.from({ length: HEAVY }, () => ask("round", round).then((r) => r.status)));
  const statuses = await all;
  const times = await beside.stop();
  times.sort((a, b) => a - b);
  const slowest = Math.round(times.at(-1) ?? 0);
  const p95 = Math.round(times[Math.floor(times.length * 0.95)] ?? 0);
  const seconds = ((performance.now() - began) / 1000).toFixed(1);
  const busy = statuses.filter((s) => s === 503).length;
  const faults: string[] = [];
  if (slowest > LIGHT_MS) faults.push(`a light question took ${slowest} ms`);
  if (statuses.some((s) => s !== 200 && s !== 503)) faults.push(`answers ${statuses.join(", ")}`);
  return {
    name: `${HEAVY} heavy questions at once to the server, light ones beside them`,
    figures: `${statuses.length - busy} answered, ${busy} told it is busy, in ${seconds} s; ${times.length} light ones, 95 % within ${p95} ms, the slowest ${slowest} ms`,
    faults,
  };
}
