import { describe, expect, it } from "vitest";
import type { YardFileError } from "@/core/formats";
import { kindOf, type LedgerError, project } from "@/core/ledger";
import { viewYard } from "@/core/view";
import { demoYard } from "@/demo/demoYard";
import { contentsWords, due, mostlyWords, standingDays, wordAdvice, wordQuantityError } from ".";
import { wordEntry } from "./entries";
import { wordError, wordFileError } from "./errors";

const NOW = Date.parse("2026-11-24T13:32:00Z");
const nowIso = new Date(NOW).toISOString();
const entries = demoYard(NOW);
const view = viewYard(project(entries), nowIso);
/** Words a person in a shed would not say, and holes where a name should be. */
const ODD = /undefined|NaN|null|\[object|Infinity|!|\bID\b/;

describe("every word on the screen", () => {
  it("words each kind of entry of the demo in one plain line", () => {
    for (const e of entries) {
      const line = `${kindOf(e.kind).title} ${wordEntry(e, view)}`;
      expect(line).not.toMatch(ODD);
      expect(line.length).toBeLessThan(140);
    }
  });
  it("words each advice with a title, a why, a short form for the plate and a step", () => {
    for (const a of view.advice) {
      const w = wordAdvice(a, view);
      for (const text of [w.title, w.why, w.short, ...w.steps.map((s) => s.label)]) {
        expect(text).not.toMatch(ODD);
        expect(text.length).toBeGreaterThan(2);
      }
      expect(w.short.length).toBeLessThan(22);
      for (const s of w.steps) expect(Boolean(s.href) !== Boolean(s.log)).toBe(true);
    }
  });
  const vessel = "drum-3" as never;
  const entry = "e" as never;
  const errors: LedgerError[] = [
    { code: "overdrawn", vessel, shortLitres: 12.3, entry },
    { code: "overfilled", vessel, overLitres: 4, entry },
    { code: "empty", vessel, entry },
    { code: "same-vessel", vessel, entry },
    { code: "loss-above-litres", entry },
    { code: "nothing-to-gain-of", vessel, entry },
    { code: "unknown-vessel", vessel: "gone" as never, entry },
    { code: "unknown-source", source: "gone" as never, entry },
    { code: "unknown-bag", bag: "gone" as never, entry },
    { code: "unknown-vehicle", vehicle: "gone" as never, entry },
    { code: "unknown-entry", target: entry, entry },
    { code: "already-void", target: entry, entry },
    { code: "future", happenedAt: nowIso },
    { code: "duplicate-id", id: entry },
    { code: "odd-text", path: "name", character: "U+202E" },
    { code: "newer-entry", kind: "move", v: 9 },
    { code: "invalid", why: "too-much", path: "data.amount.litres", reason: "Too small" },
  ];
  it.each(errors.map((e) => [e.code, e] as const))("words the error %s", (_, error) => {
    expect(wordError(error, view)).not.toMatch(ODD);
    expect(wordError(error, view, entries[50])).toMatch(/\.$/);
  });
  it("names the vessel and the litres of an overdraw, and the entry it would break", () => {
    const [overdrawn] = errors;
    if (!overdrawn) throw new Error("none");
    expect(wordError(overdrawn, view)).toBe(
      "Drum 3 is 12.3 L short of that. Take less, or dip it and log a stock-take first.",
    );
    expect(wordError(overdrawn, view, entries.at(-1))).toContain("something logged after it");
  });
  const fileErrors: YardFileError[] = [
    { code: "not-json" },
    { code: "not-a-yard" },
    { code: "too-deep" },
    { code: "newer-file", schema: 3 },
    { code: "truncated", count: 9, found: 4 },
    { code: "checksum" },
    { code: "duplicate-ids", id: "x" },
    { code: "bad-entry", index: 3 },
  ];
  it.each(fileErrors.map((e) => [e.code, e] as const))("words the file error %s", (_, e) =>
    expect(wordFileError(e)).not.toMatch(ODD),
  );
  it("words what cannot be read as a number", () => {
    expect(wordQuantityError({ code: "ambiguous", text: "1,802" })).toContain("1,802");
    expect(wordQuantityError({ code: "unknown-unit", unit: "barrels", known: ["l"] })).toContain("barrels");
    expect(wordQuantityError({ code: "empty" })).toBe("Type a number.");
    expect(wordQuantityError({ code: "not-a-number", text: "lots" })).toContain("lots");
  });
});

describe("short words", () => {
  it("say what is in a vessel", () => {
    const mix = [
      { component: "canola" as const, litres: 50 },
      { component: "kerosene" as const, litres: 20 },
      { component: "diesel" as const, litres: 10 },
    ];
    expect(contentsWords(mix)).toBe("canola, kerosene and 1 more");
    expect(contentsWords(mix.slice(0, 2))).toBe("canola and kerosene");
    expect(contentsWords([])).toBe("empty");
    expect(mostlyWords(mix)).toBe("canola mix");
    expect(mostlyWords(mix.slice(0, 1))).toBe("canola");
  });
  it("say when", () => {
    expect(due("2026-11-24T10:00:00.000Z", nowIso)).toEqual({ main: "Now", sub: "" });
    expect(due("2026-11-24T14:10:00.000Z", nowIso).sub).toBe("in 38 min");
    expect(due("2026-11-27T14:10:00.000Z", nowIso).sub).toBe("3 days");
    expect(standingDays("2026-11-08T13:00:00.000Z", nowIso)).toBe("day 16");
    expect(standingDays(nowIso, nowIso)).toBe("today");
  });
});
