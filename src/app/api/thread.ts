import { Worker } from "node:worker_threads";
import type { Hand } from "@/workers/pool";
import type { HeavyTask } from "./heavyDesk";

/** A thread of the server that does one heavy calculation after another. */
export function startThread(): Hand<HeavyTask> {
  const thread = new Worker(new URL("./calc.thread.ts", import.meta.url));
  // A server that is told to stop does not wait for it.
  thread.unref();
  return {
    run: (task) =>
      new Promise((resolve, reject) => {
        thread.removeAllListeners();
        thread.once("message", resolve);
        thread.once("error", reject);
        thread.postMessage(task);
      }),
    stop: () => void thread.terminate(),
  };
}
