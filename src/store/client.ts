import * as Comlink from "comlink";
import type { YardApi } from "./yard.worker";

export type YardClient = Comlink.Remote<YardApi>;

/** Starts the yard's worker. One a page: the provider keeps it. */
export function startYardWorker(): { client: YardClient; stop: () => void } {
  const worker = new Worker(new URL("./yard.worker.ts", import.meta.url), { type: "module" });
  worker.addEventListener("error", (e) => console.error("yard worker", e.message));
  return { client: Comlink.wrap<YardApi>(worker), stop: () => worker.terminate() };
}

export const callback = <T extends (...args: never[]) => unknown>(f: T): T => Comlink.proxy(f) as unknown as T;
