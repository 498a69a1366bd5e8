import "fake-indexeddb/auto";
import Dexie from "dexie";
import { type ReactNode, useEffect, useMemo, useState } from "react";
import { afterAll, beforeAll, beforeEach } from "vitest";
import { lineOf } from "@/core/formats";
import type { Draft, Entry, EntryId, Timeline } from "@/core/ledger";
import { ok } from "@/core/units";
import type { YardView } from "@/core/view";
import { asAct, redo, undo } from "./acts";
import type { YardClient } from "./client";
import { type Head, YardDb } from "./db";
import type { Stamp } from "./offer";
import { OwnActs } from "./ownActs";
import { YardSession } from "./session";
import type { SessionTools } from "./tools";
import { type OpenYard, YardContext } from "./YardProvider";

let bases = 0;

/** Surroundings without a second copy, in which one thing runs after another. */
export function testTools(shelf: SessionTools["shelf"] = null): SessionTools {
  const newBase = (): string => {
    bases += 1;
    return `base-${bases}`;
  };
  return { shelf, exclusive: queue(0), turn: queue(1), newBase, newDevice: () => "shelf" };
}

const queues: Promise<unknown>[] = [];
/** One after another, whichever of the tabs of a test it is. */
function queue(which: number): SessionTools["exclusive"] {
  return (work) => {
    const next = (queues[which] ?? Promise.resolve()).then(work);
    queues[which] = next.catch(() => undefined);
    return next;
  };
}

/** The real session on a fake database, that can be put back to where it began: filling it anew costs more than a test. */
class ShelfSession extends YardSession {
  private readonly disk = new YardDb("own");
  private begun: { readonly timeline: Timeline; readonly head: Head; readonly ids: ReadonlySet<string> } | null = null;

  async reset(): Promise<void> {
    const { book, disk, timeline } = this;
    if (!book) throw new Error("no book");
    this.begun ??= { timeline, head: book.head, ids: new Set(timeline.byId.keys()) };
    const { head, ids } = this.begun;
    const found = (await disk.marks.get("head"))?.value as Head;
    // A test may have opened another yard in its place.
    if (found.base !== head.base) {
      await disk.lines.clear();
      const begun = [...this.begun.timeline.byId.values()].filter((e) => ids.has(e.id));
      await disk.lines.bulkAdd(begun.map((entry) => ({ ...lineOf(entry), g: head.generation })));
    }
    await disk.lines.bulkDelete([...timeline.byId.keys()].filter((id) => !ids.has(id)));
    await disk.marks.put({ key: "head", value: head });
    await book.since();
    const known = [...this.begun.timeline.byId].filter(([id]) => ids.has(id));
    this.timeline = { ...this.begun.timeline, byId: new Map(known) };
  }

  /** What was written since it began, the newest first. */
  written(): Entry[] {
    const since = [...this.timeline.byId.keys()].filter((id) => !this.begun?.ids.has(id));
    return this.counting(since).sort((a, b) => (b.counter ?? 0) - (a.counter ?? 0));
  }

  override close(): void {
    this.disk.close();
    super.close();
  }
}

/** A yard for tests of screens: the real session on a fake database, without a worker, at a clock that stands still. */
export async function openTestYard(entries: readonly Entry[], nowIso: string): Promise<ShelfSession> {
  const session = (await ShelfSession.open("own", testTools())) as ShelfSession;
  await session.seed(entries, true);
  counter = 0;
  clock = nowIso;
  return session;
}

/** A fresh test yard before each test of a file, gone after them. */
export function testYardEachTime(entries: readonly Entry[], nowIso: string): () => ShelfSession {
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

/** What a test writes, and when: an id that the test chooses. */
export const stampOf = (id: string, now: string): Stamp => ({
  ids: [id, `${id}-act`],
  now,
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

const NOT_KEPT = { getItem: () => null, setItem: () => undefined };

export function TestYard({ session, children }: { session: YardSession; children: ReactNode }) {
  const [at, setAt] = useState<string | null>(null);
  const [view, setView] = useState<YardView>(() => session.view(clock, null));
  const own = useMemo(() => OwnActs.of("own", NOT_KEPT, "test", async () => true), []);
  useEffect(() => setView(session.view(clock, at)), [session, at]);
  const refresh = async (): Promise<void> => setView(session.view(clock, at));
  const send: OpenYard["write"] = async (drafts) => {
    const act = asAct(drafts);
    const ids = Array.from({ length: act.length + 1 }, newId);
    const written = await session.append(act, { ids, now: clock, look: { at, have: null } });
    if (!written.ok) return written;
    await refresh();
    return ok(written.value.ids);
  };
  const write: OpenYard["write"] = async (drafts) => {
    const written = await send(drafts);
    if (written.ok) (await own).add(written.value satisfies readonly EntryId[]);
    return written;
  };
  const undoing = {
    counting: async (ids: readonly string[]) => session.counting(ids),
    write: (drafts: readonly Draft[]) => send(drafts),
  };
  const yard: OpenYard = {
    name: "own",
    view,
    book: session.bookState(),
    client: clientOf(session),
    at,
    isRestarting: false,
    vanished: null,
    travel: setAt,
    write,
    newId,
    now: () => clock,
    refresh,
    startDemoAgain: async () => true,
    undo: async (act) => undo(await own, undoing, act),
    redo: async () => redo(await own, undoing),
  };
  return <YardContext.Provider value={yard}>{children}</YardContext.Provider>;
}
