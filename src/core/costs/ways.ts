import {
  cloudPointCelsius,
  coldMargin,
  type Ingredient,
  leastThinnerShare,
  type MixPart,
  mixLhvMJPerL,
  mixViscosityMm2PerS,
} from "../blending";
import { type Fluid, type FluidTable, fluidIn } from "../fluids";
import { breakEven } from "./breakEven";
import { savedCo2Kg } from "./carbon";

/** What one can do about fuel, pump diesel first: what all others are held against. */
export const WAY_IDS = ["pump-diesel", "diesel", "kerosene", "petrol", "heated", "biodiesel", "nothing"] as const;
export type WayId = (typeof WAY_IDS)[number];

/** What the ways take, in the owner's own experience; starting values are typical, without a source. */
export interface WayMarks {
  readonly blendHoursPer100L: number;
  readonly petrolHoursPer100L: number;
  readonly heatedHoursPer100L: number;
  readonly biodieselHoursPer100L: number;
  /** Of the oil that goes in, what comes out as waste. */
  readonly blendWasteShare: number;
  readonly petrolWasteShare: number;
  readonly heatedWasteShare: number;
  readonly biodieselWasteShare: number;
  readonly biodieselDays: number;
  readonly bagsPerLitre: number;
  readonly disposalPerLitre: number;
  /** Methanol and lye for a litre of biodiesel. */
  readonly reagentsPerLitre: number;
  readonly biodieselKwhPerLitre: number;
  readonly secondTankCost: number;
  /** Litres that the second tank is written off over. */
  readonly secondTankLitres: number;
  /** Of all that a heated vehicle burns, what is diesel: to start on, and to purge. */
  readonly heatedDieselShare: number;
  readonly co2KgPerDieselLitre: number;
}

export const DEFAULT_WAY_MARKS: WayMarks = {
  blendHoursPer100L: 2.1,
  petrolHoursPer100L: 3,
  heatedHoursPer100L: 2.4,
  biodieselHoursPer100L: 6.8,
  blendWasteShare: 0.04,
  petrolWasteShare: 0.13,
  heatedWasteShare: 0.04,
  biodieselWasteShare: 0.21,
  biodieselDays: 5,
  bagsPerLitre: 0.02,
  disposalPerLitre: 0.3,
  reagentsPerLitre: 0.16,
  biodieselKwhPerLitre: 0.3,
  secondTankCost: 600,
  secondTankLitres: 5000,
  heatedDieselShare: 0.1,
  co2KgPerDieselLitre: 2.68,
};

export interface WayPrices {
  readonly dieselPerLitre: number;
  readonly kerosenePerLitre: number;
  readonly petrolPerLitre: number;
  readonly oilPerLitre: number;
  readonly energyPerKwh: number;
  readonly wagePerHour: number;
}

export interface WaysTask {
  readonly oil: Ingredient;
  readonly fluids: FluidTable;
  readonly lowCelsius: number;
  readonly limitMm2PerS: number;
  /** Days until this lot is clear and filtered. */
  readonly daysToClear: number;
  readonly petrolStandHours: number;
  readonly hasSecondTank: boolean;
  readonly prices: WayPrices;
  readonly marks: WayMarks;
}

/** What a litre of fuel costs, by what for; money. */
export interface WayLines {
  readonly oil: number;
  readonly thinner: number;
  readonly reagents: number;
  readonly energy: number;
  readonly bags: number;
  readonly disposal: number;
  readonly kit: number;
  readonly work: number;
}

export const KIT = [
  "bags",
  "can",
  "vented-can",
  "second-tank",
  "heated-line",
  "purge-valve",
  "kettle",
  "methanol-store",
  "second-tank-to-buy",
] as const;
export type Kit = (typeof KIT)[number];

export interface WayFigures {
  readonly id: WayId;
  /** Of the fuel, what is bought diesel, kerosene or petrol. */
  readonly thinnerShare: number;
  readonly lines: WayLines;
  readonly perLitre: number;
  readonly perMJ: number;
  readonly energyRatio: number;
  readonly hoursPer100L: number;
  readonly daysUntilUsable: number;
  /** Litres of waste for each litre of fuel. */
  readonly wastePerLitre: number;
  /** Colder than this something fails: falls out, sets, or is too thick. */
  readonly downToCelsius: number;
  readonly co2SavedKgPerLitre: number;
  /** Pays above this price of pump diesel; null where it never does, or where it is what is bought. */
  readonly pumpPrice: number | null;
  readonly kit: readonly Kit[];
}

