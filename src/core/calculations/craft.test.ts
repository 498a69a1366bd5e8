import { describe, expect, it } from "vitest";
import { calculate, type InputOf, type OutputOf } from ".";
import type { CalculationName } from "./registry";

/** What the craft says of itself, asked through the door as anybody would ask it. */
function ask<N extends CalculationName>(name: N, input: InputOf<N>): OutputOf<N> {
  const answer = calculate(name, input);
  if (!answer.ok) throw new Error(`${name}: ${JSON.stringify(answer.error)}`);
  return answer.value;
}

describe("every way puts oil under one limit", () => {
  const limitMm2PerS = 15;
  it("canola: heated to 70 °C, or with 45 % diesel, 30 % kerosene, 18 % petrol at 20 °C, or as ester", () => {
    expect(ask("heat", { fluid: "canola", limitMm2PerS }).celsius).toBeCloseTo(70, 0);
    const share = (thinner: "diesel" | "kerosene" | "petrol") =>
      ask("thinner", { oil: "canola", thinner, celsius: 20, limitMm2PerS }).share;
    expect(share("diesel")).toBeCloseTo(0.45, 2);
    expect(share("kerosene")).toBeCloseTo(0.3, 2);
    expect(share("petrol")).toBeCloseTo(0.18, 2);
    expect(ask("viscosity", { fluid: "biodiesel", celsius: 5 }).nuMm2PerS).toBeLessThan(limitMm2PerS);
  });
  it("fried oil a fifth thicker moves the gate from 70 to 78 °C", () => {
    expect(ask("heat", { fluid: "canola", limitMm2PerS, usedFactor: 1.2 }).celsius).toBeCloseTo(78, 0);
  });
  it("a blend at its least thinner meets the limit exactly", () => {
    const share = ask("thinner", { oil: "canola", thinner: "kerosene", celsius: 0, limitMm2PerS }).share ?? 0;
    const parts = [
      { fluid: "canola" as const, litres: 100 * (1 - share) },
      { fluid: "kerosene" as const, litres: 100 * share },
    ];
    const blend = ask("blend", { parts, celsius: 0 });
    expect(blend.nuMm2PerS).toBeCloseTo(limitMm2PerS, 6);
    expect(blend.burns).toBe("like-kerosene");
  });
  it("says why a tank cannot be topped up", () => {
    const tank = { oil: "canola", thinner: "kerosene", celsius: 0, limitMm2PerS } as const;
    const contents = [{ fluid: "canola" as const, litres: 50 }];
    expect(ask("top-up", { ...tank, contents, capacityLitres: 50 })).toMatchObject({
      oilLitres: null,
      why: "tank-full",
    });
    expect(ask("top-up", { ...tank, contents, capacityLitres: 52 }).why).toBe("too-thick-even-with-thinner-only");
    expect(ask("top-up", { ...tank, contents: [], capacityLitres: 60 }).why).toBeNull();
  });
});

