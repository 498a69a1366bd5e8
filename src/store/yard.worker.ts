import * as Comlink from "comlink";
import type { DraftClearance, PastForecast, SettleBench, SettlingQuestionData, YardView } from "@/core/advice";
import type { YardFileError } from "@/core/formats";
import type { Draft, Entry, EntryId } from "@/core/ledger";
import type { Result } from "@/core/units";
import type { YardName } from "./db";
import { type Listed, type RestoreReport, type Stamp, type StoreError, YardSession } from "./session";

/** The yard lives here, off the page: reading, projecting and checking 20,000 entries may not hold up a thumb. */
let session: YardSession | undefined;

const open = (): YardSession => {
  if (!session) throw new Error("no yard is open");
  return session;
};

const api = {
  async open(
    name: YardName,
    onChange: () => void,
  ): Promise<{ entries: number; unreadable: number; newestAt: string | null }> {
    session?.close();
    session = await YardSession.open(name, onChange);
    return { entries: session.count(), unreadable: session.unreadableEntries(), newestAt: session.newestAt() };
  },
  view: (now: string, at: string | null): YardView => open().view(now, at),
  clearance: (draft: Draft, now: string): DraftClearance => open().clearance(draft, now),
  settlingQuestion: (vessel: string, now: string, at: string | null): SettlingQuestionData | null =>
    open().settlingQuestion(vessel, now, at),
  settleBench: (vessel: string, now: string, at: string | null): SettleBench | null =>
    open().settleBench(vessel, now, at),
  pastForecasts: (now: string, at: string | null): PastForecast[] => open().pastForecasts(now, at),
  append: (draft: Draft, stamp: Stamp): Promise<Result<EntryId, StoreError>> => open().append(draft, stamp),
  lastWritten: (device: string): Entry | null => open().lastWritten(device),
  find: (id: string): Entry | null => open().find(id),
  list: (offset: number, limit: number): { rows: Listed[]; total: number } => open().list(offset, limit),
  exportFile: (now: string): string => open().exportFile(now),
  checkFile: (text: string): Result<RestoreReport, YardFileError> => open().checkFile(text),
  restore: (text: string): Promise<Result<RestoreReport, YardFileError | StoreError>> => open().restore(text),
  seed: (entries: readonly Entry[], force: boolean): Promise<boolean> => open().seed(entries, force),
};

export type YardApi = typeof api;
Comlink.expose(api);