/** A way that does not go: no share of the thinner brings it under the limit at the low. */
export interface NoWay {
  readonly id: WayId;
  readonly code: "no-mix-meets-it";
}

export type WayAnswer = WayFigures | NoWay;
export const isWay = (a: WayAnswer): a is WayFigures => !("code" in a);

const NO_LINES: WayLines = { oil: 0, thinner: 0, reagents: 0, energy: 0, bags: 0, disposal: 0, kit: 0, work: 0 };
const HOURS_PER_DAY = 24;

/** What is put together for one way, before it is priced. */
interface Make {
  readonly id: WayId;
  readonly mix: readonly MixPart[];
  readonly thinnerShare: number;
  readonly thinnerPerLitre: number;
  readonly thinnerIsPumpFuel: boolean;
  readonly wasteShare: number;
  readonly hoursPer100L: number;
  readonly days: number;
  readonly reagents: number;
  readonly energy: number;
  readonly kitPerLitre: number;
  readonly downToCelsius: number;
  readonly kit: readonly Kit[];
}

/** The coldest that a mix stands: wax, fat, setting, thickness, whichever comes first. −60 where nothing fails. */
function downToCelsius(mix: readonly MixPart[], limitMm2PerS: number): number {
  const m = coldMargin(mix, 150, limitMm2PerS);
  return Math.max(
    m.cloudCelsius,
    m.pourCelsius,
    m.fatStandingCelsius ?? -60,
    m.viscosityCelsius ?? (mixViscosityMm2PerS(mix, 150) > limitMm2PerS ? 150 : -60),
  );
}

/**
 * Every way for one lot of oil, at the owner's prices: cost of a litre by lines and of a megajoule, hours, days, waste,
 * the coldest night, carbon, and the pump price above which it pays. Waste and hours are the owner's marks, the mix is
 * the least thinner that meets the limit at the low. Reagents' own carbon is left out. Source: physics §7.
 */
export function compareWays(task: WaysTask): WayAnswer[] {
  const { fluids, prices, marks } = task;
  const diesel = fluidIn(fluids, "diesel");
  const dieselMJPerL = diesel.rho15KgPerL * diesel.lhvMJPerKg;
  const base: WayFigures = {
    id: "pump-diesel",
    thinnerShare: 1,
    lines: { ...NO_LINES, thinner: prices.dieselPerLitre },
    perLitre: prices.dieselPerLitre,
    perMJ: prices.dieselPerLitre / dieselMJPerL,
    energyRatio: 1,
    hoursPer100L: 0,
    daysUntilUsable: 0,
    wastePerLitre: 0,
    downToCelsius: cloudPointCelsius([{ fluid: diesel, litres: 1 }]),
    co2SavedKgPerLitre: 0,
    pumpPrice: null,
    kit: [],
  };
  // Whoever does nothing drives on diesel, and still has the oil to get rid of.
  const nothing: WayFigures = {
    ...base,
    id: "nothing",
    lines: { ...base.lines, disposal: marks.disposalPerLitre },
    perLitre: base.perLitre + marks.disposalPerLitre,
    perMJ: (base.perLitre + marks.disposalPerLitre) / dieselMJPerL,
    wastePerLitre: 1,
  };
  const made = [
    thinned(task, "diesel"),
    thinned(task, "kerosene"),
    thinned(task, "petrol"),
    heated(task),
    converted(task),
  ];
  return [base, ...made.map((m) => ("code" in m ? m : priced(m, task, dieselMJPerL))), nothing];
}

function thinned(task: WaysTask, id: "diesel" | "kerosene" | "petrol"): Make | NoWay {
  const { oil, fluids, prices, marks, lowCelsius, limitMm2PerS } = task;
  const thinner: Ingredient = { fluid: fluidIn(fluids, id), usedFactor: 1 };
  const share = leastThinnerShare(oil, thinner, lowCelsius, limitMm2PerS);
  if (share === null) return { id, code: "no-mix-meets-it" };
  const mix = [
    { ...oil, litres: 1 - share },
    { ...thinner, litres: share },
  ].filter((p) => p.litres > 0);
  const isPetrol = id === "petrol";
  return {
    id,
    mix,
    thinnerShare: share,
    thinnerPerLitre: prices[`${id}PerLitre`],
    thinnerIsPumpFuel: id === "diesel",
    wasteShare: isPetrol ? marks.petrolWasteShare : marks.blendWasteShare,
    hoursPer100L: isPetrol ? marks.petrolHoursPer100L : marks.blendHoursPer100L,
    days: isPetrol ? task.petrolStandHours / HOURS_PER_DAY : 1,
    reagents: 0,
    energy: 0,
    kitPerLitre: 0,
    downToCelsius: downToCelsius(mix, limitMm2PerS),
    kit: ["bags", isPetrol ? "vented-can" : "can"],
  };
}

