/** A worker as the pool sees it: does one task at a time, and can be stopped in the middle of it. */
export interface Hand<T> {
  run(task: T, progress: (share: number) => void): Promise<unknown>;
  stop(): void;
}

/** What became of a task: its answer, or it gave way to a newer one, or its worker broke. */
export type Outcome =
  | { readonly code: "done"; readonly value: unknown }
  | { readonly code: "cancelled" }
  | { readonly code: "broken"; readonly reason: string };

interface Job<T> {
  readonly task: T;
  /** What the answer is drawn in: a newer task for the same picture cancels this one. */
  readonly picture: string;
  readonly progress: (share: number) => void;
  readonly settle: (outcome: Outcome) => void;
  settled: boolean;
}

interface Seat<T> {
  hand: Hand<T> | null;
  job: Job<T> | null;
}

export interface PoolOptions<T> {
  readonly spawn: () => Hand<T>;
  readonly size: number;
  /**
   * A task that was cancelled may go on for so many ms before its worker is stopped: most are nearly done, and a new
   * worker costs more than the rest of a short task.
   */
  readonly graceMs: number;
}

/**
 * A few workers for many tasks, first come first served. Workers are started when there is work for them and kept.
 */
export class WorkerPool<T> {
  private readonly seats: Seat<T>[];
  private queue: Job<T>[] = [];

  constructor(private readonly options: PoolOptions<T>) {
    this.seats = Array.from({ length: options.size }, () => ({ hand: null, job: null }));
  }

  ask(task: T, picture: string, progress: (share: number) => void = () => undefined): Promise<Outcome> {
    this.cancel(picture);
    return new Promise((resolve) => {
      const job: Job<T> = {
        task,
        picture,
        progress,
        settled: false,
        settle: (outcome) => settleOnce(job, outcome, resolve),
      };
      this.queue.push(job);
      this.serve();
    });
  }

  /** Lets go of whatever is under way for a picture. */
  cancel(picture: string): void {
    for (const job of this.queue) if (job.picture === picture) job.settle({ code: "cancelled" });
    this.queue = this.queue.filter((job) => !job.settled);
    for (const seat of this.seats) {
      const { job } = seat;
      if (job?.picture !== picture || job.settled) continue;
      job.settle({ code: "cancelled" });
      setTimeout(() => {
        if (seat.job === job) this.replace(seat);
      }, this.options.graceMs);
    }
  }

  /** Stops every worker; what was asked is cancelled. */
  close(): void {
    for (const job of this.queue) job.settle({ code: "cancelled" });
    this.queue = [];
    for (const seat of this.seats) {
      seat.job?.settle({ code: "cancelled" });
      seat.hand?.stop();
      seat.hand = null;
      seat.job = null;
    }
  }

  private serve(): void {
    for (const seat of this.seats) {
      if (seat.job) continue;
      const job = this.queue.shift();
      if (!job) return;
      this.work(seat, job);
    }
  }

  private work(seat: Seat<T>, job: Job<T>): void {
    seat.job = job;
    seat.hand ??= this.options.spawn();
    const { hand } = seat;
    const progress = (share: number): void => {
      if (!job.settled) job.progress(share);
    };
    hand
      .run(job.task, progress)
      .then(
        (value) => job.settle({ code: "done", value }),
        (error: unknown) => {
          job.settle({ code: "broken", reason: String(error) });
          // A worker that fell over is not asked again.
          if (seat.hand === hand) seat.hand = null;
          hand.stop();
        },
      )
      .finally(() => {
        if (seat.job !== job) return;
        seat.job = null;
        this.serve();
      });
  }

  /** Puts a fresh worker in the place of one that is still at a cancelled task. */
  private replace(seat: Seat<T>): void {
    seat.hand?.stop();
    seat.hand = null;
    seat.job = null;
    this.serve();
  }
}

function settleOnce<T>(job: Job<T>, outcome: Outcome, resolve: (outcome: Outcome) => void): void {
  if (job.settled) return;
  job.settled = true;
  resolve(outcome);
}
