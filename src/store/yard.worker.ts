import * as Comlink from "comlink";
import type { DraftClearance } from "@/core/clearance";
import type { YardFileError } from "@/core/formats";
import type { Draft, Entry, SourceId, VesselId, Visit } from "@/core/ledger";
import type { PastForecast, SettleBench, SettlingQuestionData, VesselPast } from "@/core/readings";
import type { Result } from "@/core/units";
import type { ViewChange } from "@/core/view";
import type { YardName } from "./db";
import {
  type Listed,
  type Look,
  type RestoreReport,
  type Stamp,
  type StoreError,
  type Written,
  YardSession,
} from "./session";

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
  look: (now: string, look: Look): ViewChange => open().look(now, look),
  clearance: (draft: Draft, now: string): DraftClearance => open().clearance(draft, now),
  settlingQuestion: (vessel: string, now: string, at: string | null): SettlingQuestionData | null =>
    open().settlingQuestion(vessel, now, at),
  settleBench: (vessel: string, now: string, at: string | null): SettleBench | null =>
    open().settleBench(vessel, now, at),
  pastForecasts: (now: string, at: string | null): PastForecast[] => open().pastForecasts(now, at),
  pasts: (vessels: readonly VesselId[], now: string, at: string | null): (VesselPast | null)[] =>
    open().pasts(vessels, now, at),
  visits: (source: SourceId, now: string, at: string | null): readonly Visit[] => open().visits(source, now, at),
  append: (drafts: readonly Draft[], stamp: Stamp): Promise<Result<Written, StoreError>> =>
    open().append(drafts, stamp),
  lastWritten: (device: string): Entry[] => open().lastWritten(device),
  find: (id: string): Entry | null => open().find(id),
  list: (offset: number, limit: number): { rows: Listed[]; total: number } => open().list(offset, limit),
  exportFile: (now: string): Promise<string> => open().exportFile(now),
  checkFile: (text: string): Result<RestoreReport, YardFileError> => open().checkFile(text),
  restore: (text: string): Promise<Result<RestoreReport, YardFileError | StoreError>> => open().restore(text),
  seed: (entries: readonly Entry[], force: boolean): Promise<boolean> => open().seed(entries, force),
};

export type YardApi = typeof api;
Comlink.expose(api);
