import type { Draft, SourceId, VesselId } from "@/core/ledger";
import { asSourceId, asVesselId } from "@/core/ledger/named";
import { MS_PER_DAY, MS_PER_MINUTE, parsePlain } from "@/core/units";
import { capacityLitres, scaledTo, VESSEL_LOOKS } from "@/core/vessels";
import type { YardView } from "@/core/view";
import { readMoment } from "@/ui";
import { type Units, wordQuantityError } from "@/ui/words";
import { nextName } from "../nextName";
import { presetOf, type VesselPreset } from "../presets";
import { SINCE, type SinceId, type What, type WhatId, whatOf } from "./whats";

/** Some containers alike, as typed; what is null has not been touched and follows the rest. */
export interface Row {
  readonly key: string;
  readonly preset: string;
  readonly count: string;
  readonly holds: string | null;
  readonly litres: string | null;
  readonly what: WhatId;
  readonly since: SinceId;
  readonly day: string;
  readonly from: string;
}

export const freshRow = (key: string, like?: Row): Row => ({
  preset: "drum",
  count: "1",
  holds: null,
  litres: null,
  what: "raw",
  since: "week",
  day: "",
  from: "",
  ...like,
  key,
});

type RowField = "count" | "holds" | "litres" | "day" | "from";

export interface ReadRow {
  readonly errors: Readonly<Partial<Record<RowField, string>>>;
  readonly count: number;
  readonly holdsLitres: number;
  /** In each of them. */
  readonly litres: number;
  /** Since when it stands. */
  readonly at: string;
}

const MOST_ALIKE = 100;
/** As full as people leave them, where they do not say. */
const USUAL_FILL = 0.85;

export function readRow(row: Row, nowIso: string, units: Units): ReadRow {
  const errors: Partial<Record<RowField, string>> = {};
  const preset = presetOf(row.preset);
  const count = parsePlain(row.count);
  if (!count.ok) errors.count = wordQuantityError(count.error);
  else if (!Number.isInteger(count.value) || count.value < 1 || count.value > MOST_ALIKE)
    errors.count = `A whole number, 1 to ${MOST_ALIKE}.`;
  const amount = (field: "holds" | "litres", usual: number): number => {
    const text = row[field];
    if (text === null) return usual;
    const read = units.volume.parse(text);
    if (!read.ok) errors[field] = wordQuantityError(read.error);
    else if (read.value <= 0) errors[field] = "More than nothing.";
    return read.ok ? read.value : usual;
  };
  const holdsLitres = amount("holds", preset.litres);
  const litres = amount("litres", usualLitres(holdsLitres));
  if (litres > holdsLitres * RIM_SLACK) errors.litres = `It holds no more than ${units.litres(holdsLitres)}.`;
  const at = since(row, nowIso, errors);
  if (row.from.trim().length > MOST_LETTERS) errors.from = `Keep it under ${MOST_LETTERS} letters.`;
  return { errors, count: count.ok ? count.value : 0, holdsLitres, litres, at };
}

const RIM_SLACK = 1.005;
const MOST_LETTERS = 60;
export const usualLitres = (holdsLitres: number): number => Math.floor(holdsLitres * USUAL_FILL);

function since(row: Row, nowIso: string, errors: Partial<Record<RowField, string>>): string {
  const { days } = SINCE[row.since];
  if (days !== null) return before(nowIso, days * MS_PER_DAY);
  const read = readMoment(row.day);
  if (!read.ok) errors.day = read.wrong;
  else if (read.iso > nowIso) errors.day = "That has not come yet.";
  return read.ok ? read.iso : nowIso;
}

/** To the minute, and never after now. */
const before = (nowIso: string, ms: number): string =>
  new Date(Math.floor((Date.parse(nowIso) - ms) / MS_PER_MINUTE) * MS_PER_MINUTE).toISOString();

interface Making {
  readonly drafts: Draft[];
  readonly sources: Map<string, SourceId>;
  readonly names: Set<string>;
  readonly view: Pick<YardView, "names" | "sources">;
  newId(): string;
}

/**
 * Everything that stands there as one act: the containers, those it came from, and what is in each since when. What a
 * container or a kitchen is like is written down today; it was there from the day its oil is dated to.
 */
export function draftsOf(
  rows: readonly Row[],
  view: Pick<YardView, "names" | "sources">,
  nowIso: string,
  units: Units,
  newId: () => string,
): Draft[] {
  const known = view.sources.map((s): [string, SourceId] => [folded(s.source.name), s.source.id]);
  const making: Making = { drafts: [], sources: new Map(known), names: new Set(), view, newId };
  for (const row of rows) {
    const read = readRow(row, nowIso, units);
    for (let i = 0; i < read.count; i++) addOne(making, row, read);
  }
  return making.drafts;
}

const folded = (name: string): string => name.trim().toLowerCase();

function addOne(making: Making, row: Row, { holdsLitres, litres, at }: ReadRow): void {
  const preset = presetOf(row.preset);
  const what = whatOf(row.what);
  const id = addVessel(making, preset, row.holds === null ? null : holdsLitres, what);
  if (!what) return;
  const from = what.isCollected && row.from.trim() !== "" ? sourceNamed(making, row.from.trim(), preset, what) : null;
  const stood = { to: id, fluid: what.fluid, amount: { litres }, muck: what.muck };
  if (from !== null && what.filteredUm === undefined)
    making.drafts.push({ kind: "pickup", happenedAt: at, data: { source: from, ...stood } });
  else
    making.drafts.push({
      kind: "opening",
      happenedAt: at,
      data: { ...stood, ...(what.filteredUm !== undefined && { filteredUm: what.filteredUm }) },
    });
}

function addVessel(making: Making, preset: VesselPreset, holdsLitres: number | null, what: What | null): VesselId {
  const id = asVesselId(making.newId());
  const name = nextName(making.view, VESSEL_LOOKS[preset.look], making.names);
  making.names.add(name);
  const form = { shape: preset.shape, rimMm: preset.rimMm };
  making.drafts.push({
    kind: "vessel",
    data: {
      id,
      name,
      role: what?.role(preset) ?? preset.role,
      ...(holdsLitres === null || holdsLitres === capacityLitres(form) ? form : scaledTo(form, holdsLitres)),
      look: preset.look,
      ...(what?.apart && { apart: true }),
    },
  });
  return id;
}

function sourceNamed(making: Making, name: string, preset: VesselPreset, what: What): SourceId {
  const known = making.sources.get(folded(name));
  if (known) return known;
  const id = asSourceId(making.newId());
  making.sources.set(folded(name), id);
  making.drafts.push({
    kind: "source",
    data: { id, name, container: preset.name, ...(what.apart ? { fluid: what.fluid, dirt: "engine-oil" } : {}) },
  });
  return id;
}
