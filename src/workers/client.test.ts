import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { calculateAny, explain } from "@/core/calculations";

/** A worker that answers on the next turn with the same registry, or falls over as a missing script does. */
const made = vi.hoisted(() => ({ workers: 0, terminated: 0, fails: false }));
class FakeWorker extends EventTarget {
  constructor() {
    super();
    made.workers++;
    if (made.fails)
      setTimeout(() => this.dispatchEvent(Object.assign(new Event("error"), { message: "no script" })), 1);
  }
  terminate(): void {
    made.terminated++;
  }
}
vi.mock("comlink", () => ({
  wrap: () => ({
    calculate: (name: string, input: unknown, progress: (share: number) => void) =>
      made.fails ? new Promise(() => undefined) : Promise.resolve(calculateAny(name, input, progress)),
    explain: async (name: string, input: unknown) => explain(name, input),
  }),
  proxy: <T>(x: T): T => x,
}));

const heat = { fluid: "canola", limitMm2PerS: 15 } as const;

beforeEach(() => {
  made.workers = made.terminated = 0;
  made.fails = false;
  vi.resetModules();
  vi.stubGlobal("Worker", FakeWorker);
  vi.stubGlobal("navigator", { hardwareConcurrency: 2 });
});
afterEach(() => void vi.unstubAllGlobals());

describe("asking off the page", () => {
  it("starts one worker when it is first asked, and keeps it", async () => {
    const { askWorker, askWhy } = await import(".");
    expect(made.workers).toBe(0);
    const answer = await askWorker("heat", { fluid: "canola", limitMm2PerS: 15 }, "gate");
    expect(answer.ok && answer.value.celsius).toBeCloseTo(70.1, 0);
    const why = await askWhy("heat", heat, "why");
    expect(why.ok && why.value.effects.length).toBeGreaterThan(0);
    expect(made).toMatchObject({ workers: 1, terminated: 0 });
  });
  it("hands on domain errors and progress as they are", async () => {
    const { askWorker } = await import(".");
    expect(await askWorker("heat", { ...heat, limitMm2PerS: 0 }, "gate")).toMatchObject({
      ok: false,
      error: { code: "invalid-input", issues: [{ field: "limitMm2PerS" }] },
    });
    const seen: number[] = [];
    const limits = { hours: 3, payloadKg: 250, containerLitres: 160, settlingRoomLitres: 300 };
    const round = { home: { eastKm: 0, northKm: 0 }, stops: [], limits };
    expect(await askWorker("round", round, "map", (share) => seen.push(share))).toMatchObject({ ok: true });
    expect(seen.at(-1)).toBe(1);
  });
  it("says so when its script does not load, and starts afresh the next time", async () => {
    const { askWorker } = await import(".");
    made.fails = true;
    expect(await askWorker("heat", heat, "gate")).toEqual({
      ok: false,
      error: { code: "broken", reason: "Error: no script" },
    });
    made.fails = false;
    expect(await askWorker("heat", heat, "gate")).toMatchObject({ ok: true });
    expect(made).toMatchObject({ workers: 2, terminated: 1 });
  });
  it("lets go of a picture nobody looks at any more", async () => {
    const { askWorker, cancelWork } = await import(".");
    const asked = askWorker("heat", heat, "gate");
    cancelWork("gate");
    expect(await asked).toEqual({ ok: false, error: { code: "cancelled" } });
  });
});
