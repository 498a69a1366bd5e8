import "fake-indexeddb/auto";
import Dexie from "dexie";
import { type ReactNode, useEffect, useState } from "react";
import { afterAll, beforeAll, beforeEach } from "vitest";
import type { Entry, Timeline } from "@/core/ledger";
import { ok } from "@/core/units";
import type { YardView } from "@/core/view";
import { asAct, undo } from "./acts";
import type { YardClient } from "./client";
import { type Stamp, YardSession } from "./session";
import { type OpenYard, YardContext } from "./YardProvider";

/** The real session on a fake database, that can be put back to where it began: filling it anew costs more than a test. */
class ShelfSession extends YardSession {
  private begun: Timeline | null = null;

  async reset(): Promise<void> {
    this.begun ??= this.timeline;
    const { byId } = this.begun;
    await this.db.entries.bulkDelete([...this.timeline.byId.keys()].filter((id) => !this.written.has(id)));
    this.timeline = { ...this.begun, byId: new Map([...byId].filter(([id]) => this.written.has(id))) };
  }

  private get written(): ReadonlySet<string> {
    this.known ??= new Set(this.begun?.byId.keys());
    return this.known;
  }
  private known: ReadonlySet<string> | null = null;
}

/** A yard for tests of screens: the real session on a fake database, without a worker, at a clock that stands still. */
export async function openTestYard(entries: readonly Entry[], nowIso: string): Promise<ShelfSession> {
  const session = (await ShelfSession.open("own", () => undefined)) as ShelfSession;
  await session.seed(entries, true);
  counter = 0;
  clock = nowIso;
  return session;
}

/** A fresh test yard before each test of a file, gone after them. */
export function testYardEachTime(entries: readonly Entry[], nowIso: string): () => YardSession {
  let session: ShelfSession;
  beforeAll(async () => {
    session = await openTestYard(entries, nowIso);
    await session.reset();
  });
  beforeEach(async () => {
    counter = 0;
    clock = nowIso;
    await session.reset();
  });
  afterAll(async () => {
    session.close();
    await Dexie.delete("brisk-barrel");
  });
  return () => session;
}

/** Who writes in a test, and when: an id that the test chooses. */
export const stampOf = (id: string, now: string, device = "shelf"): Stamp => ({
  ids: [id, `${id}-act`],
  now,
  device,
  look: { at: null, have: null },
});

let counter = 0;
const newId = (): string => {
  counter += 1;
  return `test-${String(counter).padStart(4, "0")}`;
};
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
  const write: OpenYard["write"] = async (drafts) => {
    const act = asAct(drafts);
    const ids = Array.from({ length: act.length + 1 }, newId);
    const written = await session.append(act, { ids, now: clock, device: "shelf", look: { at, have: null } });
    if (!written.ok) return written;
    await refresh();
    return ok(written.value.ids);
  };
  const yard: OpenYard = {
    name: "own",
    view,
    client: clientOf(session),
    at,
    unreadable: 0,
    travel: setAt,
    write,
    newId,
    now: () => clock,
    refresh,
    async startDemoAgain() {},
    undoLast: async () => undo(session.lastWritten("shelf"), write),
  };
  return <YardContext.Provider value={yard}>{children}</YardContext.Provider>;
}
