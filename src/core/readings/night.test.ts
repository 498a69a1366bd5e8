import { describe, expect, it } from "vitest";
import { lowOnDay } from "../blending";
import { DEFAULT_SETTINGS, type Draft, project } from "../ledger";
import { entry, iso } from "../ledger/testing";
import { nightAt, withNight } from "./night";

const DAY = 1440;
const yardOf = (...drafts: Draft[]) => project(drafts.map((d, i) => entry(`e${i}`, i, d)));
const said: Draft = { kind: "weather", data: { tonightLowCelsius: -11 } };
const south: Draft = { kind: "settings", data: { home: { latitude: -41, longitude: 175 } } };
const mine: Draft = { kind: "settings", data: { nightMonthsCelsius: Array(12).fill(-3) } };

describe("tonight", () => {
  it("is what was said of it for a day, and then the months' again", () => {
    const yard = yardOf(said);
    expect(nightAt(yard, iso(60))).toEqual({ celsius: -11, by: "said", at: iso(0) });
    const later = nightAt(yard, iso(2 * DAY));
    expect(later).toMatchObject({ by: "nobody", at: null });
    expect(later.celsius).toBe(lowOnDay(DEFAULT_SETTINGS.nightMonthsCelsius, Date.parse(iso(2 * DAY))));
  });
  it("comes from the owner's months where he has any, also where his home is said after them", () => {
    expect(nightAt(yardOf(mine, south), iso(DAY))).toEqual({ celsius: -3, by: "owner", at: null });
    expect(nightAt(yardOf(south, mine), iso(DAY))).toEqual({ celsius: -3, by: "owner", at: null });
  });
  it("starts from where the yard stands: January is summer in the south", () => {
    const there = nightAt(yardOf(south), iso(DAY));
    expect(there.by).toBe("home");
    expect(there.celsius).toBeGreaterThan(8);
    const north = yardOf({ kind: "settings", data: { home: { latitude: 52, longitude: 8 } } });
    expect(nightAt(north, iso(DAY)).celsius).toBeLessThan(-4);
    const { nightMonthsCelsius: n, shedMonthsCelsius: s } = yardOf(south).settings;
    expect(Math.min(...n)).toBe(n[6]);
    expect(Math.min(...s)).toBe(s[6]);
  });
  it("is the mark that everything reads, and the same object while it is the same night", () => {
    const yard = yardOf(mine);
    const one = withNight(yard, iso(DAY));
    expect(one.settings.tonightLowCelsius).toBe(-3);
    expect(withNight(yard, iso(DAY + 60)).settings).toBe(one.settings);
  });
});
