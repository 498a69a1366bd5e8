"use client";
import { useSearchParams } from "next/navigation";
import { createContext, type ReactNode, useContext, useMemo } from "react";
import { monotonicFactory } from "ulid";
import type { Draft, Entry, EntryId } from "@/core/ledger";
import { ok, type Result } from "@/core/units";
import type { YardView } from "@/core/view";
import { asAct, redo, type Undone, undo } from "./acts";
import type { BookState } from "./bookState";
import { WorkerStopped, type YardClient } from "./client";
import type { YardName } from "./db";
import type { LastSeen } from "./lastSeen";
import type { StoreError } from "./session";
import { type OpenedYard, type Opening, useOpening } from "./useOpening";

export interface OpenYard {
  readonly name: YardName;
  readonly view: YardView;
  readonly book: BookState;
  readonly client: YardClient;
  /** The moment looked at: null is now. */
  readonly at: string | null;
  /** The worker stopped and is being started anew; what is drawn is what stood before. */
  readonly isRestarting: boolean;
  /** What this browser had before, where there is nothing now. */
  readonly vanished: LastSeen | null;
  travel(at: string | null): void;
  /** Writes one entry, or several as one act: all of them or none. Gives their ids. */
  write(drafts: Draft | readonly Draft[]): Promise<Result<readonly EntryId[], StoreError>>;
  /** A fresh id for a thing that is about to be written. */
  newId(): string;
  /** Takes back this tab's last act that still counts, or the one named; gives its entries, the newest first. */
  undo(act?: readonly EntryId[], against?: readonly string[]): Promise<Undone>;
  /** Brings back what Undo took back last. */
  redo(against?: readonly string[]): Promise<Undone>;
  refresh(): Promise<void>;
  /** Says whether the demo was made anew. */
  startDemoAgain(): Promise<boolean>;
  /** What the clock says, or the newest thing that happened where the clock is behind it. */
  now(): string;
}

export const YardContext = createContext<OpenYard | null>(null);

/** The open yard; only below a YardProvider that has finished opening it. */
export function useYard(): OpenYard {
  const yard = useContext(YardContext);
  if (!yard) throw new Error("no yard above this component");
  return yard;
}

/** Rising even within one millisecond: ids break ties between entries of one moment. */
const nextId = monotonicFactory();
const clockIso = (): string => new Date(Date.now()).toISOString();

export interface YardProviderProps {
  readonly makeDemo: (nowMs: number) => Promise<Entry[]>;
  /** What stands until the yard is open. */
  readonly waiting: (opening: Opening, name: YardName) => ReactNode;
  readonly children: ReactNode;
}

/** Opens the yard that the address names (`?demo=1` the demo) in its worker and keeps a view of it for the screens. */
export function YardProvider({ makeDemo, waiting, children }: YardProviderProps) {
  const name: YardName = useSearchParams().get("demo") === "1" ? "demo" : "own";
  const { opened, opening, at, travel, take, look, lookNow, nextClient, isRestarting } = useOpening(name, makeDemo);
  const yard = useMemo(
    (): OpenYard | null =>
      opened && {
        ...actsOf(opened, { take, look, lookNow, nextClient }, name === "own"),
        name,
        client: opened.client,
        view: opened.view,
        book: opened.book,
        vanished: opened.vanished,
        at,
        isRestarting,
        newId: () => nextId(Date.now()),
        now: () => {
          const clock = clockIso();
          const latest = opened.book.latestAt;
          return latest !== null && latest > clock ? latest : clock;
        },
        refresh: () => look(opened.client),
        travel,
        async startDemoAgain() {
          const made = await opened.client.seed(await makeDemo(Date.now()), true);
          await look(opened.client);
          return made;
        },
      },
    [opened, name, at, isRestarting, travel, take, look, lookNow, nextClient, makeDemo],
  );
  if (!yard) return waiting(opening, name);
  return <YardContext.Provider value={yard}>{children}</YardContext.Provider>;
}

/** From the first entry on there is something to lose: browsers clear what was not asked to be kept. */
async function askToKeep(): Promise<void> {
  try {
    if (!(await navigator.storage.persisted())) await navigator.storage.persist();
  } catch {
    // It may refuse; the shed shows how it stands.
  }
}

type Lookout = Pick<ReturnType<typeof useOpening>, "take" | "look" | "lookNow" | "nextClient">;

function actsOf(
  { client, own }: OpenedYard,
  { take, look, lookNow, nextClient }: Lookout,
  isReal: boolean,
): Pick<OpenYard, "write" | "undo" | "redo"> {
  const send = async (act: readonly Draft[]): Promise<Result<readonly EntryId[], StoreError>> => {
    const ids = Array.from({ length: act.length + 1 }, () => nextId(Date.now()));
    const ask = async (worker: YardClient): Promise<Result<readonly EntryId[], StoreError>> => {
      const written = await worker.append(act, { ids, now: clockIso(), look: lookNow() });
      if (!written.ok) return written;
      take(worker, written.value);
      return ok(written.value.ids);
    };
    try {
      return await ask(client);
    } catch (error) {
      if (!(error instanceof WorkerStopped)) throw error;
      // The worker stopped in the middle of it, or before it: the one after it knows which. The ids make it one act.
      const next = await nextClient(client);
      const known = await next.counting(ids);
      if (known.length === 0) return ask(next);
      await look(next);
      return ok(known.map((e) => e.id).reverse());
    }
  };
  const undoing = { counting: (ids: readonly string[]) => client.counting(ids), write: send };
  return {
    async write(drafts) {
      const act = asAct(drafts);
      const written = await send(act);
      if (written.ok) {
        own.add(written.value);
        if (isReal) void askToKeep();
      }
      return written;
    },
    undo: (act, against) => undo(own, undoing, act, against),
    redo: (against) => redo(own, undoing, against),
  };
}
