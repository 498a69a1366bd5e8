import { type Draft, type Entry, EntryId, kindOf, project, type VesselId, type YardState } from "@/core/ledger";
import { applyEntry } from "@/core/ledger/apply";
import { NO_DEFINITIONS } from "@/core/ledger/definitions";
import { MS_PER_MINUTE } from "@/core/units";
import { capacityLitres } from "@/core/vessels";

/** Writes entries in time order and keeps the yard they make, so that the made-up history can react to itself. */
export interface Writer {
  readonly entries: Entry[];
  readonly yard: YardState;
  write(atMs: number, draft: Draft): void;
  litres(vessel: VesselId): number;
  room(vessel: VesselId): number;
}

export function writer(prefix: string): Writer {
  const entries: Entry[] = [];
  const yard = project([]);
  const litres = (vessel: VesselId): number => yard.vessels.get(vessel)?.contents.total ?? 0;
  return {
    entries,
    yard,
    litres,
    room(vessel) {
      const state = yard.vessels.get(vessel);
      return state ? capacityLitres(state.vessel) - state.contents.total : 0;
    },
    write(atMs, draft) {
      const at = new Date(Math.floor(atMs / MS_PER_MINUTE) * MS_PER_MINUTE).toISOString();
      const entry = {
        id: EntryId.parse(`${prefix}${String(entries.length).padStart(6, "0")}`),
        v: kindOf(draft.kind).version,
        happenedAt: at,
        recordedAt: at,
        device: "demo",
        kind: draft.kind,
        data: draft.data,
      } as Entry;
      applyEntry(yard, entry, NO_DEFINITIONS);
      const fault = yard.faults[0];
      if (fault) throw new Error(`made-up yard does not add up: ${JSON.stringify(fault)} at ${JSON.stringify(draft)}`);
      entries.push(entry);
    },
  };
}

export const tenth = (litres: number): number => Math.round(litres * 10) / 10;
