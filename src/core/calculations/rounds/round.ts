import { MOST_EXACT_STOPS, planRound } from "../../rounds";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, litres, whole } from "../fields";

const place = { eastKm: input("East", "km", -2000, 2000), northKm: input("North", "km", -2000, 2000) };

export const round = calculation({
  name: "round",
  room: "rounds",
  title: "Which sources to visit, in which order",
  equation: "the most Σ litres·value − km·cost within hours, payload, containers and settling room",
  source: `Held & Karp 1962 to ${MOST_EXACT_STOPS} stops, opening hours kept, exact; more by steepest ascent, which says so`,
  range: "Roads by a winding factor over the crow's line. Up to 60 stops.",
  input: z.strictObject({
    home: z.strictObject(place).meta({ title: "Home" }),
    end: z.strictObject(place).optional().meta({ title: "Ends at; leave out: home" }),
    oneWay: z.boolean().default(false).meta({ title: "Stays at the last stop" }),
    stops: z
      .array(
        z.strictObject({
          ...place,
          litres: litres("Waiting"),
          valuePerLitre: input("Worth, usable share × price saved", "money/L", -100, 100),
          minutesThere: input("Minutes there", "min", 0, 1440),
          open: z
            .array(
              z.strictObject({
                fromHours: input("Opens, after setting off", "h", -48, 240),
                toHours: input("Closes, after setting off", "h", -48, 240),
              }),
            )
            .max(14)
            .optional()
            .meta({ title: "Open; leave out: always" }),
          apart: z.boolean().default(false).meta({ title: "Engine oil, kept apart" }),
        }),
      )
      .max(60)
      .meta({ title: "Stops" }),
    limits: z
      .strictObject({
        hours: input("Hours", "h", 0.1, 240),
        payloadKg: input("Payload", "kg", 0, 1e5),
        containerLitres: input("Free containers", "L", 0, 1e6),
        apartLitres: input("Free in containers for engine oil", "L", 0, 1e6).default(0),
        settlingRoomLitres: input("Settling room at home", "L", 0, 1e6),
        kgPerLitre: input("A litre with its container", "kg/L", 0.5, 3).default(1),
        kmPerHour: input("Speed", "km/h", 1, 150).default(40),
        costPerKm: input("A kilometre", "money/km", 0, 100).default(0.3),
        windingFactor: input("Roads over the crow's line", "1", 1, 5).default(1.3),
      })
      .meta({ title: "Limits" }),
  }),
  output: z.strictObject({
    order: z
      .array(
        z.strictObject({
          stop: whole("Stop, counted from 0", "1", 0, 59),
          litres: figure("Take", "L"),
          arrivesHours: figure("Arrives, after setting off", "h"),
          startsHours: figure("Begins, after setting off", "h"),
        }),
      )
      .readonly()
      .meta({ title: "In this order" }),
    litres: figure("Litres in all", "L"),
    km: figure("Way", "km"),
    hours: figure("Takes", "h"),
    value: figure("Worth, less the way", "money"),
    exact: z.boolean().meta({ title: "The best there is" }),
  }),
  example: {
    home: { eastKm: 0, northKm: 0 },
    stops: [
      { eastKm: 4, northKm: 1, litres: 60, valuePerLitre: 1.1, minutesThere: 20 },
      { eastKm: 6, northKm: 5, litres: 40, valuePerLitre: 0.9, minutesThere: 15 },
      { eastKm: -3, northKm: 7, litres: 90, valuePerLitre: 0.4, minutesThere: 25 },
    ],
    limits: { hours: 3, payloadKg: 250, containerLitres: 160, settlingRoomLitres: 300 },
  },
  answer: "value",
  heavy: true,
  run: (i, progress) => planRound(i, progress),
});
