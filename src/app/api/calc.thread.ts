import { parentPort } from "node:worker_threads";
import { calculateAny } from "@/core/calculations";

/** One heavy calculation at a time, off the server's own thread. */
parentPort?.on("message", ({ name, input }: { name: string; input: unknown }) =>
  parentPort?.postMessage(calculateAny(name, input)),
);
