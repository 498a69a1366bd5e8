import { readFileSync } from "node:fs";
import { POST } from "@/app/api/calc/[name]/route";
import { EVERY_CALCULATION } from "@/core/calculations";
import { serveApp } from "./server";

const WARM_UP = 500;
/** A server takes its memory as it comes to need it, and needs some thousand requests to have come to it all. */
const SERVER_WARM_UP = 6000;
const COUNTED = 1000;

type Ask = (name: string, body: string) => Promise<unknown>;

/** So many POSTs one after another, each calculation in turn. */
async function posts(count: number, ask: Ask): Promise<void> {
  for (let i = 0; i < count; i++) {
    const c = EVERY_CALCULATION[i % EVERY_CALCULATION.length];
    if (c) await ask(c.name, JSON.stringify(c.example));
  }
}

/** KiB that the heap has grown by after a thousand POSTs to the route itself, garbage taken out before and after. */
export async function heapGrowthKiB(): Promise<number> {
  const collect = (globalThis as { gc?: () => void }).gc;
  if (!collect) throw new Error("run with --expose-gc");
  const ask: Ask = async (name, body) =>
    (
      await POST(new Request("http://127.0.0.1/", { method: "POST", body }), { params: Promise.resolve({ name }) })
    ).text();
  const used = (): number => {
    collect();
    collect();
    return process.memoryUsage().heapUsed / 1024;
  };
  await posts(WARM_UP, ask);
  const before = used();
  await posts(COUNTED, ask);
  return Math.round(used() - before);
}

/** MiB of the served app before and after a thousand POSTs over HTTP, and how many a second. Linux only. */
export async function serverGrowth(root: string): Promise<{ beforeMiB: number; afterMiB: number; perS: number }> {
  const { server, port } = await serveApp(root);
  try {
    const ask: Ask = async (name, body) =>
      (await fetch(`http://127.0.0.1:${port}/api/calc/${name}`, { method: "POST", body })).text();
    await posts(SERVER_WARM_UP, ask);
    const beforeMiB = residentMiB(server.pid ?? 0);
    const start = performance.now();
    await posts(COUNTED, ask);
    const perS = Math.round(COUNTED / ((performance.now() - start) / 1000));
    return { beforeMiB, afterMiB: residentMiB(server.pid ?? 0), perS };
  } finally {
    server.kill();
  }
}

function residentMiB(pid: number): number {
  const kb = /VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, "utf8"))?.[1];
  return Math.round(Number(kb) / 1024);
}
