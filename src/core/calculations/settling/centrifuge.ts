import { isPetrol } from "../../fluids";
import { Refused } from "../../numerics";
import { centrifugeLitresPerHour, sigmaM2 } from "../../settling";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluid, fluidsOf, input, own, usedFactor } from "../fields";
import { particleKgPerM3 } from "./dirt";
import { inOil } from "./rising";

const metres = (title: string) => input(title, "m", 0.001, 2);

export const centrifuge = calculation({
  name: "centrifuge",
  room: "settling",
  title: "Centrifuge: how fast to feed it",
  equation: "Σ = 2π·L·ω²·(¾r₂² + ¼r₁²)/g;  Q = 2·v(d50)·Σ·efficiency",
  source: "Ambler 1952, tubular bowl, with Stokes' velocity",
  range: "−40 to 150 °C, dirt heavier than the oil. Never petrol in any share. Real bowls reach about half of it.",
  input: z.strictObject({
    outerRadiusM: metres("Radius of the wall"),
    innerRadiusM: metres("Radius of the weir"),
    lengthM: metres("Length"),
    rpm: input("Speed", "rpm", 1, 100_000),
    d50Um: input("Take out half of the grains of", "µm", 0.1, 2000),
    particleKgPerM3,
    fluid: fluid("Oil"),
    celsius: celsius("Temperature"),
    efficiency: input("Efficiency", "share", 0.01, 1).default(1),
    usedFactor,
    own,
  }),
  output: z.strictObject({ sigmaM2: figure("Σ", "m²"), litresPerHour: figure("Feed", "L/h") }),
  example: {
    outerRadiusM: 0.05,
    innerRadiusM: 0.03,
    lengthM: 0.2,
    rpm: 6000,
    d50Um: 5,
    particleKgPerM3: 1100,
    fluid: "canola",
    celsius: 70,
    efficiency: 0.5,
  },
  answer: "litresPerHour",
  heavy: false,
  run(i) {
    if (isPetrol(i.fluid)) throw new Refused("fluid", "never goes into a centrifuge, in any share");
    const { particleKgPerM3: dirt, fluidKgPerM3, viscosityPaS } = inOil(fluidsOf(i), i);
    const sigma = sigmaM2(i);
    return {
      sigmaM2: sigma,
      litresPerHour: centrifugeLitresPerHour(sigma, i.d50Um, dirt, fluidKgPerM3, viscosityPaS, i.efficiency),
    };
  },
});
