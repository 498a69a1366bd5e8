import { describe, expect, it } from "vitest";
import { DEFAULT_SETTINGS, type Draft, project, VesselId } from "@/core/ledger";
import { pastOf } from "@/core/readings";
import { viewYard } from "@/core/view";
import { demoYard } from "@/demo/demoYard";
import {
  accessWords,
  batchWords,
  currencySign,
  markWords,
  percentWords,
  priceWords,
  rangeLitres,
  roughLitres,
  unitsOf,
  wordAdvice,
} from ".";
import { wordEntry } from "./entries";
import { wordError } from "./errors";
import { wordWarning } from "./warnings";

const NOW = "2026-11-24T13:32:00.000Z";
const yard = project(demoYard(Date.parse(NOW)));
const view = viewYard(yard, NOW);
const units = unitsOf(DEFAULT_SETTINGS);

describe("words of rounds", () => {
  it("opening hours as one says them", () => {
    const at = (weekdays: number[]) => [{ weekdays, fromMinute: 540, toMinute: 840 }];
    expect(accessWords(undefined)).toBe("any time");
    expect(accessWords([])).toBe("any time");
    expect(accessWords(at([1, 2, 3, 4, 5]))).toBe("Mon to Fri 09:00 to 14:00");
    expect(accessWords(at([6, 2, 4]))).toBe("Tue, Thu, Sat 09:00 to 14:00");
    expect(accessWords([...at([1, 2, 3, 4, 5, 6, 7]), ...at([7])])).toBe(
      "every day 09:00 to 14:00; Sun 09:00 to 14:00",
    );
  });
  it("prices from either side, in the yard's money", () => {
    expect(priceWords(undefined, units.money)).toBe("price not known");
    expect(priceWords(0, units.money)).toBe("free");
    expect(priceWords(0.1, units.money)).toBe("€0.10 a litre");
    expect(priceWords(-0.05, units.money)).toBe("they pay €0.05 a litre");
    expect([currencySign("GBP"), currencySign("CHF"), currencySign("SEK")]).toEqual(["£", "CHF ", "kr "]);
    expect(units.money(-1234.5)).toBe("−€1,234.50");
  });
  it("forecasts without tenths, ranges with their unit once", () => {
    expect(roughLitres(16.6, units)).toBe("17 L");
    expect(rangeLitres(0.002, 48.3, units)).toBe("0 to 48 L");
    expect(rangeLitres(4.6, 5.2, units)).toBe("5 L");
    expect([percentWords(0.004), percentWords(0.742)]).toEqual(["0.4 %", "74 %"]);
  });
  it("every intake warning names what it speaks of", () => {
    const vessel = "drum-5" as never;
    for (const w of [
      { code: "doubtful-into-good", vessel, litres: 148 },
      { code: "engine-into-kitchen", vessel },
      { code: "kitchen-into-engine", vessel },
      { code: "past-safe-level", vessel, safeLitres: 207 },
    ] as const)
      expect(wordWarning(w, view)).toMatch(/^Drum 5 /);
    expect(wordWarning({ code: "past-payload", overKg: 40 }, view)).toMatch(/40 kg over/);
  });
  it("entries of the road, in one line", () => {
    const said = (draft: Draft): string => wordEntry({ ...draft, id: "e" } as never, view);
    const source = "gannet" as never;
    const round = "r" as never;
    const pickup = { source, to: "drum-5" as never, fluid: "canola", amount: { litres: 20 }, muck: {} } as const;
    expect(said({ kind: "pickup", data: { ...pickup, paid: 3 } })).toBe(
      "20 L canola from Gannet hostel into Drum 5, €3.00 paid",
    );
    expect(said({ kind: "pickup", data: { ...pickup, paid: -1 } })).toMatch(/, €1\.00 from them$/);
    expect(said({ kind: "visit", data: { source, outcome: "refused", reason: "wet" } })).toBe(
      "Gannet hostel: refused, wet",
    );
    expect(said({ kind: "visit", data: { source, outcome: "nothing", reason: "" } })).toBe(
      "Gannet hostel: nothing there",
    );
    expect(said({ kind: "round", data: { id: round, by: null, stops: [{ source, litres: 20 }] } })).toBe(
      "set off to Gannet hostel",
    );
    expect(said({ kind: "round-end", data: { round, km: 34.2, minutes: 110 } })).toBe("34 km, 1 h 50");
    expect(
      said({ kind: "photo", data: { of: { kind: "source", id: source }, type: "image/jpeg", base64: "AA" } }),
    ).toBe("Gannet hostel");
  });
  it("what the ledger refuses of a round", () => {
    const entry = "e" as never;
    expect(wordError({ code: "unknown-place", place: "van" as never, entry }, view)).toMatch(/no such van/);
    expect(wordError({ code: "unknown-round", round: "r" as never, entry }, view)).toMatch(/no such round/);
    expect(wordError({ code: "round-over", round: "r" as never, entry }, view)).toMatch(/That round is over/);
    expect(wordError({ code: "invalid", why: "said", path: "data.stops", reason: "a stop twice" }, view)).toBe(
      "The list of stops is not right: a stop twice.",
    );
  });
  it("what to do about full sources and an open round", () => {
    const common = { id: "x", dueAt: NOW, station: "rounds" } as const;
    const full = ["beacon", "gannet", "galley", "lighthouse"] as never[];
    const plan = wordAdvice({ ...common, code: "plan-round", full, litres: 74 }, view);
    expect(plan.title).toBe("4 sources are nearly full");
    expect(plan.why).toBe("About 74 L wait at Beacon doughnuts, Gannet hostel, Ferry galley and 1 more.");
    expect(plan.steps[0].href).toBe("/round");
    const one = wordAdvice({ ...common, code: "plan-round", full: full.slice(0, 1), litres: 40 }, view);
    expect(one.title).toBe("Beacon doughnuts is nearly full");
    expect(wordAdvice({ ...common, code: "go-on", called: 1, stops: 3 }, view).why).toMatch(/^1 of 3 stops done/);
  });
  it("marks and batches of the demo's containers", () => {
    const found = (id: string) => {
      const v = view.vessels.find((x) => x.vessel.id === id);
      if (!v) throw new Error(id);
      return v;
    };
    const lots = (id: string) => pastOf(yard, VesselId.parse(id))?.lots ?? [];
    expect(
      ["pail-7", "black-tin", "drum-3", "ready", "sludge-drum", "diesel-can"].map((id) => markWords(found(id))),
    ).toEqual(["Raw", "Raw, engine oil", "Settling", "Ready, 5 µm", "Sludge", "Diesel"]);
    expect(batchWords(lots("pail-7"))).toMatch(/^Lot \w{5}, Tue 24 Nov, Ropewalk canteen$/);
    expect(batchWords(lots("drum-5"))).toMatch(/^Lot \w{5}, Fri 13 Nov, .* and \d more$/);
    expect(batchWords(lots("trailer-drum"))).toBe("");
  });
});
