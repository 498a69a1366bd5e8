import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { DEFAULT_SETTINGS, project, readEntry, type Source } from "@/core/ledger";
import { demoYard } from "@/demo/demoYard";
import { unitsOf } from "@/ui/words";
import { readSource, type SourceTexts, textsOf } from "./sourceForm";

const litres = unitsOf(DEFAULT_SETTINGS);
const gallons = unitsOf({ ...DEFAULT_SETTINGS, volumeUnit: "gal" });
const fresh = { id: "inn", name: "Lighthouse inn", container: "25 L pail" } as unknown as Source;
const whole: Source = {
  ...fresh,
  containerLitres: 25,
  containerCount: 2,
  usualLitres: 35,
  fluid: "canola",
  dirt: "light-fryer",
  fries: "chips and fish",
  pricePerLitre: -0.05,
  minutesThere: 12,
  access: [{ weekdays: [1, 5], fromMinute: 600, toMinute: 1320 }],
  spot: { kind: "earth", latitude: 57.38, longitude: -22.49 },
  contact: "Wren",
  notes: "round the back",
};
const read = (more: Partial<SourceTexts>, of = fresh) => readSource(of, { ...textsOf(of, litres), ...more }, litres);

describe("a source as typed", () => {
  it("reads back as it was, fresh or whole, in any unit", () => {
    expect(read({})).toEqual({ source: fresh, errors: {} });
    expect(read({}, whole)).toEqual({ source: whole, errors: {} });
    expect(readSource(whole, textsOf(whole, gallons), gallons).source).toEqual(whole);
  });
  it.each([
    [{ name: "  " }, { name: "Give it a name." }],
    [{ name: "x".repeat(61) }, { name: "Keep it under 60 letters." }],
    [{ container: "" }, { container: "Say what the oil comes in." }],
    [
      { containerLitres: "-20" },
      { containerLitres: "More than nothing, and no more than a container at a kitchen holds." },
    ],
    [
      { containerLitres: "900000" },
      { containerLitres: "More than nothing, and no more than a container at a kitchen holds." },
    ],
    [{ containerCount: "2.5" }, { containerCount: "A whole number." }],
    [{ containerCount: "0" }, { containerCount: "Between 1 and 1,000 containers." }],
    [{ usualLitres: "lots" }, { usualLitres: "“lots” is not a number." }],
    [{ deal: "price" }, { price: "Say how much a litre." }],
    [{ deal: "fee", price: "-1" }, { price: "Between nothing and 100." }],
    [{ minutesThere: "0" }, { minutesThere: "Between 1 and 600 minutes." }],
    [{ where: "earth", latitude: "91", longitude: "0" }, { latitude: "Off the world: latitude runs from −90 to 90." }],
    [
      { where: "earth", latitude: "9", longitude: "-181" },
      { longitude: "Off the world: longitude runs from −180 to 180." },
    ],
    [{ where: "earth", latitude: "9" }, { longitude: "Both are needed." }],
    [{ where: "map", eastKm: "2001", northKm: "1" }, { eastKm: "Within 2,000 km of home." }],
    [
      { access: [{ weekdays: [], from: "9", to: "25:00" }] },
      { "days-0": "Pick at least one day.", "from-0": "Write it like 09:00.", "to-0": "Write it like 17:00." },
    ],
    [{ access: [{ weekdays: [1], from: "14:00", to: "09:00" }] }, { "to-0": "It closes before it opens." }],
    [{ notes: "x".repeat(501) }, { notes: "Keep it under 500 letters." }],
  ] as [Partial<SourceTexts>, Record<string, string>][])("%j is said at its field", (more, errors) => {
    expect(read(more)).toEqual({ source: null, errors });
  });
  it("a midnight that closes the day is taken; a price of nothing is free", () => {
    expect(read({ access: [{ weekdays: [6], from: "18:00", to: "24:00" }] }).source?.access).toEqual([
      { weekdays: [6], fromMinute: 1080, toMinute: 1440 },
    ]);
    expect(read({ deal: "free", price: "7" }).source?.pricePerLitre).toBe(0);
  });
  it("whatever is typed, either says what is wrong or is a source that the ledger takes", () => {
    const text = fc.oneof(fc.string(), fc.double().map(String), fc.integer({ min: -9, max: 2500 }).map(String));
    const texts = fc.record({
      name: text,
      container: text,
      containerLitres: text,
      containerCount: text,
      usualLitres: text,
      deal: fc.constantFrom("unknown", "free", "price", "fee"),
      price: text,
      minutesThere: text,
      where: fc.constantFrom("unknown", "map", "earth"),
      eastKm: text,
      northKm: text,
      latitude: text,
      longitude: text,
      fries: text,
      notes: text,
      access: fc.array(
        fc.record({
          weekdays: fc.subarray([1, 2, 3, 4, 5, 6, 7]),
          from: fc.oneof(text, fc.constant("09:00")),
          to: fc.oneof(text, fc.constant("17:00")),
        }),
        { maxLength: 3 },
      ),
    });
    const envelope = { v: 1, id: "e", happenedAt: "2026-11-24T13:32:00.000Z", recordedAt: "2026-11-24T13:32:00.000Z" };
    fc.assert(
      fc.property(texts, (more) => {
        const { source, errors } = read(more as Partial<SourceTexts>);
        if (source === null) {
          expect(Object.keys(errors).length).toBeGreaterThan(0);
          return;
        }
        const entry = { ...envelope, device: "shelf", kind: "source", data: source };
        expect(readEntry(entry)).toMatchObject({ ok: true });
      }),
      { numRuns: 400 },
    );
  });
});

describe("left as it opens", () => {
  const sources = project(demoYard(Date.parse("2026-11-24T13:32:00Z"))).sources;
  const everyUnit = (["l", "gal", "impgal"] as const).map((volumeUnit) =>
    unitsOf({ ...DEFAULT_SETTINGS, volumeUnit, ...(volumeUnit === "l" ? {} : { distanceUnit: "mi" as const }) }),
  );
  it.each([...sources.values()].map((s) => [s.source.name, s.source] as const))(
    "%s is the same source in every unit",
    (_, source) => {
      for (const u of everyUnit) {
        const read = readSource(source, textsOf(source, u), u);
        expect(read.errors).toEqual({});
        expect(read.source).toEqual(source);
      }
    },
  );
});
