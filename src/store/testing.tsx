import "fake-indexeddb/auto";
import Dexie from "dexie";
import { type ReactNode, useEffect, useState } from "react";
import { afterEach, beforeEach } from "vitest";
import type { YardView } from "@/core/advice";
import type { Entry } from "@/core/ledger";
import type { YardClient } from "./client";
import { YardSession } from "./session";
import { type OpenYard, YardContext } from "./YardProvider";

/** A yard for tests of screens: the real session on a fake database, without a worker, at a clock that stands still. */
export async function openTestYard(entries: readonly Entry[], nowIso: string): Promise<YardSession> {
  const session = await YardSession.open("own", () => undefined);
  await session.seed(entries, true);
  counter = 0;
  clock = nowIso;
  return session;
}

/** A fresh test yard before each test of a file, gone after it. */
export function testYardEachTime(entries: readonly Entry[], nowIso: string): () => YardSession {
  let session: YardSession;
  beforeEach(async () => {
    localStorage.clear();
    session = await openTestYard(entries, nowIso);
  });
  afterEach(async () => {
    session.close();
    await Dexie.delete("brisk-barrel");
  });
  return () => session;
}

let counter = 0;
let clock = "";

/** The session's own methods answer at once; a client's answer later. To a screen that awaits them they are the same. */
const clientOf = (session: YardSession): YardClient =>
  new Proxy(session, {
    get: (target, name) => {
      const member = Reflect.get(target, name) as unknown;
      return typeof member === "function" ? async (...args: unknown[]) => member.apply(target, args) : member;
    },
  }) as unknown as YardClient;

export function TestYard({ session, children }: { session: YardSession; children: ReactNode }) {
  const [at, setAt] = useState<string | null>(null);
  const [view, setView] = useState<YardView>(() => session.view(clock, null));
  useEffect(() => setView(session.view(clock, at)), [session, at]);
  const refresh = async (): Promise<void> => setView(session.view(clock, at));
  const write: OpenYard["write"] = async (draft) => {
    counter += 1;
    const id = `test-${String(counter).padStart(4, "0")}`;
    const written = await session.append(draft, { id, now: clock, device: "shelf" });
    if (written.ok) await refresh();
    return written;
  };
  const yard: OpenYard = {
    name: "own",
    view,
    client: clientOf(session),
    at,
    unreadable: 0,
    travel: setAt,
    write,
    now: () => clock,
    refresh,
    async startDemoAgain() {},
    async undoLast() {
      const undone = session.lastWritten("shelf");
      if (!undone) return { undone };
      const written = await write({ kind: "void", data: { entry: undone.id, reason: "undone" } });
      return written.ok ? { undone } : { undone, error: written.error };
    },
  };
  return <YardContext.Provider value={yard}>{children}</YardContext.Provider>;
}
