import * as Comlink from "comlink";
import type { Entry } from "@/core/ledger";
import type { DemoApi } from "./demo.worker";

/** Makes the demo yard off the page, and lets its worker go. */
export async function makeDemoYard(nowMs: number): Promise<Entry[]> {
  const worker = new Worker(new URL("./demo.worker.ts", import.meta.url), { type: "module" });
  try {
    return await Comlink.wrap<DemoApi>(worker).make(nowMs);
  } finally {
    worker.terminate();
  }
}
