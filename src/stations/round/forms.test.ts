import { describe, expect, it } from "vitest";
import { project, type SourceId } from "@/core/ledger";
import { viewYard } from "@/core/view";
import { demoYard } from "@/demo/demoYard";
import { unitsOf } from "@/ui/words";
import { type ChoiceTexts, firstTexts, NO_PLACE, readChoice, settlesAt } from "./choice";
import { containersFor, firstStopTexts, learned, lotKind, readStop, type StopTexts, verdictOf } from "./stopForm";

const NOW = "2026-11-24T13:32:00.000Z";
const view = viewYard(project(demoYard(Date.parse(NOW))), NOW);
const units = unitsOf(view.settings);
const sourceOf = (id: string) => {
  const found = view.sources.find((s) => s.source.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};

describe("what a round is planned from, as typed", () => {
  const read = (more: Partial<ChoiceTexts>) => readChoice({ ...firstTexts(view, units), ...more }, [], view, units);
  it("begins with the trailer, now, the yard's hours, and what can settle", () => {
    const { choice, errors } = read({});
    expect(errors).toEqual({});
    expect(choice).toMatchObject({ by: "trailer", hours: 3, payloadKg: 320, ends: "home", leftOut: [] });
    expect(choice.minute % 5).toBe(0);
    expect(choice.settlingRoomLitres).toBeGreaterThan(10);
  });
  it("takes hours as hours, or with their unit", () => {
    expect(read({ hours: "4.5" }).choice.hours).toBe(4.5);
    expect(read({ hours: "90 min" }).choice.hours).toBe(1.5);
  });
  it.each([
    [{ hours: "99" }, "hours"],
    [{ hours: "soon" }, "hours"],
    [{ leaves: "9" }, "leaves"],
    [{ leaves: "24:00" }, "leaves"],
    [{ payload: "-1" }, "payload"],
    [{ payload: "90000" }, "payload"],
    [{ settling: "-4" }, "settling"],
  ] as [Partial<ChoiceTexts>, string][])(
    "%j is said at its field, and the plan stays on what is usual",
    (more, field) => {
      const found = read(more);
      expect(Object.keys(found.errors)).toEqual([field]);
      expect(found.choice).toMatchObject({ payloadKg: 320 });
      expect(Number.isFinite(found.choice.hours + found.choice.minute + found.choice.settlingRoomLitres)).toBe(true);
    },
  );
  it("tomorrow is the next day of the week; a traveller's oil settles aboard", () => {
    expect((read({}).choice.weekday % 7) + 1).toBe(read({ day: "tomorrow" }).choice.weekday);
    expect([settlesAt("trailer", "home"), settlesAt("trailer", "last-stop"), settlesAt(NO_PLACE, "start")]).toEqual([
      null,
      "trailer",
      null,
    ]);
  });
});

describe("at a stop", () => {
  const beacon = sourceOf("beacon");
  const containers = containersFor(view, "trailer" as never, "good");
  const read = (more: Partial<StopTexts>, source = beacon) =>
    readStop(
      source,
      { ...firstStopTexts(source.source, units), look: "clear", ...more },
      "r" as never,
      containers,
      units,
    );

  it("counts jerrycans, scoops or the pump's litres, and owes the price for them", () => {
    expect(read({ jerrycans: 2.5 })).toMatchObject({ litres: 50, paidText: "7.5" });
    expect(read({ by: "scoops", scoops: 7, scoopLitres: "1.5" })).toMatchObject({ litres: 10.5 });
    expect(read({ by: "pump", pumpLitres: "5 gal" }).litres).toBeCloseTo(18.93, 2);
    expect(read({ jerrycans: 1, paid: "2" }).pickup).toMatchObject({ data: { paid: 2, counted: { by: "jerrycans" } } });
    expect(read({ jerrycans: 1 }, sourceOf("lighthouse")).pickup).toMatchObject({ data: { paid: -1 } });
  });
  it("takes nothing that has not been looked at or counted", () => {
    expect(read({ look: "", jerrycans: 1 })).toMatchObject({ pickup: null, errors: { look: expect.any(String) } });
    expect(read({}).pickup).toBeNull();
    for (const more of [
      { by: "pump", pumpLitres: "-3" },
      { by: "scoops", scoops: 2, scoopLitres: "a cup" },
      { jerrycans: 1, left: "-2" },
      { jerrycans: 1, paid: "free" },
    ] as Partial<StopTexts>[])
      expect(read(more), JSON.stringify(more)).toMatchObject({ pickup: null });
  });
  it("writes what was seen: creamy is fat, a hand of water is water", () => {
    const seen = read({ look: "creamy", jerrycans: 1, check: { smell: "fried", fried: "meat", bottomWater: "some" } });
    expect(seen.pickup).toMatchObject({
      data: { look: "creamy", check: { bottomWater: "some" }, muck: { "fryer-fat": 0.25 } },
    });
  });
  it("offers a good lot the begun drum, a doubtful one an empty can, engine oil its own", () => {
    const names = (kind: "good" | "doubtful" | "engine", by: string | null) =>
      containersFor(view, by as never, kind).map((v) => v.vessel.name);
    expect(names("good", "trailer")).toEqual(["Trailer drum", "Grey can"]);
    expect(names("engine", "trailer")).toEqual(["Grey can", "Trailer drum"]);
    expect(names("engine", null)[0]).toBe("Black tin");
    expect(names("good", null)[0]).not.toBe("Black tin");
    const kindOf = (more: Partial<StopTexts>) =>
      lotKind({ ...firstStopTexts(beacon.source, units), look: "clear", ...more });
    expect(kindOf({})).toBe("good");
    expect(kindOf({ look: "wet" })).toBe("doubtful");
    expect(kindOf({ check: { smell: "fried", fried: "engine", bottomWater: "none" } })).toBe("engine");
  });
  it("judges nothing before the jar, but petrol by its smell alone", () => {
    const fresh = firstStopTexts(beacon.source, units);
    expect(verdictOf(fresh)).toBeNull();
    expect(verdictOf({ ...fresh, check: { ...fresh.check, smell: "solvent" } })?.verdict).toBe("refuse");
  });
  it("learns what a fresh source gives, once", () => {
    const puffin = sourceOf("puffin").source;
    const texts: StopTexts = {
      ...firstStopTexts(puffin, units),
      look: "clear",
      check: { smell: "fried", fried: "meat", bottomWater: "none" },
    };
    expect(learned(puffin, texts, "sunflower")).toMatchObject({
      id: "puffin",
      fluid: "sunflower",
      dirt: "meaty-fryer",
    });
    expect(learned(beacon.source, texts, "canola")).toBeNull();
    expect(firstStopTexts(sourceOf("slip").source, units).check.fried).toBe("engine");
    expect(sourceOf("slip").source.id satisfies SourceId).toBe("slip");
  });
});
