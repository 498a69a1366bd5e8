import { liquidOf, mixLitres, mixRho15KgPerL } from "../../blending";
import { holdsPetrol } from "../../fluids";
import { dryingKWh } from "../../kettle";
import type { VesselState, YardState } from "../../ledger";
import { partsOf } from "../../ledger";
import {
  celsiusAt,
  centrifugeLitresPerHour,
  FINES_KG_PER_M3,
  litresPerHourForCut,
  muckTopMm,
  narrowestM2,
  type SettlingForecast,
  sigmaM2,
  stokesVelocityMPerS,
} from "../../settling";
import { capacityLitres, heightAtLitres, isBroken } from "../../vessels";
import { HEATER_EFFICIENCY, type HeatPlan } from "./heatPlan";
import { USUAL_SETTLER } from "./settler";
import { layersShown, type Question } from "./settlingQuestion";

export type WayName = "wait" | "warm" | "displace" | "fine" | "centrifuge";

/** One way to clear a lot, from today: how long, how much comes out, what it takes. */
export type Way =
  | {
      readonly way: WayName;
      readonly possible: true;
      readonly days: number;
      readonly litres: number;
      readonly kWh: number;
      /** Of the owner's own hands. */
      readonly minutes: number;
    }
  | {
      readonly way: WayName;
      readonly possible: false;
      readonly because: "never-clears" | "no-settler" | "petrol" | "fined-already";
    };

/** Hands-on minutes as they usually are; a person's own differ, but not their order. */
const MINUTES = { draw: 10, warm: 20, batch: 6, fine: 50, spinSetUp: 40, spinPerHour: 6 } as const;
/** A bowl's motor. */
const SPIN_KW = 0.75;
/** Fined oil is wet: it is warmed to drive the water out, by so much. */
const DRY_CELSIUS = 60;
const WATER_LEFT_SHARE = 0.005;
/** Stirring gelatine in needs oil that is warm, and never hot. */
const FINE_CELSIUS = 45;
const HOURS_PER_DAY = 24;
/** Gelatine's cake and the paste of a bowl keep some oil back. */
const KEPT_SHARE = { fine: 0.05, centrifuge: 0.02 } as const;

/** The five ways for one lot. Litres are those that come out clear; days from now. */
export function waysFor(
  yard: YardState,
  state: VesselState,
  q: Question,
  answer: SettlingForecast,
  heat: HeatPlan,
): Way[] {
  return [wait(q, answer), warm(q, heat), displace(yard, q), fine(yard, q), spin(yard, state, q)];
}

function wait(q: Question, answer: SettlingForecast): Way {
  if (answer.readyHours === null) return { way: "wait", possible: false, because: "never-clears" };
  return {
    way: "wait",
    possible: true,
    days: Math.max(0, answer.readyHours - q.hours) / HOURS_PER_DAY,
    litres: q.drawableLitres,
    kWh: 0,
    minutes: MINUTES.draw,
  };
}

function warm(q: Question, heat: HeatPlan): Way {
  if (holdsPetrol(q.mix)) return { way: "warm", possible: false, because: "petrol" };
  const lagged = heat.warmings.find((w) => w.how === "lagged");
  if (lagged?.finesHours == null || lagged.waterHours === null)
    return { way: "warm", possible: false, because: "never-clears" };
  return {
    way: "warm",
    possible: true,
    days: Math.max(lagged.finesHours, lagged.waterHours) / HOURS_PER_DAY,
    litres: q.drawableLitres,
    kWh: heat.kWh,
    minutes: MINUTES.draw + MINUTES.warm,
  };
}

/** Clean litres of a lot: without what has settled or will. */
const cleanLitres = (q: Question): number => mixLitres(q.mix);

function displace(yard: YardState, q: Question): Way {
  if (holdsPetrol(q.mix)) return { way: "displace", possible: false, because: "petrol" };
  const settler = [...yard.vessels.values()].find((v) => v.vessel.role === "settler" && !isBroken(v.vessel));
  if (!settler) return { way: "displace", possible: false, because: "no-settler" };
  const rate = trickleRate(yard, settler, q);
  if (rate === null) return { way: "displace", possible: false, because: "never-clears" };
  const hoursADay = settler.vessel.settler?.hoursADay ?? USUAL_SETTLER.hoursADay;
  const days = Math.max(1, cleanLitres(q) / (rate * hoursADay));
  return {
    way: "displace",
    possible: true,
    days,
    litres: cleanLitres(q),
    kWh: 0,
    minutes: Math.ceil(days) * MINUTES.batch,
  };
}

