import { describe, expect, it } from "vitest";
import { DEFAULT_SETTINGS } from "@/core/ledger";
import { clogWords, diagnosisWords } from "./clog";
import { leftWords, ratingWords } from "./filter";
import { unitsOf } from "./units";

const u = unitsOf(DEFAULT_SETTINGS);
const gallons = unitsOf({ ...DEFAULT_SETTINGS, volumeUnit: "gal", temperatureUnit: "f", lengthUnit: "in" });
const name = (id: string): string => `the ${id}`;
const judged = { times: 4.36, timesByClock: 5, earlierRuns: 14 };

describe("a rating is said on both scales, since people mix them up", () => {
  it.each([
    [75, "75 µm, sieve 200"],
    [5, "5 µm, finer than sieves"],
    [0.5, "0.5 µm, finer than sieves"],
    [200, "200 µm, about sieve 70"],
    [1200, "1,200 µm, about sieve 16"],
    [2500, "2,500 µm, coarser than sieves"],
    [undefined, "rating unknown"],
  ])("%s µm", (um, words) => expect(ratingWords(um)).toBe(words));
});

describe("litres left", () => {
  it("come with their range, and nobody knows them to the litre", () => {
    expect(leftWords({ litres: 613, least: 404, most: 911 }, u)).toEqual({
      main: "610 L left",
      range: "likely 400 L to 910 L",
    });
    expect(leftWords({ litres: 613, least: 404, most: null }, gallons).range).toMatch(/gal at the least$/);
  });
  it("that are none, or have no end, are said so", () => {
    expect(leftWords({ litres: 0, least: 0, most: 0 }, u).main).toBe("choked");
    expect(leftWords({ litres: null, least: 80, most: null }, u).main).toBe("no end seen");
    expect(leftWords(null, u).main).toBe("not known");
  });
});

describe("what a bag's last run says", () => {
  it("names the likeliest cause, with what it rests on and what to do", () => {
    const words = diagnosisWords(
      { verdict: "clogging", ...judged, evidence: [{ cause: "fat-in-the-cold", weight: 3, figure: 5 }] },
      u,
      name,
    );
    expect(words).toContain("4.4 times as long as its 14 runs before foretell");
    expect(words).toContain("at 5 °C and holds fat");
    expect(words).toContain("warm the feed");
  });
  it("names whose oil it was", () =>
    expect(clogWords({ cause: "bad-source", weight: 2, figure: null, source: "galley" }, u, name)).toContain(
      "came from the galley",
    ));
  it("speaks in the owner's units", () =>
    expect(clogWords({ cause: "bottom-layer", weight: 4, figure: 25.4 }, gallons, name)).toContain(
      "1.0 in above the muck",
    ));
  it("says plainly where nothing speaks for any cause, and where the bag is innocent", () => {
    expect(clogWords(null, u, name)).toMatch(/^Nothing that was logged says why/);
    expect(diagnosisWords({ verdict: "colder", ...judged }, u, name)).toContain("the cold explains it");
    expect(diagnosisWords({ verdict: "torn", ...judged, times: 0.2 }, u, name)).toContain("5.0 times as fast");
    expect(diagnosisWords({ verdict: "too-little", earlierRuns: 1 }, u, name)).toBe("");
  });
});
