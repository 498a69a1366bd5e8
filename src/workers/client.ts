import * as Comlink from "comlink";
import type { CalculationError, CalculationName, Explanation, InputOf, OutputOf } from "@/core/calculations";
import type { Result } from "@/core/units";
import type { CalcApi } from "./calc.worker";
import { type Hand, type Outcome, WorkerPool } from "./pool";

interface Task {
  readonly what: "calculate" | "explain";
  readonly name: string;
  readonly input: unknown;
}

/** Cancelled: a newer call for the same picture took its place. Broken: the worker fell over, which is a bug. */
export type Asked<T> =
  | Result<T, CalculationError>
  | {
      readonly ok: false;
      readonly error: { readonly code: "cancelled" } | { readonly code: "broken"; readonly reason: string };
    };

function startWorker(): Hand<Task> {
  const worker = new Worker(new URL("./calc.worker.ts", import.meta.url), { type: "module" });
  const remote = Comlink.wrap<CalcApi>(worker);
  // A script that does not load never answers: its error is the answer.
  const failed = new Promise<never>((_, reject) =>
    worker.addEventListener("error", (e) => reject(new Error(e.message || "the worker did not start"))),
  );
  failed.catch(() => undefined);
  return {
    run: (task, progress) =>
      Promise.race([
        failed,
        task.what === "explain"
          ? remote.explain(task.name, task.input)
          : remote.calculate(task.name, task.input, Comlink.proxy(progress)),
      ]),
    stop: () => worker.terminate(),
  };
}

const MOST_WORKERS = 3;
const GRACE_MS = 200;

let pool: WorkerPool<Task> | undefined;

/** One pool a page; one core is left to the page itself. */
function workers(): WorkerPool<Task> {
  pool ??= new WorkerPool({
    spawn: startWorker,
    size: Math.max(1, Math.min(MOST_WORKERS, navigator.hardwareConcurrency - 1)),
    graceMs: GRACE_MS,
  });
  return pool;
}

/** A calculation off the page; `picture` names what its answer is drawn in: a newer call for it cancels the older. */
export function askWorker<N extends CalculationName>(
  name: N,
  input: InputOf<N>,
  picture: string,
  progress?: (share: number) => void,
): Promise<Asked<OutputOf<N>>>;
/** The same by a name and an input that are only known when the page runs. */
export function askWorker(
  name: string,
  input: unknown,
  picture: string,
  progress?: (share: number) => void,
): Promise<Asked<unknown>>;
export function askWorker(
  name: string,
  input: unknown,
  picture: string,
  progress?: (share: number) => void,
): Promise<Asked<unknown>> {
  return workers()
    .ask({ what: "calculate", name, input }, picture, progress)
    .then(asked<unknown>);
}

/** Why an answer is what it is, off the page. */
export const askWhy = (name: string, input: unknown, picture: string): Promise<Asked<Explanation>> =>
  workers()
    .ask({ what: "explain", name, input }, picture)
    .then(asked<Explanation>);

export const cancelWork = (picture: string): void => pool?.cancel(picture);

const asked = <T>(outcome: Outcome): Asked<T> =>
  outcome.code === "done" ? (outcome.value as Result<T, CalculationError>) : { ok: false, error: outcome };
