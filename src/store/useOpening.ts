"use client";
import { useCallback, useEffect, useRef, useState } from "react";
import { ulid } from "ulid";
import type { Entry } from "@/core/ledger";
import { MS_PER_HOUR, MS_PER_MINUTE } from "@/core/units";
import { applyChange, type YardView } from "@/core/view";
import type { BookState, OpeningStage } from "./bookState";
import { callback, startYardWorker, WorkerStopped, type YardClient } from "./client";
import type { YardName } from "./db";
import { earlierDeviceId, holdForLife } from "./identity";
import { type LastSeen, noteLastSeen, readLastSeen } from "./lastSeen";
import type { Look } from "./offer";
import { OwnActs } from "./ownActs";
import type { Seen } from "./session";

export interface OpenedYard {
  readonly client: YardClient;
  readonly view: YardView;
  readonly book: BookState;
  /** The number of the view that is held. */
  readonly seq: number;
  readonly own: OwnActs;
  readonly vanished: LastSeen | null;
}

/** A yard that is not open yet: how far it has come, and whether it takes longer than it should. */
export interface Opening {
  readonly stage: OpeningStage;
  readonly isSlow: boolean;
  readonly failure: string | null;
  again(): void;
}

/** A demo nobody has written in is made anew when its newest entry is older than this. */
const FRESH_DEMO_MS = 20 * MS_PER_HOUR;
/** Nobody looks longer at a word without being told what is wrong. */
const SLOW_MS = 5000;
/** A worker that dies again and again has a fault that starting it does not mend. */
const MOST_STARTS = 4;

type MakeDemo = (nowMs: number) => Promise<Entry[]>;

const clockIso = (): string => new Date(Date.now()).toISOString();

/** Keeps a yard's worker running and the view it gave last. */
export function useOpening(name: YardName, makeDemo: MakeDemo) {
  const [opened, setOpened] = useState<OpenedYard | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [stage, setStage] = useState<OpeningStage>("starting");
  const [isSlow, setSlow] = useState(false);
  const [isRestarting, setRestarting] = useState(false);
  const [start, setStart] = useState(1);
  const [at, setAt] = useState<string | null>(null);
  // What the next look is asked for: kept beside the state, since a look may be asked while another is under way.
  const lookRef = useRef<Look>({ at: null, have: null });
  const makeDemoRef = useRef(makeDemo);
  const ownActsOf = useOwnActs();
  const { nextClient, isNow } = useNextClient();

  const take = useCallback((client: YardClient, { change, book }: Seen): void => {
    lookRef.current = { ...lookRef.current, have: change.to };
    setOpened((o) => {
      if (o?.client !== client) return o;
      const view = applyChange(o.view, o.seq, change);
      return view ? { ...o, view, book, seq: change.to } : o;
    });
  }, []);

  const look = useCallback(
    async (client: YardClient): Promise<void> => take(client, await client.look(clockIso(), lookRef.current)),
    [take],
  );

  useEffect(() => {
    let gone = false;
    const { client, stop } = startYardWorker((reason) => {
      if (gone) return;
      if (start >= MOST_STARTS) return setFailure(reason);
      setRestarting(true);
      setStart((n) => n + 1);
    });
    lookRef.current = { ...lookRef.current, have: null };
    setStage("starting");
    const slow = setTimeout(() => setSlow(true), SLOW_MS);
    const run = async (): Promise<void> => {
      await openIn(client, name, makeDemoRef.current, {
        changed: () => void look(client),
        stage: (next) => !gone && setStage(next),
      });
      const own = await ownActsOf(name);
      const { change, book } = await client.look(clockIso(), lookRef.current);
      const view = applyChange(null, null, change);
      if (gone || !view) return;
      clearTimeout(slow);
      lookRef.current = { ...lookRef.current, have: change.to };
      const seen = readLastSeen(name);
      const vanished = seen !== null && book.entries < seen.entries ? seen : null;
      setOpened({ client, view, book, seq: change.to, own, vanished });
      setRestarting(false);
      isNow(client);
    };
    run().catch((error: unknown) => {
      if (!gone && !(error instanceof WorkerStopped))
        setFailure(error instanceof Error ? error.message : String(error));
    });
    const minute = setInterval(() => void look(client).catch(() => undefined), MS_PER_MINUTE);
    return () => {
      gone = true;
      clearTimeout(slow);
      clearInterval(minute);
      stop();
    };
  }, [name, look, start, ownActsOf, isNow]);

  // Another yard is another page: nothing of the one before may stand under its name.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the name is what makes it another
  useEffect(
    () => () => {
      setOpened(null);
      setAt(null);
      lookRef.current = { at: null, have: null };
    },
    [name],
  );
  useQuietDeaths();
  useLastSeen(name, opened?.book ?? null, opened?.vanished ?? null);

  const travel = useCallback(
    (to: string | null) => {
      lookRef.current = { ...lookRef.current, at: to };
      setAt(to);
      if (opened) void look(opened.client);
    },
    [opened, look],
  );
  const again = useCallback(() => {
    setFailure(null);
    setSlow(false);
    setStart((n) => n + 1);
  }, []);
  const lookNow = useCallback((): Look => lookRef.current, []);
  const opening: Opening = { stage, isSlow, failure, again };
  const yard = failure === null ? opened : null;
  return { opened: yard, opening, at, travel, take, look, lookNow, nextClient, isRestarting };
}

