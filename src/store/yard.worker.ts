import * as Comlink from "comlink";
import type { DraftClearance } from "@/core/clearance";
import type { YardFileError } from "@/core/formats";
import type { Draft, Entry, SourceId, VesselId, Visit } from "@/core/ledger";
import type { PastForecast, SettleBench, SettlingQuestionData, VesselPast } from "@/core/readings";
import type { SuspectLot } from "@/core/readings/drive/suspectFuel";
import type { Result } from "@/core/units";
import type { BookState, Copied, OpeningStage } from "./bookState";
import { copyInto, type FolderReport } from "./copies/folder";
import type { YardName } from "./db";
import type { Look, Stamp } from "./offer";
import type { Listed } from "./reader";
import type { RestoreReport } from "./restoreReport";
import { type KnownBefore, type Seen, type StoreError, type Written, YardSession } from "./session";
import { browserTools } from "./tools";

/** The yard lives here, off the page: reading, projecting and checking 20,000 entries may not hold up a thumb. */
let session: YardSession | undefined;

/** First comes whoever opened it. */
const CHECK_AFTER_MS = 4000;
const CHECK_AGAIN_MS = 60 * 60_000;

/** Reads both copies whole once it is quiet, and each hour; tells the page what had to be mended, and of little room. */
function checkLater(of: YardSession, onChange: () => void, afterMs = CHECK_AFTER_MS): void {
  const rest = (): Promise<void> => new Promise((later) => setTimeout(later, 0));
  setTimeout(async () => {
    if (session !== of) return;
    if (await of.check(rest).catch(() => false)) onChange();
    checkLater(of, onChange, CHECK_AGAIN_MS);
  }, afterMs);
}

const open = (): YardSession => {
  if (!session) throw new Error("no yard is open");
  return session;
};

const api = {
  /** Takes a lock for as long as this worker lives, so that the page learns of its death. */
  hold: (life: string): Promise<void> =>
    new Promise((held) => {
      void navigator.locks.request(life, () => {
        held();
        return new Promise(() => undefined);
      });
    }),
  async open(
    name: YardName,
    known: KnownBefore,
    onChange: () => void,
    onStage: (stage: OpeningStage) => void,
  ): Promise<{ newestAt: string | null }> {
    session?.close();
    const tools = await browserTools(name);
    onStage("waiting");
    await tools.exclusive(async () => onStage("reading"));
    session = await YardSession.open(name, tools, onChange, known);
    checkLater(session, onChange);
    return { newestAt: session.latestAt() };
  },
  look: (now: string, look: Look): Seen => open().look(now, look),
  clearance: (drafts: readonly Draft[], now: string): DraftClearance => open().clearance(drafts, now),
  settlingQuestion: (vessel: string, now: string, at: string | null): SettlingQuestionData | null =>
    open().settlingQuestion(vessel, now, at),
  settleBench: (vessel: string, now: string, at: string | null): SettleBench | null =>
    open().settleBench(vessel, now, at),
  pastForecasts: (now: string, at: string | null): PastForecast[] => open().pastForecasts(now, at),
  suspectLots: (tank: VesselId, now: string, at: string | null): SuspectLot[] => open().suspectLots(tank, now, at),
  pasts: (vessels: readonly VesselId[], now: string, at: string | null): (VesselPast | null)[] =>
    open().pasts(vessels, now, at),
  visits: (source: SourceId, now: string, at: string | null): readonly Visit[] => open().visits(source, now, at),
  append: (drafts: readonly Draft[], stamp: Stamp): Promise<Result<Written, StoreError>> =>
    open().append(drafts, stamp),
  counting: (ids: readonly string[]): Entry[] => open().counting(ids),
  datedToNow: (clock: string): Draft[] => open().datedToNow(clock),
  find: (id: string): Entry | null => open().find(id),
  list: (offset: number, limit: number): { rows: Listed[]; total: number } => open().list(offset, limit),
  about: (id: string, limit: number): { rows: Listed[]; total: number } => open().about(id, limit),
  exportFile: (now: string): Promise<string> => open().exportFile(now),
  noteCopy: (at: string, where: Copied["where"], held?: number): Promise<BookState> => open().noteCopy(at, where, held),
  recover: (): Promise<Result<BookState, StoreError>> => open().recover(),
  checkFile: (text: string): Promise<Result<RestoreReport, YardFileError>> => open().checkFile(text),
  restore: (text: string, now: string): Promise<Result<RestoreReport, YardFileError | StoreError>> =>
    open().restore(text, now),
  keptYards: (): Promise<{ n: number; at: string; entries: number }[]> => open().keptYards(),
  keptYard: (n: number): Promise<string | null> => open().keptYard(n),
  folder: (): Promise<FileSystemDirectoryHandle | null> => open().mark<FileSystemDirectoryHandle>("folder"),
  setFolder: (folder: FileSystemDirectoryHandle | null): Promise<void> => open().setMark("folder", folder),
  copyInto: (folder: FileSystemDirectoryHandle, yard: string, now: string): Promise<FolderReport> =>
    copyInto(folder, open(), yard, now),
  seed: (entries: readonly Entry[], force: boolean): Promise<boolean> => open().seed(entries, force),
};

export type YardApi = typeof api;
Comlink.expose(api);
