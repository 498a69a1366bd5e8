import { ulid } from "ulid";
import { describe, expect, it } from "vitest";
import { holderSince } from "./holders";
import { LIFE_LOCK, writeLock } from "./locks";

const OPENED = "2026-11-25T14:05:00.000Z";
const asking = (held: LockInfo[]) => ({ query: async () => ({ held, pending: [] }) });
const life = (clientId: string, name = ulid(Date.parse(OPENED))): LockInfo => ({
  clientId,
  mode: "exclusive",
  name: `${LIFE_LOCK}${name}`,
});
const writing: LockInfo = { clientId: "b", mode: "exclusive", name: writeLock("own") };

describe("which tab holds the yard", () => {
  it("is told by when it opened it", async () => {
    expect(await holderSince(writeLock("own"), asking([life("a", ulid()), writing, life("b")]))).toBe(OPENED);
  });

  it("is not guessed: of another yard, of nobody, of a browser that does not say", async () => {
    expect(await holderSince(writeLock("demo"), asking([writing, life("b")]))).toBeNull();
    expect(await holderSince(writeLock("own"), asking([life("b")]))).toBeNull();
    expect(await holderSince(writeLock("own"), asking([writing, life("a")]))).toBeNull();
    expect(await holderSince(writeLock("own"), asking([writing, life("b", "no such time")]))).toBeNull();
    expect(await holderSince(writeLock("own"), { query: () => Promise.reject(new Error("no")) })).toBeNull();
  });
});