function heated({ oil, fluids, prices, marks, hasSecondTank, limitMm2PerS }: WaysTask): Make {
  const diesel: MixPart = { fluid: fluidIn(fluids, "diesel"), usedFactor: 1, litres: marks.heatedDieselShare };
  return {
    id: "heated",
    mix: [{ ...oil, litres: 1 - marks.heatedDieselShare }, diesel],
    thinnerShare: marks.heatedDieselShare,
    thinnerPerLitre: prices.dieselPerLitre,
    thinnerIsPumpFuel: true,
    wasteShare: marks.heatedWasteShare,
    hoursPer100L: marks.heatedHoursPer100L,
    days: 0,
    reagents: 0,
    energy: 0,
    kitPerLitre: hasSecondTank ? 0 : marks.secondTankCost / marks.secondTankLitres,
    // It starts on diesel, and was purged before it stopped.
    downToCelsius: downToCelsius([diesel], limitMm2PerS),
    kit: ["bags", hasSecondTank ? "second-tank" : "second-tank-to-buy", "heated-line", "purge-valve"],
  };
}

function converted({ fluids, prices, marks, limitMm2PerS }: WaysTask): Make {
  const mix = [{ fluid: fluidIn(fluids, "biodiesel"), usedFactor: 1, litres: 1 }];
  return {
    id: "biodiesel",
    mix,
    thinnerShare: 0,
    thinnerPerLitre: 0,
    thinnerIsPumpFuel: false,
    wasteShare: marks.biodieselWasteShare,
    hoursPer100L: marks.biodieselHoursPer100L,
    days: marks.biodieselDays,
    reagents: marks.reagentsPerLitre,
    energy: marks.biodieselKwhPerLitre * prices.energyPerKwh,
    kitPerLitre: 0,
    downToCelsius: downToCelsius(mix, limitMm2PerS),
    kit: ["bags", "kettle", "methanol-store"],
  };
}

const lhvOf = (f: Fluid): number => f.rho15KgPerL * f.lhvMJPerKg;

function priced(m: Make, { prices, marks, daysToClear }: WaysTask, dieselMJPerL: number): WayFigures {
  const oilOut = 1 - m.thinnerShare;
  const oilIn = oilOut / (1 - m.wasteShare);
  const lhv = mixLhvMJPerL(m.mix);
  const lines: WayLines = {
    oil: oilIn * prices.oilPerLitre,
    thinner: m.thinnerShare * m.thinnerPerLitre,
    reagents: m.reagents,
    energy: m.energy,
    bags: marks.bagsPerLitre * oilOut,
    disposal: (oilIn - oilOut) * marks.disposalPerLitre,
    kit: m.kitPerLitre * oilOut,
    work: (m.hoursPer100L / 100) * prices.wagePerHour,
  };
  const perLitre = Object.values(lines).reduce((sum, l) => sum + l, 0);
  const energyRatio = lhv / dieselMJPerL;
  const even = breakEven({
    oilPerLitre: oilOut > 0 ? lines.oil / oilOut : 0,
    thinnerShare: m.thinnerShare,
    thinnerPerLitre: m.thinnerPerLitre,
    thinnerIsPumpFuel: m.thinnerIsPumpFuel,
    otherPerLitre: lines.reagents + lines.energy + lines.bags + lines.disposal + lines.kit,
    hoursPerLitre: m.hoursPer100L / 100,
    wagePerHour: prices.wagePerHour,
    energyRatio,
  });
  const bought = m.mix
    .filter((p) => p.fluid.family === "petroleum")
    .reduce((sum, p) => sum + p.litres * lhvOf(p.fluid), 0);
  return {
    id: m.id,
    thinnerShare: m.thinnerShare,
    lines,
    perLitre,
    perMJ: perLitre / lhv,
    energyRatio,
    hoursPer100L: m.hoursPer100L,
    daysUntilUsable: daysToClear + m.days,
    wastePerLitre: oilIn - oilOut,
    downToCelsius: m.downToCelsius,
    co2SavedKgPerLitre: savedCo2Kg(1, lhv - bought, dieselMJPerL, marks.co2KgPerDieselLitre),
    pumpPrice: even.pumpPrice,
    kit: m.kit,
  };
}