describe("settling", () => {
  const season = {
    parts: [{ fluid: "canola" as const, litres: 180, usedFactor: 1.15 }],
    surfaceMm: 700,
    drawOffMm: 60,
  };
  const fines = [{ name: "fines", diameterUm: 20, density: { kind: "fixed" as const, kgPerM3: 1100 } }];
  const ready = (celsius: number, sizeMultiplier = 1) =>
    ask("settle-forecast", { ...season, classes: fines, hours: 0, temperatures: [[0, celsius]], sizeMultiplier });
  it("takes weeks in a drum, longer in the cold, and its range holds its middle", () => {
    const at12 = ready(12);
    expect((at12.readyHours ?? 0) / 24).toBeGreaterThan(14);
    expect((at12.readyHours ?? 0) / 24).toBeLessThan(40);
    expect(ready(5).readyHours ?? 0).toBeGreaterThan(1.4 * (at12.readyHours ?? 0));
    expect(at12.earliestHours ?? 0).toBeLessThan(at12.readyHours ?? 0);
    expect(at12.latestHours ?? 0).toBeGreaterThan(at12.readyHours ?? 0);
  });
  it("agrees with the time one class takes to fall as far", () => {
    const fall = ask("settle-clear", {
      diameterUm: 20,
      particleKgPerM3: 1100,
      fluid: "canola",
      fallMm: 640,
      temperatures: [[0, 12]],
      usedFactor: 1.15,
    });
    expect(ready(12).readyHours).toBeCloseTo(fall.hours ?? 0, 6);
  });
  it("falls a few centimetres a day, four times as fast at twice the grain, and up where it is lighter", () => {
    const fall = (diameterUm: number, particleKgPerM3: number) =>
      ask("settle-clear", { diameterUm, particleKgPerM3, fluid: "canola", fallMm: 100, temperatures: [[0, 12]] });
    expect(fall(20, 1100).mmPerDayAtFirst).toBeGreaterThan(15);
    expect(fall(20, 1100).mmPerDayAtFirst).toBeLessThan(80);
    expect(fall(40, 1100).mmPerDayAtFirst / fall(20, 1100).mmPerDayAtFirst).toBeCloseTo(4, 9);
    expect(fall(20, 800)).toMatchObject({ hours: null });
    expect(fall(20, 800).mmPerDayAtFirst).toBeLessThan(0);
  });
  it("learns a size from dips, and forecasts with it", () => {
    const readings = [100, 200, 300].map((hours) => ({
      dirt: fines[0] as (typeof fines)[0],
      hours,
      clearToMm: (640 * hours) / ((ready(12).readyHours ?? 0) / 1.44),
    }));
    const fit = ask("settle-fit", { readings, parts: season.parts, temperatures: [[0, 12]] });
    expect(fit.sizeMultiplier).toBeCloseTo(1.2, 6);
    expect(fit).toMatchObject({ readings: 3, leftOut: 0, trust: "fair" });
    expect(ready(12, fit.sizeMultiplier).readyHours ?? 0).toBeCloseTo((ready(12).readyHours ?? 0) / 1.44, 4);
  });
  it("lets a heater's hours not count", () => {
    const warm = { ...season, classes: fines, hours: 0, temperatures: [[0, 12]] as [number, number][] };
    const heated = ask("settle-forecast", { ...warm, heaterOn: [[0, 24]] });
    expect((heated.readyHours ?? 0) - (ready(12).readyHours ?? 0)).toBeCloseTo(24, 6);
  });
  it("trickles at a rate that holds the cut asked for, and warns of a warm feed", () => {
    const settler = { areaM2: 0.25, particleKgPerM3: 1100, fluid: "canola", celsius: 12, usedFactor: 1.15 } as const;
    const { litresPerHour, feed } = ask("upflow-rate", { ...settler, cutUm: 20, feedCelsius: 16 });
    expect(feed).toBe("short-circuits");
    expect(ask("upflow", { ...settler, litresPerHour }).cutUm).toBeCloseTo(20, 9);
  });
  it("never puts petrol in a centrifuge", () => {
    const bowl = { outerRadiusM: 0.05, innerRadiusM: 0.03, lengthM: 0.2, rpm: 6000, d50Um: 5, particleKgPerM3: 1100 };
    expect(calculate("centrifuge", { ...bowl, fluid: "petrol", celsius: 20 })).toMatchObject({
      ok: false,
      error: { code: "refused", field: "fluid" },
    });
  });
});