/** L/h through a settler at which it still holds its cut of the lightest heavy dirt; null where its sludge is full. */
function trickleRate(yard: YardState, settler: VesselState, q: Question): number | null {
  const oil = liquidOf(q.mix);
  const celsius = celsiusAt(q.temperatures, q.hours);
  const layers = layersShown(settler, partsOf(settler.contents, yard.parts), true);
  const top = muckTopMm(layers);
  const rim = heightAtLitres(settler.vessel, capacityLitres(settler.vessel));
  if (top >= rim) return null;
  return litresPerHourForCut(
    settler.vessel.settler?.cutUm ?? USUAL_SETTLER.cutUm,
    narrowestM2(settler.vessel, top, rim),
    {
      particleKgPerM3: FINES_KG_PER_M3,
      fluidKgPerM3: oil.kgPerM3(celsius),
      viscosityPaS: oil.viscosityPaS(celsius),
    },
  );
}

function fine(yard: YardState, q: Question): Way {
  if (holdsPetrol(q.mix)) return { way: "fine", possible: false, because: "petrol" };
  if (q.restHours !== null) return { way: "fine", possible: false, because: "fined-already" };
  const from = celsiusAt(q.temperatures, q.hours);
  const litres = cleanLitres(q);
  const kg = litres * mixRho15KgPerL(q.mix);
  const warmUp = dryingKWh(kg, from, Math.max(from, FINE_CELSIUS), 0, HEATER_EFFICIENCY);
  const dry = dryingKWh(kg, from, Math.max(from, DRY_CELSIUS), kg * WATER_LEFT_SHARE, HEATER_EFFICIENCY);
  return {
    way: "fine",
    possible: true,
    days: ((warmUp + dry) / yard.settings.heaterKw + yard.settings.fining.restHours) / HOURS_PER_DAY,
    litres: litres * (1 - KEPT_SHARE.fine),
    kWh: warmUp + dry,
    minutes: MINUTES.draw + MINUTES.fine,
  };
}

function spin(yard: YardState, state: VesselState, q: Question): Way {
  if (holdsPetrol(q.mix)) return { way: "centrifuge", possible: false, because: "petrol" };
  const c = yard.settings.centrifuge;
  const oil = liquidOf(q.mix);
  const hotter = Math.max(c.celsius, celsiusAt(q.temperatures, q.hours));
  const bowl = {
    outerRadiusM: c.outerRadiusMm / 1000,
    innerRadiusM: Math.min(c.innerRadiusMm, c.outerRadiusMm * 0.99) / 1000,
    lengthM: c.lengthMm / 1000,
    rpm: c.rpm,
  };
  const heavier = stokesVelocityMPerS(c.cutUm, FINES_KG_PER_M3, oil.kgPerM3(hotter), oil.viscosityPaS(hotter)) > 0;
  if (!heavier) return { way: "centrifuge", possible: false, because: "never-clears" };
  const perHour = centrifugeLitresPerHour(
    sigmaM2(bowl),
    c.cutUm,
    FINES_KG_PER_M3,
    oil.kgPerM3(hotter),
    oil.viscosityPaS(hotter),
    c.efficiency,
  );
  const litres = Math.min(state.contents.total, cleanLitres(q));
  const hours = litres / perHour;
  const kg = litres * mixRho15KgPerL(q.mix);
  const heating = dryingKWh(kg, celsiusAt(q.temperatures, q.hours), hotter, 0, HEATER_EFFICIENCY);
  return {
    way: "centrifuge",
    possible: true,
    days: (hours + heating / yard.settings.heaterKw) / HOURS_PER_DAY,
    litres: litres * (1 - KEPT_SHARE.centrifuge),
    kWh: heating + SPIN_KW * hours,
    minutes: MINUTES.spinSetUp + MINUTES.spinPerHour * hours,
  };
}
