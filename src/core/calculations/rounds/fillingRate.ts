import { daysToFull, litresPerDay, priorRate, updateRate, waitingLitres } from "../../rounds";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, litres, maybe, readings } from "../fields";

const waiting = z.strictObject({
  mean: figure("About", "L"),
  low: figure("At least", "L"),
  high: figure("At most", "L"),
});
const days = z.strictObject({
  mean: maybe("About", "d"),
  low: maybe("At the soonest", "d"),
  high: maybe("At the latest", "d"),
});

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
    waiting: waiting.meta({ title: "Waiting now, 80 % of the time" }),
    fullAfterDays: days.meta({ title: "Full after the last pickup" }),
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
    const now = waitingLitres(rate, i.daysSince, i.containerLitres);
    return {
      litresPerDay: litresPerDay(rate),
      waiting: now,
      fullAfterDays: daysToFull(rate, i.containerLitres),
      waitingMean: now.mean,
      readings: rate.pickups,
    };
  },
});