describe("filtering, converting, driving", () => {
  it("a cold day takes a bag several times as long, and what came through in a time is found again", () => {
    const bag = { areaM2: 0.4, pressurePa: 9000, fluid: "canola", mediumPerM: 1e10, cakePerM2: 3e11 } as const;
    const seconds = (celsius: number) => ask("filter-time", { ...bag, litres: 40, celsius }).seconds;
    expect(seconds(5) / seconds(40)).toBeGreaterThan(4);
    expect(ask("filter-litres", { ...bag, celsius: 40, seconds: seconds(40) }).litres).toBeCloseTo(40, 6);
  });
  it("a lot that has stood is kind to its bags, and a meaty one is not", () => {
    const line = { litres: 100, fluid: "canola", celsius: 35, pressurePa: 30_000, usedFactor: 1.15 } as const;
    const bags = [
      { ratingUm: 50, areaM2: 0.3 },
      { ratingUm: 5, areaM2: 0.4 },
    ];
    const run = (from: "light-fryer" | "meaty-fryer" | "engine-oil", hangingShare: number) =>
      ask("cascade", { ...line, bags, dirt: { from, hangingShare } });
    const caught = (r: ReturnType<typeof run>): number => r.stages.reduce((sum, s) => sum + s.caughtG, r.leftG);
    expect(caught(run("light-fryer", 0.1)) / caught(run("light-fryer", 0.01))).toBeCloseTo(10, 6);
    // Crumbs at 1 % of 1150 g/L and fines at 0.3 % of 1100 g/L, a hundredth of them still hanging, in 100 L.
    expect(caught(run("light-fryer", 0.01))).toBeCloseTo(11.5 + 3.3, 6);
    expect(run("meaty-fryer", 0.05).minutesInLine).toBeGreaterThan(run("light-fryer", 0.05).minutesInLine);
    expect(run("engine-oil", 0).slowFirst).toBeNull();
  });
  it("a mesh number is read off the sieve, and says what it holds", () => {
    expect(ask("sieve", { mesh: 200, grainUm: 75 })).toMatchObject({ um: 75, heldShare: 0.5, meshThatHolds: 200 });
    expect(ask("sieve", { mesh: 199, grainUm: 75 })).toMatchObject({ um: null, heldShare: null });
  });
  it("an eighth of methanol cannot convert what a fifth can", () => {
    const at = (share: number) => {
      const { molarRatio } = ask("methanol", { oil: "canola", oilLitres: 80, share });
      return ask("reaction", { oil: "canola", celsius: 55, molarRatio, minutes: [90] }).finalConversion;
    };
    expect(at(0.125)).toBeLessThan(0.75);
    expect(at(0.2)).toBeGreaterThan(at(0.125) + 0.1);
  });
  it("methanol does not all come out at its boil", () => {
    const pot = (potCelsius: number) => ask("methanol-recovery", { methanolMol: 3, heavyMol: 1, potCelsius });
    expect(pot(65).share).toBe(0);
    expect(pot(65).boilsAtCelsius).toBeGreaterThan(65);
    expect(pot(100).share).toBeCloseTo(0.87, 2);
  });
  it("an acid stage is asked for above 3 %, and again above 1 %", () => {
    const titrated = (titrantMl: number) =>
      ask("titration", { titrantMl, titrantGPerL: 1, base: "KOH", oilMl: 1 }).acidStage;
    expect([titrated(2), titrated(8)]).toEqual([false, true]);
    const again = (ffaAfterPct: number) =>
      ask("acid-stage", { oil: "canola", oilLitres: 80, ffaPct: 5, ffaAfterPct }).again;
    expect([again(0.8), again(1.4)]).toEqual([false, true]);
  });
  it("a looped return purges slowly, because only what is burned flows", () => {
    const line = { lineLitres: 0.4, minutes: 1 };
    const looped = ask("purge", { ...line, litresPerMinute: 0.12, tanksInSeries: 1 }).minutesTo2Pct;
    const through = ask("purge", { ...line, litresPerMinute: 1.4, tanksInSeries: 3 }).minutesTo2Pct;
    expect(looped).toBeGreaterThan(10);
    expect(through).toBeLessThan(1);
  });
  it("switches to oil only hot and thin enough", () => {
    const tank = { parts: [{ fluid: "canola" as const, litres: 60, usedFactor: 1.15 }], limitMm2PerS: 15 };
    expect(ask("switch-over", { ...tank, fuelCelsius: 60 }).verdict).toBe("too-cool");
    expect(ask("switch-over", { ...tank, fuelCelsius: 72 }).verdict).toBe("too-thick");
    expect(ask("switch-over", { ...tank, fuelCelsius: 80 }).verdict).toBe("on-oil");
  });
});
