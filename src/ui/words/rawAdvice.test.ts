import { describe, expect, it } from "vitest";
import type { Advice } from "@/core/advice";
import { project } from "@/core/ledger";
import { drum, entry, iso, vid } from "@/core/ledger/testing";
import { viewYard } from "@/core/view";
import { wordAdvice } from ".";

const yard = project([
  entry("01", 0, { kind: "vessel", data: { ...drum("P"), role: "raw" } }),
  entry("02", 0, { kind: "vessel", data: { ...drum("H"), role: "heel" } }),
]);
const view = viewYard(yard, iso(10));
const said = (a: object) =>
  wordAdvice({ id: "x", station: "settle", vessel: vid("P"), dueAt: iso(10), ...a } as Advice, view);

describe("creamy oil, in words", () => {
  const held = { code: "hold-apart", because: "fat", share: 0.1, clears: null, hasKettle: false };
  it("says from when how much may be drawn above its fat, and where the rest goes", () => {
    const words = said({ ...held, clears: { litres: 16, at: iso(3 * 1440) } });
    expect(words.title).toMatch(/^Keep P apart to about /);
    expect(words.why).toContain("about 16 L come clear above its fat. Draw those; the rest goes to the heels.");
    expect(words.steps.map((s) => s.label)).toEqual(["Look inside"]);
  });
  it("names the kettle only where there is one", () => {
    const [none, one] = [said(held), said({ ...held, hasKettle: true })];
    expect(`${none.why} ${none.steps.map((s) => s.label)}`).not.toMatch(/kettle/);
    expect(none.steps.map((s) => s.label)).toEqual(["Add a tub for heels", "Dispose"]);
    expect(one.why).toContain("what stays creamy is for the kettle");
    expect(one.steps[1]?.log?.values).toMatchObject({ from: "P", toRole: "kettle" });
  });
  it("is pooled by its own words, a drawn drum's heel by its own; both say what starts anew", () => {
    const pool = (because: string) =>
      said({ code: "pool-heel", because, litres: 14, into: vid("H"), setBackLitres: 6 });
    expect(pool("creamy").title).toBe("Pool P with the heels");
    expect(pool("creamy").why).toContain("14 L of creamy oil");
    expect(pool("drawn").title).toBe("Pool what is left in P");
    for (const because of ["creamy", "drawn"]) expect(pool(because).why).toContain("for the 6 L that clear there");
  });
  it("waits for what clears in the tub, where that is worth a hose", () => {
    const words = said({
      code: "pool-heel",
      because: "creamy",
      litres: 14,
      into: vid("H"),
      setBackLitres: 6,
      dueAt: iso(7 * 1440),
    });
    expect(words.title).toMatch(/^Keep P apart to about /);
    expect(words.why).toContain("First the 6 L that clear in H are drawn");
    expect(words.steps[0].log).toBeUndefined();
  });
  it("spent, goes to disposal where nobody can convert it", () => {
    const spent = (fate: string) => said({ code: "heel-spent", fate, litres: 9, fatShare: 0.4, cream: true });
    expect(spent("disposal").why).toContain("No kettle here");
    expect(spent("kettle").steps[0].log?.values).toMatchObject({ toRole: "kettle" });
  });
});