/** Opens the yard in its worker; a demo that is of another day, and nobody's, is made anew. */
async function openIn(
  client: YardClient,
  name: YardName,
  makeDemo: MakeDemo,
  tell: { changed(): void; stage(next: OpeningStage): void },
): Promise<void> {
  const known = { device: earlierDeviceId(), copied: readLastSeen(name)?.copied ?? null };
  const { newestAt } = await client.open(name, known, callback(tell.changed), callback(tell.stage));
  const isStale = newestAt === null || Date.now() - Date.parse(newestAt) > FRESH_DEMO_MS;
  if (name === "demo" && isStale) await client.seed(await makeDemo(Date.now()), false);
}

/** What this tab did, by yard: outlives a worker, and a look into another yard. */
function useOwnActs(): (name: YardName) => Promise<OwnActs> {
  const ref = useRef(new Map<YardName, OwnActs>());
  return useCallback(async (name) => {
    const own = ref.current.get(name) ?? (await OwnActs.of(name, sessionStorage, ulid(), holdForLife));
    ref.current.set(name, own);
    return own;
  }, []);
}

/** The worker in the place of one that stopped, once its yard is open. */
function useNextClient() {
  const nowRef = useRef<YardClient | null>(null);
  const awaitingRef = useRef<((client: YardClient) => void)[]>([]);
  const isNow = useCallback((client: YardClient): void => {
    nowRef.current = client;
    for (const answer of awaitingRef.current.splice(0)) answer(client);
  }, []);
  const nextClient = useCallback(
    (stopped: YardClient) =>
      new Promise<YardClient>((answer) => {
        const { current } = nowRef;
        if (current !== null && current !== stopped) answer(current);
        else awaitingRef.current.push(answer);
      }),
    [],
  );
  return { nextClient, isNow };
}

/** What a page asked of a worker that stopped is asked anew of the one after it; the banner says that it stopped. */
function useQuietDeaths(): void {
  useEffect(() => {
    const quiet = (e: PromiseRejectionEvent): void => {
      if (e.reason instanceof WorkerStopped) e.preventDefault();
    };
    addEventListener("unhandledrejection", quiet);
    return () => removeEventListener("unhandledrejection", quiet);
  }, []);
}

/** What was seen here last is not forgotten for less, until somebody has written again. */
function useLastSeen(name: YardName, book: BookState | null, vanished: LastSeen | null): void {
  const entries = book?.entries ?? 0;
  const copied = book?.copied ?? null;
  const [first, setFirst] = useState<number | null>(null);
  useEffect(() => setFirst((known) => known ?? (entries > 0 ? entries : null)), [entries]);
  const isMissing = vanished !== null && entries < vanished.entries && (first === null || entries === first);
  useEffect(() => {
    if (entries > 0 && !isMissing) noteLastSeen(name, { entries, at: clockIso(), copied });
  }, [name, entries, copied, isMissing]);
}
