import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { type Hand, WorkerPool } from "./pool";

/** Workers made of promises: each task waits until the test finishes or breaks it. */
function makePool(size: number) {
  const under: {
    task: string;
    finish: (v: unknown) => void;
    fail: (e: Error) => void;
    progress: (s: number) => void;
  }[] = [];
  let started = 0;
  let stopped = 0;
  const spawn = (): Hand<string> => {
    started++;
    return {
      run: (task, progress) =>
        new Promise((finish, fail) => {
          under.push({ task, finish, fail, progress });
        }),
      stop: () => {
        stopped++;
      },
    };
  };
  const pool = new WorkerPool<string>({ spawn, size, graceMs: 200 });
  return { pool, under, count: () => ({ started, stopped }) };
}

const soon = () => vi.advanceTimersByTimeAsync(0);

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

describe("the pool", () => {
  it("starts workers only as there is work, and the rest wait their turn", async () => {
    const { pool, under, count } = makePool(2);
    expect(count().started).toBe(0);
    const answers = ["a", "b", "c"].map((t) => pool.ask(t, t));
    expect(under.map((u) => u.task)).toEqual(["a", "b"]);
    under[0]?.finish(1);
    expect(await answers[0]).toEqual({ code: "done", value: 1 });
    await soon();
    expect(under.map((u) => u.task)).toEqual(["a", "b", "c"]);
    expect(count()).toEqual({ started: 2, stopped: 0 });
  });
  it("lets a newer task for the same picture cancel the older, waiting or under way", async () => {
    const { pool, under } = makePool(1);
    const first = pool.ask("slider at 1", "chart");
    const second = pool.ask("slider at 2", "chart");
    const third = pool.ask("slider at 3", "chart");
    expect(await first).toEqual({ code: "cancelled" });
    expect(await second).toEqual({ code: "cancelled" });
    under[0]?.finish("late");
    await soon();
    expect(under.map((u) => u.task)).toEqual(["slider at 1", "slider at 3"]);
    under[1]?.finish("right");
    expect(await third).toEqual({ code: "done", value: "right" });
  });
  it("stops a worker that is still at a cancelled task after its grace, and no other", async () => {
    const { pool, under, count } = makePool(1);
    void pool.ask("endless", "round");
    const next = pool.ask("short", "round");
    await vi.advanceTimersByTimeAsync(199);
    expect(count().stopped).toBe(0);
    await vi.advanceTimersByTimeAsync(2);
    expect(count()).toEqual({ started: 2, stopped: 1 });
    under[1]?.finish("done");
    expect(await next).toEqual({ code: "done", value: "done" });
    // The late answer of the stopped worker disturbs nobody.
    under[0]?.finish("too late");
    await vi.advanceTimersByTimeAsync(1000);
    expect(count()).toEqual({ started: 2, stopped: 1 });
  });
  it("leaves other pictures alone", async () => {
    const { pool, under } = makePool(2);
    const kept = pool.ask("a", "one");
    void pool.ask("b", "two");
    pool.cancel("two");
    under[0]?.finish("kept");
    expect(await kept).toEqual({ code: "done", value: "kept" });
  });
  it("passes on progress, but not of what was cancelled", async () => {
    const { pool, under } = makePool(1);
    const seen: number[] = [];
    void pool.ask("long", "round", (share) => seen.push(share));
    under[0]?.progress(0.25);
    pool.cancel("round");
    under[0]?.progress(0.5);
    expect(seen).toEqual([0.25]);
  });
  it("says so when a worker breaks, and goes on with a fresh one", async () => {
    const { pool, under, count } = makePool(1);
    const broken = pool.ask("bad", "x");
    const next = pool.ask("good", "y");
    under[0]?.fail(new Error("no script"));
    expect(await broken).toEqual({ code: "broken", reason: "Error: no script" });
    await soon();
    under[1]?.finish(2);
    expect(await next).toEqual({ code: "done", value: 2 });
    expect(count()).toEqual({ started: 2, stopped: 1 });
  });
  it("cancels everything when it closes", async () => {
    const { pool, count } = makePool(1);
    const asked = [pool.ask("a", "a"), pool.ask("b", "b")];
    pool.close();
    expect(await Promise.all(asked)).toEqual([{ code: "cancelled" }, { code: "cancelled" }]);
    expect(count().stopped).toBe(1);
  });
});
