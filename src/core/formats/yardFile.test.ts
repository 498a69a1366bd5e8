import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { entry, iso, move, start } from "../ledger/testing";
import { readYardFile, writeYardFile } from ".";

const file = (): string => writeYardFile([...start(), entry("05", 20, move("A", "B", 12.5))], iso(60));

describe("a yard file", () => {
  it("comes back as it went out, however it is indented", () => {
    const back = readYardFile(JSON.stringify(JSON.parse(file()), null, 2));
    expect(back).toMatchObject({ ok: true });
    expect(back.ok && writeYardFile([...back.value.raws], iso(60))).toBe(file());
  });
  it("is refused when any character of its entries is changed", () => {
    const text = file();
    const from = text.indexOf('"entries"') + 12;
    fc.assert(
      fc.property(fc.integer({ min: from, max: text.length - 3 }), fc.constantFrom("7", "x", "{"), (at, put) => {
        if (text[at] === put) return;
        expect(readYardFile(text.slice(0, at) + put + text.slice(at + 1)).ok).toBe(false);
      }),
    );
  });
  it("is refused when it is cut anywhere", () => {
    const text = file();
    fc.assert(
      fc.property(fc.integer({ min: 0, max: text.length - 1 }), (at) => {
        expect(readYardFile(text.slice(0, at)).ok).toBe(false);
      }),
    );
  });
  it("of the first schema reads as it is", () => {
    const old = writeYardFile(start(), iso(60)).replace(/"schema":\d+/, '"schema":1');
    expect(readYardFile(old)).toMatchObject({ ok: true });
  });
  it("never throws, whatever is in it", () => {
    fc.assert(fc.property(fc.json(), (text) => void readYardFile(text)));
    for (const text of ["null", "[]", "3", '"x"', "{}"])
      expect(readYardFile(text)).toMatchObject({ error: { code: "not-a-yard" } });
  });
  it("keeps what it cannot read as it stands: fields, kinds and versions of another release", () => {
    const strange = [
      { ...entry("05", 20, move("A", "B", 1)), v: 99, data: { unheard: true } },
      { ...entry("06", 20, move("A", "B", 1)), kind: "teleport" },
      { ...entry("07", 20, move("A", "B", -1)) },
      { ...entry("08", 20, move("A", "B", 2)), data: { ...move("A", "B", 2).data, newField: [1, 2] } },
    ];
    const back = readYardFile(writeYardFile([...start(), ...strange], iso(60)));
    expect(back.ok && back.value.raws.slice(4)).toEqual(strange);
    expect(back.ok && back.value.entries.map((e) => e.id)).toEqual(["01", "02", "03", "04", "08"]);
    expect(back.ok && JSON.parse(writeYardFile(back.value.raws, iso(60))).entries.slice(4)).toEqual(strange);
  });
  it("says which entry is none, and that two share an id", () => {
    expect(readYardFile(writeYardFile([...start(), { kind: "move" }], iso(60)))).toMatchObject({
      error: { code: "bad-entry", index: 4 },
    });
    const twice = writeYardFile([...start(), ...start()], iso(60));
    expect(readYardFile(twice)).toMatchObject({ error: { code: "duplicate-ids", id: "01" } });
  });
});
