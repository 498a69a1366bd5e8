"use client";
import { useSearchParams } from "next/navigation";
import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useRef, useState } from "react";
import { monotonicFactory, ulid } from "ulid";
import type { YardView } from "@/core/advice";
import type { Draft, Entry, EntryId } from "@/core/ledger";
import type { Result } from "@/core/units";
import { callback, startYardWorker, type YardClient } from "./client";
import type { YardName } from "./db";
import type { StoreError } from "./session";

export interface OpenYard {
  readonly name: YardName;
  readonly view: YardView;
  readonly client: YardClient;
  /** The moment looked at: null is now. */
  readonly at: string | null;
  readonly unreadable: number;
  travel(at: string | null): void;
  write(draft: Draft): Promise<Result<EntryId, StoreError>>;
  undoLast(): Promise<{ undone: Entry | null; error?: StoreError }>;
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
  const [opened, setOpened] = useState<{ client: YardClient; view: YardView; unreadable: number } | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [at, setAt] = useState<string | null>(null);
  const atRef = useRef<string | null>(null);
  const makeDemoRef = useRef(makeDemo);

  const look = useCallback(async (client: YardClient): Promise<void> => {
    const view = await client.view(nowIso(), atRef.current);
    setOpened((o) => (o?.client === client ? { ...o, view } : o));
  }, []);

  useEffect(() => {
    const { client, stop } = startYardWorker();
    let gone = false;
    atRef.current = null;
    setAt(null);
    const start = async (): Promise<void> => {
      const { unreadable, newestAt } = await client.open(
        name,
        callback(() => void look(client)),
      );
      if (name === "demo" && (newestAt === null || Date.now() - Date.parse(newestAt) > FRESH_DEMO_MS))
        await client.seed(await makeDemoRef.current(Date.now()), false);
      const view = await client.view(nowIso(), null);
      if (!gone) setOpened({ client, view, unreadable });
    };
    start().catch((error: unknown) => !gone && setFailure(String(error)));
    const minute = setInterval(() => void look(client), 60_000);
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
    const write = async (draft: Draft): Promise<Result<EntryId, StoreError>> => {
      const written = await client.append(draft, { id: nextId(Date.now()), now: nowIso(), device: deviceId() });
      if (written.ok) await look(client);
      return written;
    };
    return {
      name,
      client,
      view: opened.view,
      unreadable: opened.unreadable,
      at,
      write,
      now: nowIso,
      refresh: () => look(client),
      travel(to) {
        atRef.current = to;
        setAt(to);
        void look(client);
      },
      async undoLast() {
        const undone = await client.lastWritten(deviceId());
        if (!undone) return { undone };
        const written = await write({ kind: "void", data: { entry: undone.id, reason: "undone" } });
        return written.ok ? { undone } : { undone, error: written.error };
      },
      async startDemoAgain() {
        await client.seed(await makeDemoRef.current(Date.now()), true);
        await look(client);
      },
    };
  }, [opened, name, at, look]);

  if (failure !== null) return failed(failure);
  if (!yard) return waiting;
  return <YardContext.Provider value={yard}>{children}</YardContext.Provider>;
}

/** A demo nobody has written in is made anew when its newest entry is older than this. */
const FRESH_DEMO_MS = 20 * 3_600_000;
