import { drawOffLine } from "../../settling";
import { capacityLitres, heightAtLitres } from "../../vessels";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { input, litres, maybe, shape } from "../fields";

export const drawOff = calculation({
  name: "draw-off",
  room: "settling",
  title: "Where to stop drawing, and how much comes",
  equation: "line = top of what stays + margin;  litres = V(surface) − V(line)",
  source: "The vessel's own shape",
  range: "Up to the rim; no answer where the line lies at the surface.",
  input: z.strictObject({
    shape,
    rimMm: input("Rim", "mm", 1, 20_000),
    litres: litres("Litres in it"),
    layerTopMm: input("Top of what stays", "mm", 0, 20_000),
    marginMm: input("Margin", "mm", 0, 2000).default(25),
  }),
  output: z.strictObject({
    drawOffMm: maybe("Stop at", "mm"),
    aboveLitres: maybe("Above it", "L"),
    heelLitres: maybe("Heel", "L"),
  }),
  example: { shape: { kind: "cylinder", diameterMm: 571.5 }, rimMm: 850, litres: 188, layerTopMm: 41 },
  answer: "aboveLitres",
  heavy: false,
  run(i) {
    const surfaceMm = heightAtLitres(i, Math.min(i.litres, capacityLitres(i)));
    const line = drawOffLine(i, i.litres, surfaceMm, i.layerTopMm, i.marginMm);
    return line ?? { drawOffMm: null, aboveLitres: null, heelLitres: null };
  },
});
