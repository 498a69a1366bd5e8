"use client";
import { useSearchParams } from "next/navigation";
import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useRef, useState } from "react";
import { monotonicFactory, ulid } from "ulid";
import type { Draft, Entry, EntryId } from "@/core/ledger";
import { MS_PER_HOUR, MS_PER_MINUTE, ok, type Result } from "@/core/units";
import { applyChange, type ViewChange, type YardView } from "@/core/view";
import { asAct, undo } from "./acts";
import { callback, startYardWorker, type YardClient } from "./client";
import type { YardName } from "./db";
import type { Look, StoreError } from "./session";

export interface OpenYard {
  readonly name: YardName;
  readonly view: YardView;
  readonly client: YardClient;
  /** The moment looked at: null is now. */
  readonly at: string | null;
  readonly unreadable: number;
  travel(at: string | null): void;
  /** Writes one entry, or several as one act: all of them or none. Gives their ids. */
  write(drafts: Draft | readonly Draft[]): Promise<Result<readonly EntryId[], StoreError>>;
  /** A fresh id for a thing that is about to be written. */
  newId(): string;
  /** Takes back the last act of this device; gives its entries, the newest first. */
  undoLast(): Promise<{ undone: readonly Entry[]; error?: StoreError }>;
  refresh(): Promise<void>;
  startDemoAgain(): Promise<void>;
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

const DEVICE_KEY = "brisk-barrel-device";
const nowIso = (): string => new Date(Date.now()).toISOString();

function deviceId(): string {
  const known = localStorage.getItem(DEVICE_KEY);
  if (known) return known;
  const made = ulid();
  localStorage.setItem(DEVICE_KEY, made);
  return made;
}

export interface YardProviderProps {
  readonly makeDemo: (nowMs: number) => Promise<Entry[]>;
  readonly waiting: ReactNode;
  readonly failed: (reason: string) => ReactNode;
  readonly children: ReactNode;
}

/** Opens the yard that the address names (`?demo=1` the demo) in its worker and keeps a view of it for the screens. */
export function YardProvider({ makeDemo, waiting, failed, children }: YardProviderProps) {
  const name: YardName = useSearchParams().get("demo") === "1" ? "demo" : "own";
  const [opened, setOpened] = useState<Opened | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [at, setAt] = useState<string | null>(null);
  // What the next look is asked for: kept beside the state, since a look may be asked while another is under way.
  const lookRef = useRef<Look>({ at: null, have: null });
  const makeDemoRef = useRef(makeDemo);

  const take = useCallback((client: YardClient, change: ViewChange): void => {
    lookRef.current = { ...lookRef.current, have: change.to };
    setOpened((o) => {
      if (o?.client !== client) return o;
      const view = applyChange(o.view, o.seq, change);
      return view ? { ...o, view, seq: change.to } : o;
    });
  }, []);

  const look = useCallback(
    async (client: YardClient): Promise<void> => take(client, await client.look(nowIso(), lookRef.current)),
    [take],
  );

  useEffect(() => {
    const { client, stop } = startYardWorker();
    let gone = false;
    lookRef.current = { at: null, have: null };
    setAt(null);
    const start = async (): Promise<void> => {
      const { unreadable, newestAt } = await client.open(
        name,
        callback(() => void look(client)),
      );
      if (name === "demo" && (newestAt === null || Date.now() - Date.parse(newestAt) > FRESH_DEMO_MS))
        await client.seed(await makeDemoRef.current(Date.now()), false);
      const change = await client.look(nowIso(), lookRef.current);
      const view = applyChange(null, null, change);
      if (gone || !view) return;
      lookRef.current = { ...lookRef.current, have: change.to };
      setOpened({ client, view, seq: change.to, unreadable });
    };
    start().catch((error: unknown) => !gone && setFailure(String(error)));
    const minute = setInterval(() => void look(client), MS_PER_MINUTE);
    return () => {
      gone = true;
      clearInterval(minute);
      setOpened(null);
      stop();
    };
  }, [name, look]);

  const yard = useMemo((): OpenYard | null => {
    if (!opened) return null;
    const { client } = opened;
    const write: OpenYard["write"] = async (drafts) => {
      const act = asAct(drafts);
      const ids = Array.from({ length: act.length + 1 }, () => nextId(Date.now()));
      const written = await client.append(act, { ids, now: nowIso(), device: deviceId(), look: lookRef.current });
      if (!written.ok) return written;
      take(client, written.value.change);
      return ok(written.value.ids);
    };
    return {
      name,
      client,
      view: opened.view,
      unreadable: opened.unreadable,
      at,
      write,
      newId: () => nextId(Date.now()),
      now: nowIso,
      refresh: () => look(client),
      travel(to) {
        lookRef.current = { ...lookRef.current, at: to };
        setAt(to);
        void look(client);
      },
      undoLast: async () => undo(await client.lastWritten(deviceId()), write),
      async startDemoAgain() {
        await client.seed(await makeDemoRef.current(Date.now()), true);
        await look(client);
      },
    };
  }, [opened, name, at, look, take]);

  if (failure !== null) return failed(failure);
  if (!yard) return waiting;
  return <YardContext.Provider value={yard}>{children}</YardContext.Provider>;
}

interface Opened {
  readonly client: YardClient;
  readonly view: YardView;
  /** The number of the view that is held. */
  readonly seq: number;
  readonly unreadable: number;
}

/** A demo nobody has written in is made anew when its newest entry is older than this. */
const FRESH_DEMO_MS = 20 * MS_PER_HOUR;
