import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { entry, iso, move, start } from "../ledger/testing";
import { checksumOf, lineOf, readYardFile, writeYardFile, writeYardLines } from ".";

const file = (): string => writeYardFile([...start(), entry("05", 20, move("A", "B", 12.5))], iso(60));

describe("a yard file", () => {
  it("comes back as it went out", () => {
    const back = readYardFile(file());
    expect(back).toMatchObject({ ok: true, value: { exportedAt: iso(60) } });
    expect(back.ok && writeYardLines(back.value.lines, iso(60))).toBe(file());
    expect(readYardFile(writeYardFile([], iso(60)))).toMatchObject({ ok: true, value: { lines: [] } });
  });
  it("is refused when any character of it is changed, head and seal too, or anything is put in", () => {
    const text = file();
    const at = fc.integer({ min: 0, max: text.length - 1 });
    fc.assert(
      fc.property(at, fc.constantFrom("7", "x", "{", " ", "0", "e", "\n"), fc.boolean(), (i, put, insert) => {
        if (!insert && text[i] === put) return;
        expect(readYardFile(text.slice(0, i) + put + text.slice(insert ? i : i + 1)).ok).toBe(false);
      }),
      { numRuns: 400 },
    );
    expect(readYardFile(`${text}\n`)).toMatchObject({ error: { code: "checksum" } });
    expect(readYardFile(JSON.stringify(JSON.parse(text), null, 2))).toMatchObject({ error: { code: "checksum" } });
  });
  it("is refused with a word when it is nested without end", () => {
    const deep = `${"[".repeat(200_000)}${"]".repeat(200_000)}`;
    expect(readYardFile(deep)).toMatchObject({ error: { code: "too-deep" } });
    expect(readYardFile(file().replace('"data":{', `"data":${'{"a":'.repeat(100)}{`))).toMatchObject({
      error: { code: "too-deep" },
    });
    expect(readYardFile(JSON.stringify("[".repeat(100)))).toMatchObject({ error: { code: "not-a-yard" } });
  });
  it("is refused when it is cut anywhere", () => {
    const text = file();
    fc.assert(
      fc.property(fc.integer({ min: 0, max: text.length - 1 }), (at) => {
        expect(readYardFile(text.slice(0, at)).ok).toBe(false);
      }),
    );
  });
  it("of an older schema reads as it is, however it is indented, unless entries or head were changed", () => {
    const entries = start();
    const old = { format: "brisk-barrel-yard", schema: 1, exportedAt: iso(60), count: entries.length };
    const whole = { ...old, checksum: checksumOf(JSON.stringify(entries)), entries };
    const read = (file: object): unknown => readYardFile(JSON.stringify(file, null, 2));
    expect(read(whole)).toMatchObject({ ok: true, value: { entries } });
    for (const changed of [{ entries: entries.map((e) => ({ ...e, v: 2 })) }, { exportedAt: "soon" }, { extra: 1 }])
      expect(read({ ...whole, ...changed })).toMatchObject({ error: { code: "checksum" } });
    expect(read({ ...whole, schema: 5 })).toMatchObject({ error: { code: "checksum" } });
    expect(read({ ...whole, schema: 6 })).toMatchObject({ error: { code: "newer-file", schema: 6 } });
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
    expect(back.ok && back.value.lines.slice(4).map((l) => l.text)).toEqual(strange.map((e) => JSON.stringify(e)));
    expect(back.ok && back.value.entries.map((e) => e.id)).toEqual(["01", "02", "03", "04", "08"]);
  });
  it("keeps to the byte what another release wrote otherwise than this one would", () => {
    const text = '{"id":"x", "2":1.0,"1":12345678901234567890,"a":1,"a":2,"t":"\\u0041"}';
    const back = readYardFile(writeYardLines([{ id: "x", text }], iso(60)));
    expect(back).toMatchObject({ ok: true, value: { lines: [{ id: "x", text }], entries: [] } });
  });
  it("says which entry is none, and that two share an id", () => {
    expect(
      readYardFile(writeYardLines([...start().map(lineOf), { id: "", text: '{"kind":"move"}' }], iso(60))),
    ).toMatchObject({
      error: { code: "bad-entry", index: 4 },
    });
    const twice = writeYardFile([...start(), ...start()], iso(60));
    expect(readYardFile(twice)).toMatchObject({ error: { code: "duplicate-ids", id: "01" } });
  });
});
