import { availableParallelism } from "node:os";
import type { CalculationError } from "@/core/calculations";
import type { Result } from "@/core/units";
import { type Hand, WorkerPool } from "@/workers/pool";

export interface HeavyTask {
  readonly name: string;
  readonly input: unknown;
}

/** One core is left to whoever asks something light. */
const RUNNING = Math.max(1, Math.min(2, availableParallelism() - 1));
const WAITING = 6;
const MOST_MS = 20_000;

export type HeavyAnswer =
  | { readonly code: "done"; readonly answer: Result<unknown, CalculationError> }
  | { readonly code: "busy" }
  | { readonly code: "too-long" }
  | { readonly code: "broken"; readonly reason: string };

/**
 * Heavy calculations for whoever asks over HTTP: so many at once, so many that wait, and so long each. The rest are told
 * that the server is busy, or that it took too long.
 */
export class HeavyDesk {
  private readonly pool: WorkerPool<HeavyTask>;
  private open = 0;
  private tickets = 0;

  constructor(
    spawn: () => Hand<HeavyTask>,
    private readonly bounds = { running: RUNNING, waiting: WAITING, ms: MOST_MS },
  ) {
    this.pool = new WorkerPool({ spawn, size: bounds.running, graceMs: 0 });
  }

  async ask(name: string, input: unknown): Promise<HeavyAnswer> {
    if (this.open >= this.bounds.running + this.bounds.waiting) return { code: "busy" };
    this.open += 1;
    this.tickets += 1;
    const ticket = String(this.tickets);
    const bell = setTimeout(() => this.pool.cancel(ticket), this.bounds.ms);
    const outcome = await this.pool.ask({ name, input }, ticket);
    clearTimeout(bell);
    this.open -= 1;
    if (outcome.code === "cancelled") return { code: "too-long" };
    if (outcome.code === "broken") return outcome;
    return { code: "done", answer: outcome.value as Result<unknown, CalculationError> };
  }
}
