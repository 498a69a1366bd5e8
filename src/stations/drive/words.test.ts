import { describe, expect, it } from "vitest";
import { CAUSES, CHECKS, type Move, SYMPTOMS } from "@/core/driving";
import { type Cost, LESSONS } from "@/core/driving/rehearsal";
import { proofOf, rigFaults, rigFromShelf } from "@/core/driving/rig";
import { DEFAULT_SETTINGS } from "@/core/ledger";
import { unitsOf } from "@/ui/words";
import { doesWords, harmWords, moveWords, turnsWords } from "./driver/words";
import { costWords } from "./rehearse/costWords";
import { faultWords, findingWords, portLabel } from "./rig/faultWords";
import { CAUSE_WORDS, CHECK_WORDS, SYMPTOM_WORDS } from "./wrong/words";

const u = unitsOf(DEFAULT_SETTINGS);
const gallons = unitsOf({ ...DEFAULT_SETTINGS, volumeUnit: "gal", temperatureUnit: "f" } as never);
const rig = rigFromShelf("three-hand");
const whole = /^[A-Z0-9].*[.?]$/;

describe("what the coach says", () => {
  const moves: Move[] = [
    { code: "start" },
    { code: "one-tank", isThin: false, nuMm2PerS: 40 },
    { code: "one-tank", isThin: true, nuMm2PerS: 9 },
    { code: "warm", minutesLeft: 4.2, why: { code: "too-cool", missingK: 12 } },
    { code: "warm", minutesLeft: null, why: { code: "too-thick", nuMm2PerS: 31, limitMm2PerS: 15 } },
    {
      code: "switch",
      turns: [
        { control: "return-valve", position: "oil" },
        { control: "tank-valve", position: "oil" },
      ],
    },
    { code: "run", purgeMinutes: 3 },
    {
      code: "fall-back",
      why: { code: "too-cool", missingK: 9 },
      turns: [{ control: "tank-valve", position: "diesel" }],
    },
    { code: "back-purge", seconds: 12, turns: [{ control: "tank-valve", position: "diesel" }] },
    { code: "back-purging", secondsLeft: 3 },
    { code: "start-purge", minutes: 2.6, turns: [{ control: "tank-valve", position: "diesel" }] },
    { code: "purging", minutesLeft: 0.4, astrayLitres: 0.21 },
    { code: "turn-back", turns: [{ control: "return-valve", position: "diesel" }], astrayLitres: 0 },
    { code: "stop" },
    { code: "set-right", fouls: 1.28, turns: [{ control: "return-valve", position: "oil" }] },
    { code: "dry", holds: "oil" },
  ];
  it("is a thing to do and a sentence why, for every move", () => {
    for (const m of moves) {
      const { what, why } = moveWords(m, rig, u);
      expect(what.length).toBeGreaterThan(6);
      expect(why.trim()).toMatch(whole);
      expect(`${what} ${why}`).not.toMatch(/undefined|NaN|null/);
    }
    expect(moveWords(moves[5] as Move, rig, u).why).toContain("Return valve to oil, then tank valve to oil");
    expect(moveWords(moves[11] as Move, rig, u).what).toBe("Purge, 25 s more");
    expect(turnsWords(rig, [])).toBe("");
  });
  it("says the harm of a turn before it is made, in the owner's unit", () => {
    const safe = {
      mode: "oil",
      oilIntoDieselNow: 0,
      oilIntoDieselThen: 0,
      dieselIntoOil: 0,
      starves: false,
      isShutIn: false,
      runsOver: null,
      drawsAir: null,
    } as const;
    expect(harmWords(safe, rig, u)).toBeNull();
    expect(harmWords({ ...safe, mode: "wrong", oilIntoDieselThen: 1.28 }, rig, u)).toContain("0.021 L a second");
    expect(harmWords({ ...safe, mode: "wrong", oilIntoDieselThen: 1.28 }, rig, gallons)).toContain(
      "0.006 gal a second",
    );
    expect(harmWords({ ...safe, mode: "diesel", oilIntoDieselNow: 0.9 }, rig, u)).toContain(
      "Wait until it has come round",
    );
    expect(harmWords({ ...safe, starves: true }, rig, u)).toContain("engine stops");
    const over = { tank: "oil", inMinutes: 2, litres: 12.8 };
    expect(harmWords({ ...safe, runsOver: over }, rig, u)).toMatch(/full in about 2 min and run over: 12\.8.L/);
    expect(harmWords({ ...safe, drawsAir: { tank: "diesel", inMinutes: 0.1 } }, rig, u)).toMatch(/dry at once/);
    expect(harmWords({ ...safe, isShutIn: true }, rig, u)).toContain("hose bursts");
    for (const mode of ["oil", "purge", "diesel"] as const)
      expect(doesWords({ ...safe, mode, dieselIntoOil: 1 }, u)).toMatch(whole);
  });
});

describe("what the builder is told", () => {
  it("has a sentence for every fault and every finding", () => {
    const broken = { ...rig, hoses: rig.hoses.slice(1), controls: [] };
    for (const f of rigFaults(broken, 0.12)) expect(faultWords(f, broken)).toMatch(whole);
    for (const id of ["selector", "following", "three-position"] as const) {
      const r = rigFromShelf(id);
      for (const f of proofOf(r, 0.12).findings) expect(findingWords(f, r).text).toMatch(whole);
    }
    expect(portLabel(rig, "join.b")).toBe("Filters join, b");
    expect(portLabel(rig, "supply.a")).toBe("Tank valve, open at rest");
  });
});

describe("lessons and troubles", () => {
  it("name every cost, symptom, check and cause", () => {
    const codes: Cost["code"][] = [
      "oil-into-diesel",
      "diesel-into-oil",
      "spilled",
      "thick",
      "air",
      "too-hot",
      "starved",
      "left-in-line",
      "left-turned",
      "not-used",
      "cut-short",
    ];
    for (const code of codes) expect(costWords({ code, amount: 0.4, points: 3 }, u)).toMatch(whole);
    for (const s of SYMPTOMS) expect(SYMPTOM_WORDS[s]).toMatch(/^[A-Z]/);
    for (const c of CHECKS) expect(CHECK_WORDS[c]).toMatch(/\?$/);
    for (const c of CAUSES) expect(CAUSE_WORDS[c].does).toMatch(whole);
    for (const l of LESSONS) expect(l.task).toMatch(whole);
  });
});
