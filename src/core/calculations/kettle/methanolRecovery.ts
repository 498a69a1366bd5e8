import { recoverMethanol } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, maybe } from "../fields";
import { moles } from "./moles";

export const methanolRecovery = calculation({
  name: "methanol-recovery",
  room: "kettle",
  title: "Methanol that boils out of the glycerol",
  equation: "x = 101.325 / Psat(T),  left/heavy = x / (1 − x);  log₁₀ Psat = 8.08097 − 1582.271 / (239.726 + T)",
  source: "Ideal pot still with Antoine's equation for methanol",
  range:
    "15 to 150 °C at sea level. Below the boil nothing comes, though the vapour over it is mostly methanol: poisonous and flammable. Never with ester still in the glycerol.",
  input: z.strictObject({
    methanolMol: moles("Methanol"),
    heavyMol: moles("Glycerol and what else stays"),
    potCelsius: input("Pot", "°C", 15, 150),
  }),
  output: z.strictObject({
    share: figure("Boiled out", "share"),
    boilsAtCelsius: maybe("Starts to boil at", "°C"),
  }),
  example: { methanolMol: 3, heavyMol: 1, potCelsius: 100 },
  answer: "share",
  heavy: false,
  run: (i) => recoverMethanol(i.methanolMol, i.heavyMol, i.potCelsius),
});
