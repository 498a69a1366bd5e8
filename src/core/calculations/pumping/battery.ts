import { batteryDay } from "../../pumping";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, maybe } from "../fields";

export const battery = calculation({
  name: "battery",
  room: "pumping",
  title: "Whether the battery lasts",
  equation: "left = (usable + panel − Σ W·min/60) / usable,  usable = V·Ah·share,  panel = W·sun hours",
  source: "Watt-hours; losses are the owner's own, in the usable share",
  range: "Loads one after another within the day; flat is all of them at once, from full, without a panel.",
  input: z.strictObject({
    loads: z
      .array(z.strictObject({ watts: input("Draws", "W", 0, 1e5), minutes: input("Runs for", "min", 0, 10_080) }))
      .min(1)
      .max(50)
      .meta({ title: "Loads" }),
    volts: input("Battery", "V", 1, 1000),
    ampereHours: input("Holds", "Ah", 0.1, 1e5),
    usableShare: input("Of it usable", "share", 0.01, 1).default(0.5),
    panelWatts: input("Panels", "W", 0, 1e5).default(0),
    sunHours: input("Full sun a day", "h", 0, 24).default(0),
  }),
  output: z.strictObject({
    shareLeft: figure("Left of the usable part", "share"),
    needWh: figure("Needed", "Wh"),
    usableWh: figure("Usable", "Wh"),
    panelWh: figure("From the panels", "Wh"),
    minutesUntilFlat: maybe("All at once, flat after", "min"),
  }),
  example: {
    loads: [
      { watts: 180, minutes: 40 },
      { watts: 60, minutes: 90 },
    ],
    volts: 12.8,
    ampereHours: 100,
    usableShare: 0.5,
    panelWatts: 100,
    sunHours: 3,
  },
  answer: "shareLeft",
  heavy: false,
  run: (i) => batteryDay(i.loads, i, i.panelWatts, i.sunHours),
});
