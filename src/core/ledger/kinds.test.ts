import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { applyEntry } from "./apply";
import { arbitraryDraft } from "./arbitrary.testing";
import { NO_DEFINITIONS } from "./definitions";
import { type Draft, flowsOf, kindOf, vesselsOf } from "./entry";
import { type EntryField, fieldsOf, withFields } from "./fields";
import { KIND_LIST } from "./kinds";
import { copyYard, type YardState } from "./state";
import { entry, fullYard } from "./testing";

const yard = fullYard();
const kinds = KIND_LIST.map((k) => k.kind);

function applied(draft: Draft): YardState {
  const after = copyYard(yard);
  applyEntry(after, entry("zz", 5000, draft), NO_DEFINITIONS);
  return after;
}

const litres = (y: YardState, id: string): number => [...y.vessels].find(([v]) => v === id)?.[1].contents.total ?? 0;

describe.each(kinds)("%s", (kind) => {
  it("touches no vessel that it does not name, and fills none that it does not say it fills", () => {
    fc.assert(
      fc.property(arbitraryDraft(kind), (draft) => {
        const after = applied(draft);
        if (after.faults.length > 0 || kind === "vessel") return;
        const named = new Set<string>(vesselsOf(draft));
        const filled = new Set<string | null>(flowsOf(draft).map((f) => f.to));
        for (const [id, state] of after.vessels) {
          if (state !== yard.vessels.get(id)) expect(named).toContain(id);
          if (litres(after, id) > litres(yard, id) + 1e-9) expect(filled).toContain(id);
        }
      }),
      { numRuns: 60 },
    );
  });
  it("leaves nothing behind when it does not add up", () => {
    fc.assert(
      fc.property(arbitraryDraft(kind), (draft) => {
        const after = applied(draft);
        // What ran over was poured all the same.
        if (after.faults.every((f) => f.code === "overfilled") || kind === "vessel") return;
        expect(new Map(after.vessels)).toEqual(new Map(yard.vessels));
        expect(after.accounts).toEqual(yard.accounts);
      }),
      { numRuns: 30 },
    );
  });
  it("has a form that, untouched, is the entry; and a name for every field that may be changed", () => {
    fc.assert(
      fc.property(arbitraryDraft(kind), (draft) => {
        const fields = fieldsOf(draft);
        const same = Object.fromEntries(fields.map((f) => [f.path, f.value]));
        expect(withFields(draft.data, same)).toEqual(draft.data);
        for (const f of fields) expect(f.label).not.toBe("");
        expect(new Set(fields.map((f) => f.path)).size).toBe(fields.length);
      }),
      { numRuns: 30 },
    );
  });
  it("names what its schema holds and nothing else", () => {
    const paths = new Set<string>();
    fc.assert(
      fc.property(arbitraryDraft(kind), (draft) => {
        for (const f of fieldsOf(draft)) paths.add(nameOf(f));
      }),
      { numRuns: 100 },
    );
    const { called } = kindOf(kind);
    const named = Object.keys(called).filter((path) => called[path] !== null);
    expect([...paths].sort()).toEqual(named.sort());
    expect(called).not.toEqual({});
  });
});

const nameOf = ({ path }: EntryField): string =>
  path
    .split(".")
    .filter((p) => !/^\d+$/.test(p))
    .join(".");

it("a changed field is changed, and nothing else", () => {
  const data = { from: "A", to: "B", amount: { all: true, celsius: 12 }, layer: "mixed" };
  expect(withFields(data, { "amount.litres": 5 })).toEqual({ ...data, amount: { litres: 5, celsius: 12 } });
  expect(withFields(data, { "amount.celsius": undefined })).toEqual({ ...data, amount: { all: true } });
  const parts = {
    to: "B",
    parts: [
      { from: "A", amount: { litres: 3 } },
      { from: "C", amount: { litres: 4 } },
    ],
  };
  expect(withFields(parts, { "parts.1.amount.litres": 9 })).toEqual({
    to: "B",
    parts: [parts.parts[0], { from: "C", amount: { litres: 9 } }],
  });
});
