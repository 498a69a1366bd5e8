import { litresUntilFull, narrowestM2, sludgeRoomLitres } from "../../settling";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, maybe, shape, share } from "../fields";

const height = (title: string) => input(title, "mm", 0, 20_000);

export const settlerFull = calculation({
  name: "settler-full",
  room: "settling",
  title: "Displacement settler: litres until it is full of sludge",
  equation: "litres = sludge room / (dirt share − dirt still passing)",
  source: "Mass balance of the dirt",
  range: "Sludge top below the overflow. No answer where as much passes as comes.",
  input: z
    .strictObject({
      shape,
      rimMm: height("Overflow").min(1),
      sludgeTopMm: height("Sludge stands at"),
      sludgeMostMm: height("Sludge may stand to"),
      dirtShare: share("Dirt in the feed"),
      passingShare: share("Dirt still in the overflow").default(0),
    })
    .refine((i) => i.sludgeTopMm <= i.rimMm, { path: ["sludgeTopMm"], error: "must not stand over the overflow" })
    .refine((i) => i.sludgeMostMm <= i.rimMm, { path: ["sludgeMostMm"], error: "must not lie over the overflow" }),
  output: z.strictObject({
    roomLitres: figure("Room for sludge", "L"),
    litresUntilFull: maybe("Litres of feed until full", "L"),
    narrowestM2: figure("Smallest area above the sludge", "m²"),
  }),
  example: {
    shape: { kind: "cone-cylinder", diameterMm: 560, coneHeightMm: 500, outletDiameterMm: 40 },
    rimMm: 1350,
    sludgeTopMm: 180,
    sludgeMostMm: 420,
    dirtShare: 0.03,
    passingShare: 0.004,
  },
  answer: "litresUntilFull",
  heavy: false,
  run(i) {
    const roomLitres = sludgeRoomLitres(i, i.sludgeTopMm, i.sludgeMostMm);
    return {
      roomLitres,
      litresUntilFull: litresUntilFull(roomLitres, i.dirtShare, i.passingShare),
      narrowestM2: narrowestM2(i, i.sludgeTopMm, i.rimMm),
    };
  },
});
