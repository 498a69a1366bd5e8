import { describe, expect, it } from "vitest";
import { ANSWER_HEADERS, isKnownMethod, refusedAtDoor } from "./door";
import { type HeavyAnswer, HeavyDesk } from "./heavyDesk";

const door = (method: string, headers: Record<string, string>) =>
  refusedAtDoor(method, new Headers({ host: "127.0.0.1:3000", ...headers }))?.status ?? 200;

describe("the server's door", () => {
  it("opens to this machine's own pages and to its command line", () => {
    expect(door("GET", {})).toBe(200);
    expect(door("POST", {})).toBe(200);
    expect(door("POST", { "content-type": "application/x-www-form-urlencoded" })).toBe(200);
    expect(door("POST", { "content-type": "application/json; charset=utf-8" })).toBe(200);
    expect(
      door("POST", {
        "content-type": "application/json",
        origin: "http://localhost:3000",
        "sec-fetch-site": "same-origin",
      }),
    ).toBe(200);
    expect(refusedAtDoor("GET", new Headers({ host: "[::1]:80" }))).toBeNull();
  });
  it("refuses foreign names, foreign pages and what is not JSON", () => {
    for (const host of ["evil.example", "127.0.0.1.evil.example", "192.168.1.9:3000", "localhost.evil:80"])
      expect(door("GET", { host })).toBe(421);
    expect(refusedAtDoor("GET", new Headers())?.status).toBe(421);
    for (const origin of ["http://evil.example", "null", "http://localhost.evil:3000"])
      expect(door("POST", { origin, "content-type": "application/json" })).toBe(403);
    expect(door("GET", { "sec-fetch-site": "cross-site" })).toBe(403);
    // Another port of this machine is another's page.
    expect(door("GET", { "sec-fetch-site": "same-site" })).toBe(403);
    expect(door("POST", { origin: "http://127.0.0.1:3001", "content-type": "application/json" })).toBe(403);
    expect(["GET", "head", "POST"].every(isKnownMethod)).toBe(true);
    expect(["TRACE", "PUT", "CONNECT"].some(isKnownMethod)).toBe(false);
    for (const type of ["text/plain", "multipart/form-data; boundary=x", "text/html"])
      expect(door("POST", { "content-type": type })).toBe(415);
    // A form on a page of this origin is no command line.
    const form = { "content-type": "application/x-www-form-urlencoded", origin: "http://127.0.0.1:3000" };
    expect(door("POST", form)).toBe(415);
  });
  it("lets no page be made of an answer", () =>
    expect(ANSWER_HEADERS["Content-Security-Policy"]).toContain("frame-ancestors 'none'"));
});

describe("heavy questions", () => {
  const stuck = () => ({ run: () => new Promise<never>(() => undefined), stop: () => stopped.push(1) });
  const stopped: number[] = [];

  it("are answered so many at once; more are told it is busy", async () => {
    const waiting: (() => void)[] = [];
    const hand = () => ({
      run: () => new Promise((done) => waiting.push(() => done({ ok: true, value: 1 }))),
      stop: () => undefined,
    });
    const desk = new HeavyDesk(hand, { running: 2, waiting: 1, ms: 60_000 });
    const asked = [1, 2, 3, 4].map(() => desk.ask("round", {}));
    expect(await asked[3]).toEqual({ code: "busy" });
    expect(waiting).toHaveLength(2);
    while (waiting.length > 0) {
      waiting.shift()?.();
      await new Promise(setImmediate);
    }
    const done: HeavyAnswer = { code: "done", answer: { ok: true, value: 1 } };
    expect(await Promise.all(asked.slice(0, 3))).toEqual([done, done, done]);
  });
  it("that take too long are given up, and their thread with them", async () => {
    const desk = new HeavyDesk(stuck, { running: 1, waiting: 0, ms: 10 });
    expect(await desk.ask("round", {})).toEqual({ code: "too-long" });
    await new Promise((later) => setTimeout(later, 5));
    expect(stopped).toEqual([1]);
    expect(await desk.ask("round", {})).toEqual({ code: "too-long" });
  });
});
