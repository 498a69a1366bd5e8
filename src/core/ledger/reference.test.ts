import { readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, it } from "vitest";
import type { FluidId } from "../fluids";
import { accountBy, accountLitres, balance } from "./balance";
import type { Entry } from "./entry";
import { project } from "./project";
import { partsOf } from "./state";
import { entry, kitchen, vat, vid } from "./testing";

interface Move {
  from: string | null;
  to: string | null;
  litres: number;
  fluid?: FluidId;
  origin?: string;
}
interface Held {
  litres: number;
  byFluid: Record<string, number>;
  byOrigin: Record<string, number>;
}
interface Case {
  in: { moves: Move[] };
  out: { vessels: Record<string, Held>; left: Held };
}

const file = JSON.parse(readFileSync(join(import.meta.dirname, "../reference/ledger.json"), "utf8")) as {
  cases: Case[];
};

function entriesOf(moves: Move[]): Entry[] {
  const names = new Set(moves.flatMap((m) => [m.from, m.to]).filter((n) => n !== null));
  return [
    entry("!source", 0, { kind: "source", data: kitchen }),
    ...[...names].map((n) => entry(`!${n}`, 0, { kind: "vessel" as const, data: vat(n) })),
    ...moves.map((m, i) => {
      const id = m.origin ?? `m${String(i).padStart(4, "0")}`;
      const amount = { litres: m.litres };
      if (m.from === null)
        return entry(id, i + 1, {
          kind: "pickup",
          data: { source: kitchen.id, to: vid(m.to ?? ""), fluid: m.fluid ?? "canola", amount, muck: {} },
        });
      if (m.to === null)
        return entry(id, i + 1, { kind: "dispose", data: { from: vid(m.from), amount, layer: "mixed", where: "out" } });
      return entry(id, i + 1, { kind: "move", data: { from: vid(m.from), to: vid(m.to), amount, layer: "mixed" } });
    }),
  ];
}

const close = (got: number, want: number): boolean => Math.abs(got - want) <= 1e-6 * Math.abs(want) + 1e-12;

function sums(parts: { name: string; litres: number }[]): Record<string, number> {
  const out: Record<string, number> = {};
  for (const p of parts) out[p.name] = (out[p.name] ?? 0) + p.litres;
  return out;
}

function expectSame(got: Record<string, number>, want: Record<string, number>): void {
  for (const [name, litres] of Object.entries(want)) expect(close(got[name] ?? 0, litres), name).toBe(true);
  const extra = Object.entries(got).filter(([name, l]) => !(name in want) && l > 1e-4);
  expect(extra).toEqual([]);
}

it.each(file.cases.map((c, i) => [i, c] as const))("ledger case %i", (_, c) => {
  const yard = project(entriesOf(c.in.moves));
  expect(yard.faults).toEqual([]);
  for (const [name, want] of Object.entries(c.out.vessels)) {
    const contents = yard.vessels.get(vid(name))?.contents;
    if (!contents) throw new Error(`no vessel ${name}`);
    expect(close(contents.total, want.litres), name).toBe(true);
    const parts = partsOf(contents, yard.parts);
    expectSame(sums(parts.map((p) => ({ name: p.component, litres: p.litres }))), want.byFluid);
    expectSame(sums(parts.map((p) => ({ name: p.origin, litres: p.litres }))), want.byOrigin);
  }
  expect(close(accountLitres(yard, "disposed"), c.out.left.litres)).toBe(true);
  const left = accountBy(yard, "disposed");
  expectSame(Object.fromEntries(left.byComponent), c.out.left.byFluid);
  expectSame(Object.fromEntries(left.byOrigin), c.out.left.byOrigin);
  expect(balance(yard).closes).toBe(true);
});
