import { askStep, DRIVES, MATERIALS, OPERATIONS, RECEIVERS, SUBSTANCES } from "../../interlocks";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { input, whole, word } from "../fields";

const parts = z
  .array(
    z.strictObject({ substance: z.enum(SUBSTANCES), amount: input("Litres, or kg of what is weighed", "L", 0, 1e6) }),
  )
  .max(50);
const pressure = (title: string) => input(title, "Pa", 0, 1e8);
const hot = (title: string) => input(title, "°C", -60, 400);

export const interlock = calculation({
  name: "interlock",
  room: "yard",
  title: "May this step be done?",
  equation: "a table of what must not meet what, and the limits of the lot: flash − 10 K, ratings, room, battery",
  source: "The house's table of interlocks; local codes and licensed practice go before it",
  range: "What is not known is never taken as safe: say what a vessel is made of and rated for.",
  input: z.strictObject({
    operation: word("Step", OPERATIONS),
    parts: parts.min(1).meta({ title: "What is handled" }),
    celsius: hot("The hottest it gets"),
    into: z
      .strictObject({
        place: word("Where", RECEIVERS),
        open: z.boolean().meta({ title: "Open" }),
        heated: z.boolean().meta({ title: "Heated" }),
        material: word("Made of", MATERIALS),
        ratedPa: pressure("Rated for").nullable(),
        parts: parts.meta({ title: "In it already" }),
        celsius: hot("That is at"),
        roomLitres: input("Room", "L", 0, 1e6),
      })
      .meta({ title: "Where it happens" }),
    drive: word("Moved by", DRIVES).default("gravity"),
    pressurePa: pressure("Pressure").default(0),
    housingsPa: z.array(pressure("Rating")).max(20).default([]).meta({ title: "Housings are rated for" }),
    acidPurity: input("Purity of the acid", "share", 0, 1).nullable().default(null),
    fatLimitShare: input("Most fat", "share", 0, 1).default(0.05),
    unattended: z
      .strictObject({
        litres: input("Litres", "L", 0, 1e6),
        litresPerHour: input("Flow", "L/h", 0.001, 1e6),
        batteryWh: input("Battery", "Wh", 0, 1e6).nullable(),
        pumpW: input("Pump", "W", 0.1, 1e5),
      })
      .nullable()
      .default(null)
      .meta({ title: "Left alone" }),
  }),
  output: z.strictObject({
    offered: z.boolean().meta({ title: "Offered" }),
    refusals: z.array(z.looseObject({ code: z.string() })).meta({ title: "Refused because" }),
    needs: z.array(z.looseObject({ code: z.string() })).meta({ title: "Needed first" }),
    refused: whole("Refusals", "1", 0, 100),
  }),
  example: {
    operation: "heat",
    parts: [
      { substance: "canola", amount: 60 },
      { substance: "petrol", amount: 2 },
    ],
    celsius: 60,
    into: {
      place: "kettle",
      open: true,
      heated: true,
      material: "steel",
      ratedPa: null,
      parts: [],
      celsius: 15,
      roomLitres: 100,
    },
  },
  answer: "refused",
  heavy: false,
  run(i) {
    const { refusals, needs } = askStep(i);
    return {
      offered: refusals.length === 0,
      refusals: refusals.map((r) => ({ ...r })),
      needs: needs.map((n) => ({ ...n })),
      refused: refusals.length,
    };
  },
});
