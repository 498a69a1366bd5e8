import { describe, expect, it } from "vitest";
import type { Advice } from "@/core/advice/advice";
import type { DraftWarning } from "@/core/clearance";
import { type Draft, type Entry, kindOf, project } from "@/core/ledger";
import { viewYard } from "@/core/view";
import { demoYard } from "@/demo/demoYard";
import { CLARITY, clarityWord, thicknessWords, unitsOf, wordAdvice } from ".";
import { wordEntry } from "./entries";
import { wordWarning } from "./warnings";

const NOW = "2026-11-24T13:32:00.000Z";
const view = viewYard(project(demoYard(Date.parse(NOW))), NOW);
const ODD = /undefined|NaN|null|\[object|Infinity|!/;
const vessel = "drum-3" as never;
const other = "cone" as never;
const plain = (text: string): string => {
  expect(text).not.toMatch(ODD);
  return text;
};

describe("what the bench writes, in one line", () => {
  const line = (draft: Draft): string =>
    plain(`${kindOf(draft.kind).title} ${wordEntry({ ...draft, id: "e", happenedAt: NOW } as unknown as Entry, view)}`);
  const amount = { litres: 12 };
  it.each<[Draft, string]>([
    [{ kind: "dip", data: { vessel, clearMm: 300, celsius: 11 } }, "Dip Drum 3, clear down to 300 mm, 11.0 °C"],
    [{ kind: "jar", data: { vessel, step: 2, atMm: 66 } }, "Jar Drum 3 at 66 mm: haze"],
    [{ kind: "disturbed", data: { vessel, how: "heated", celsius: 50 } }, "Disturbed Drum 3 was heated, 50 °C"],
    [{ kind: "disturbed", data: { vessel, how: "driven", also: [other] } }, "Disturbed Drum 3, Cone were driven"],
    [{ kind: "water-test", data: { how: "hot-pan", vessel, saw: "foams" } }, "Water test Drum 3: foams and spits"],
    [
      { kind: "water-test", data: { how: "weigh", vessel, wetG: 200, dryG: 199 } },
      "Water test Drum 3: 0.50 % by weight",
    ],
    [
      { kind: "fining", data: { vessel, waterLitres: 15, gelatineG: 600 } },
      "Fined Drum 3 with 15 L water and 600 g gelatine",
    ],
    [
      { kind: "spin", data: { from: vessel, to: other, amount, pasteLitres: 0.4, cutUm: 5 } },
      "Centrifuged 12 L from Drum 3 into Cone, 0.40 L paste",
    ],
    [
      {
        kind: "displace",
        data: { header: vessel, body: other, overflow: "feed-tub" as never, amount, passingShare: 0 },
      },
      "Fed the settler 12 L from Drum 3 through Cone into Feed tub",
    ],
    [
      { kind: "clean-out", data: { vessel: other, to: vessel, amount } },
      "Cleaned out 12 L off the bottom of Cone into Drum 3",
    ],
    [
      { kind: "cup-test", data: { cup: "bean-tin" as never, vessel, seconds: 180, celsius: 12 } },
      "Cup time Drum 3: 180.0 s at 12 °C",
    ],
  ])("%j", (draft, words) => {
    expect(line(draft)).toBe(words);
  });
});

describe("what speaks against a reading", () => {
  const words = (w: DraftWarning): string => plain(wordWarning(w, view));
  it("says what cannot be, and that it may be kept", () => {
    for (const doubt of ["above-rim", "fat-above-oil", "water-above-fat", "clear-above-oil", "nothing-there"] as const)
      expect(words({ code: "reading-cannot-be", doubt, vessel, rimMm: 850 })).toMatch(
        /You may keep it in the books; it is then neither drawn nor reckoned with\.$/,
      );
  });
  it("says what it contradicts, and what follows from keeping both", () => {
    const beforeAt = "2026-11-18T10:00:00.000Z";
    const said = (of: "clear" | "fat" | "jar", before: number): string =>
      words({ code: "reading-contradicts", of, before, beforeAt });
    expect(said("clear", 300)).toMatch(/^On Wed 18 Nov it was clear down to 300 mm\./);
    expect(said("fat", 40)).toMatch(/fat line stood at 40 mm/);
    expect(said("jar", 2)).toMatch(/the jar was haze\..*both count and the forecast's range grows\.$/);
    expect(words({ code: "reading-off-book", readMm: 700, bookMm: 600 })).toMatch(/book the difference/);
    expect(words({ code: "past-payload", overKg: 12 })).toMatch(/12 kg over/);
  });
});

describe("what to do next", () => {
  const about = { id: "a", station: "settle", vessel, dueAt: NOW } as const;
  const word = (a: object): ReturnType<typeof wordAdvice> => {
    const w = wordAdvice({ ...about, ...a } as unknown as Advice, view);
    for (const text of [w.title, w.why, w.short]) plain(text);
    expect(w.short.length).toBeLessThan(22);
    return w;
  };
  it("a wet lot is to be tested, and says why it is thought wet", () => {
    expect(word({ code: "wet", because: "test", share: null }).why).toMatch(/^It spat/);
    expect(word({ code: "wet", because: "test", share: 0.004 }).why).toMatch(/^0\.4 % water/);
    expect(word({ code: "wet", because: "fining", share: null }).why).toMatch(/^Gelatine/);
    expect(word({ code: "wet", because: "poured", share: null }).steps[0].log?.verb).toBe("water-test");
  });
  it("heels are waited for, drawn again, converted or disposed of", () => {
    expect(word({ code: "heel-wait", litres: 9, dueAt: "2026-12-03T10:00:00.000Z" }).title).toBe(
      "Drum 3 clears about Thu 3 Dec",
    );
    expect(word({ code: "heel-wait", litres: 9 }).title).toBe("Draw Drum 3 again");
    expect(
      word({ code: "heel-spent", fate: "kettle", litres: 9, fatShare: 0.4, cream: true }).steps[0].log?.values,
    ).toMatchObject({
      toRole: "kettle",
    });
    expect(
      word({ code: "heel-spent", fate: "disposal", litres: 9, fatShare: 0, cream: false }).steps[0].log?.verb,
    ).toBe("dispose");
    expect(word({ code: "pool-heel", litres: 17, into: "heel-tub" }).steps[0].label).toBe("Into Heel tub");
  });
  it("a full overflow is run through the bags", () => {
    expect(word({ code: "overflow-full", into: "feed-tub", roomLitres: 3 }).steps[0].href).toBe(
      "/filter?vessel=feed-tub",
    );
  });
});

describe("small words", () => {
  it("every step of the jar's scale has a name of its own", () => {
    expect(new Set(CLARITY.map((c) => c.name)).size).toBe(5);
    expect(clarityWord(3)).toBe("cloudy");
  });
  it("thickness says whether it was measured", () => {
    expect(thicknessWords({ usedFactor: 1.15, measured: null })).toMatch(/^no reading of your own/);
    const measured = { nuMm2PerS: 140, celsius: 11, at: NOW, spreadMm2PerS: null };
    expect(thicknessWords({ usedFactor: 1.2, measured })).toMatch(
      /^your own cup: 140\.0 mm²\/s at 11 °C on Tue 24 Nov/,
    );
  });
  it("a difference of temperatures has no zero to be moved", () => {
    expect(unitsOf(view.settings).kelvin(5)).toBe("5 °C");
    expect(unitsOf({ ...view.settings, temperatureUnit: "f" }).kelvin(5)).toBe("9 °F");
  });
});
