import * as Comlink from "comlink";
import { ulid } from "ulid";
import { LIFE_LOCK } from "./locks";
import type { YardApi } from "./yard.worker";

export type YardClient = Comlink.Remote<YardApi>;

/** The worker stopped while it was asked: it is started anew, and what was asked may or may not have been done. */
export class WorkerStopped extends Error {
  constructor(reason: string) {
    super(reason);
    this.name = "WorkerStopped";
  }
}

export interface RunningWorker {
  readonly client: YardClient;
  stop(): void;
}

/**
 * Starts the yard's worker. One a page: the provider keeps it. A worker holds a lock for as long as it lives; the page
 * waits for the same lock, so that it gets it when the worker dies, of whatever. Then every question that is still open
 * is answered with `WorkerStopped`, and `onDeath` is called once.
 */
export function startYardWorker(onDeath: (reason: string) => void): RunningWorker {
  const worker = new Worker(new URL("./yard.worker.ts", import.meta.url), { type: "module" });
  const remote = Comlink.wrap<YardApi>(worker);
  const waiting = new AbortController();
  let isOver = false;
  let die: (error: WorkerStopped) => void = () => undefined;
  const death = new Promise<never>((_, reject) => {
    die = reject;
  });
  death.catch(() => undefined);
  const end = (reason: string): void => {
    if (isOver) return;
    isOver = true;
    waiting.abort();
    worker.terminate();
    die(new WorkerStopped(reason));
    onDeath(reason);
  };
  worker.addEventListener("error", (e) => end(e.message || "its script did not load"));
  const life = `${LIFE_LOCK}${ulid()}`;
  remote
    .hold(life)
    .then(() => navigator.locks.request(life, { signal: waiting.signal }, () => end("it stopped by itself")))
    .catch(() => undefined);
  const client = new Proxy(remote, {
    get: (target, name) => {
      const member = Reflect.get(target, name) as unknown;
      if (typeof member !== "function" || name === "then") return member;
      return (...args: unknown[]) => Promise.race([death, (member as (...a: unknown[]) => Promise<unknown>)(...args)]);
    },
  });
  return {
    client,
    stop: () => {
      isOver = true;
      waiting.abort();
      worker.terminate();
    },
  };
}

export const callback = <T extends (...args: never[]) => unknown>(f: T): T => Comlink.proxy(f) as unknown as T;
