import { daysToFull, litresPerDay, priorRate, updateRate, waitingLitres } from "../../rounds";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, litres, readings } from "../fields";

const band = (title: string, unit: string) =>
  z
    .strictObject({ mean: figure("About", unit), low: figure("At least", unit), high: figure("At most", unit) })
    .meta({ title });

export const fillingRate = calculation({
  name: "filling-rate",
  room: "rounds",
  title: "How much is waiting at a source",
  equation: "rate ~ gamma(a + Σ litres/lot, b + Σ days);  waiting: its negative binomial after so many days",
  source: "Gamma–Poisson conjugacy, oil coming in lots; the 80 % interval as the gamma of the same mean and variance",
  range: "Never more than the containers hold.",
  input: z.strictObject({
    pickups: z
      .array(
        z.strictObject({
          litres: input("Litres", "L", 0, 1e5),
          days: input("Days since the one before", "d", 0.1, 4000),
        }),
      )
      .max(2000)
      .meta({ title: "Pickups" }),
    daysSince: input("Days since the last", "d", 0, 4000),
    containerLitres: litres("Containers there hold"),
    priorLitresPerDay: input("Before any pickup, litres a day", "L/d", 0.01, 1e4).default(3),
    priorDays: input("Worth so many days of watching", "d", 1, 1000).default(14),
    lotLitres: input("Comes in lots of", "L", 0.5, 2000).default(20),
  }),
  output: z.strictObject({
    litresPerDay: figure("Fills", "L/d"),
    waiting: band("Waiting now", "L"),
    fullAfterDays: band("Full after the last pickup", "d"),
    waitingMean: figure("Waiting, about", "L"),
    readings,
  }),
  example: {
    pickups: [
      { litres: 60, days: 21 },
      { litres: 45, days: 14 },
      { litres: 80, days: 24 },
    ],
    daysSince: 12,
    containerLitres: 120,
  },
  answer: "waitingMean",
  heavy: false,
  run(i) {
    const rate = updateRate(priorRate(i.priorLitresPerDay, i.priorDays, i.lotLitres), i.pickups);
    const waiting = waitingLitres(rate, i.daysSince, i.containerLitres);
    return {
      litresPerDay: litresPerDay(rate),
      waiting,
      fullAfterDays: daysToFull(rate, i.containerLitres),
      waitingMean: waiting.mean,
      readings: rate.pickups,
    };
  },
});
