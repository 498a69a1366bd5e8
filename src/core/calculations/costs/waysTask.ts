import { DEFAULT_WAY_MARKS, type WaysTask } from "../../costs";
import * as z from "../../zod";
import { celsius, fluid, fluidsOf, input, limitMm2PerS, own, share, usedFactor } from "../fields";
import { ingredient } from "../mixes";

const price = (title: string, value: number) => input(title, "money/L", 0, 1e4).default(value);
const hours = (title: string, value: number) => input(title, "h/100 L", 0, 200).default(value);
const waste = (title: string, value: number) => share(title).max(0.9).default(value);
const M = DEFAULT_WAY_MARKS;

/** What a comparison of ways takes: the lot, the cold, prices, and the owner's marks. */
export const waysInput = z.strictObject({
  oil: fluid("Oil"),
  usedFactor,
  lowCelsius: celsius("Coldest night"),
  limitMm2PerS,
  daysToClear: input("Days until it is clear and filtered", "d", 0, 10_000).default(0),
  petrolStandHours: input("A petrol blend stands for", "h", 1, 2000).default(24),
  hasSecondTank: z.boolean().meta({ title: "There is a heated second tank" }).default(false),
  dieselPerLitre: price("Pump diesel", 1.6),
  kerosenePerLitre: price("Kerosene", 1.1),
  petrolPerLitre: price("Petrol", 1.7),
  oilPerLitre: price("Oil", 0),
  energyPerKwh: input("Electricity", "money/kWh", 0, 1e4).default(0.3),
  wagePerHour: input("Your hour is worth", "money/h", 0, 1e4).default(10),
  blendHoursPer100L: hours("Work, thinned", M.blendHoursPer100L),
  petrolHoursPer100L: hours("Work, with petrol", M.petrolHoursPer100L),
  heatedHoursPer100L: hours("Work, heated", M.heatedHoursPer100L),
  biodieselHoursPer100L: hours("Work, biodiesel", M.biodieselHoursPer100L),
  blendWasteShare: waste("Waste, thinned", M.blendWasteShare),
  petrolWasteShare: waste("Waste, with petrol", M.petrolWasteShare),
  heatedWasteShare: waste("Waste, heated", M.heatedWasteShare),
  biodieselWasteShare: waste("Waste, biodiesel", M.biodieselWasteShare),
  biodieselDays: input("Biodiesel takes", "d", 0, 90).default(M.biodieselDays),
  bagsPerLitre: price("Bags", M.bagsPerLitre),
  disposalPerLitre: price("Disposal of waste", M.disposalPerLitre),
  reagentsPerLitre: price("Methanol and lye", M.reagentsPerLitre),
  biodieselKwhPerLitre: input("Power for a litre of biodiesel", "kWh/L", 0, 10).default(M.biodieselKwhPerLitre),
  secondTankCost: input("A second tank costs", "money", 0, 1e6).default(M.secondTankCost),
  secondTankLitres: input("Written off over", "L", 1, 1e6).default(M.secondTankLitres),
  heatedDieselShare: share("Diesel to start and purge on").max(0.9).default(M.heatedDieselShare),
  co2KgPerDieselLitre: input("CO₂ of a litre of diesel", "kg/L", 0, 5).default(M.co2KgPerDieselLitre),
  own,
});

export function waysTask(i: z.output<typeof waysInput>): WaysTask {
  const fluids = fluidsOf(i);
  const { dieselPerLitre, kerosenePerLitre, petrolPerLitre, oilPerLitre, energyPerKwh, wagePerHour } = i;
  return {
    oil: ingredient(fluids, i.oil, i.usedFactor),
    fluids,
    lowCelsius: i.lowCelsius,
    limitMm2PerS: i.limitMm2PerS,
    daysToClear: i.daysToClear,
    petrolStandHours: i.petrolStandHours,
    hasSecondTank: i.hasSecondTank,
    prices: { dieselPerLitre, kerosenePerLitre, petrolPerLitre, oilPerLitre, energyPerKwh, wagePerHour },
    marks: i,
  };
}
