import { type Draft, type Entry, kindOf } from "./entry";
import { EntryId, SourceId, VesselId } from "./ids";
import type { Source } from "./kinds/source";
import type { Vessel } from "./kinds/vessel";
import type { VesselRole } from "./roles";

/** Small builders for tests of the ledger and of what stands on it. */

export const T0 = Date.UTC(2026, 0, 5, 8);
export const iso = (minutes: number): string => new Date(T0 + minutes * 60_000).toISOString();

export const entry = (id: string, minute: number, draft: Draft, recordedMinute = minute): Entry =>
  ({
    id: EntryId.parse(id),
    v: kindOf(draft.kind).version,
    happenedAt: draft.happenedAt ?? iso(minute),
    recordedAt: iso(recordedMinute),
    device: "test",
    kind: draft.kind,
    data: draft.data,
    ...(draft.replaces && { replaces: draft.replaces }),
  }) as Entry;

export const vid = (id: string): VesselId => VesselId.parse(id);
export const sid = (id: string): SourceId => SourceId.parse(id);

export const drum = (id: string, role: VesselRole = "settling"): Vessel => ({
  id: vid(id),
  name: id,
  role,
  shape: { kind: "cylinder", diameterMm: 571.5 },
  rimMm: 850,
});

export const vat = (id: string): Vessel => ({
  ...drum(id),
  shape: { kind: "box", lengthMm: 5000, widthMm: 5000 },
  rimMm: 2000,
});

export const kitchen: Source = { id: sid("kitchen"), name: "Ropewalk canteen", container: "20 L jerrycan" };

export const pickup = (to: string, litres: number, fluid: "canola" | "palm" = "canola"): Draft => ({
  kind: "pickup",
  data: { source: kitchen.id, to: vid(to), fluid, amount: { litres }, muck: {} },
});

export const move = (from: string, to: string, litres: number): Draft => ({
  kind: "move",
  data: { from: vid(from), to: vid(to), amount: { litres }, layer: "mixed" },
});

/** Two drums, a kitchen, and 100 L of canola in drum A. */
export const start = (): Entry[] => [
  entry("01", 0, { kind: "vessel", data: drum("A") }),
  entry("02", 0, { kind: "vessel", data: drum("B") }),
  entry("03", 0, { kind: "source", data: kitchen }),
  entry("04", 10, pickup("A", 100)),
];
