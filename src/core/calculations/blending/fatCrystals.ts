import { fatCrystals as crystals, HARD_MOLE_SHARE } from "../../blending";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluidsOf, maybe, own, share } from "../fields";
import { mixOf, parts } from "../mixes";

export const fatCrystals = calculation({
  name: "fat-crystals",
  room: "blending",
  title: "When fat falls out in the cold",
  equation: "ln x = −(ΔH/R)·(1/T − 1/Tm);  cooled fast 95.8 kJ/mol, 44.7 °C;  on standing 126.5 kJ/mol, 55.7 °C",
  source: "Ideal solubility of tripalmitin, Wesdorp 1990; palm counts half as hard as fryer fat",
  range: "An estimate of a mixed fat by its hard part: a jar left in the cold overrules it. No answer without fat.",
  input: z.strictObject({
    parts,
    hardMoleShare: share("Hard part of fryer fat, by moles").default(HARD_MOLE_SHARE),
    own,
  }),
  output: z.strictObject({
    standingCelsius: maybe("Falls out on standing below", "°C"),
    fastCelsius: maybe("Cooled fast, falls out below", "°C"),
    moleShare: figure("Hard part of the mix, by moles", "share"),
  }),
  example: {
    parts: [
      { fluid: "canola", litres: 45, usedFactor: 1.15 },
      { fluid: "fryer-fat", litres: 5 },
      { fluid: "diesel", litres: 50 },
    ],
  },
  answer: "standingCelsius",
  heavy: false,
  run: (i) => crystals(mixOf(i.parts, fluidsOf(i)), i.hardMoleShare),
});
