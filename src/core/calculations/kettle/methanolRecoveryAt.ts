import { recoverMethanol } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, maybe } from "../fields";
import { moles } from "./moles";

export const methanolRecoveryAt = calculation({
  name: "methanol-recovery-at",
  room: "kettle",
  title: "Methanol that boils out under vacuum or on a mountain",
  equation: "x = kPa / Psat(T),  left/heavy = x / (1 − x);  log₁₀ Psat = 8.08097 − 1582.271 / (239.726 + T)",
  source: "Ideal pot still with Antoine's equation for methanol",
  range:
    "−40 to 240 °C. Below the boil nothing comes, though the vapour over it is mostly methanol: poisonous and flammable. Closed condenser, vent outdoors, no sparks. Never with ester still in the glycerol.",
  input: z.strictObject({
    methanolMol: moles("Methanol"),
    heavyMol: moles("Glycerol and what else stays"),
    potCelsius: input("Pot", "°C", -40, 240),
    kPa: input("Pressure over the pot", "kPa", 0.1, 200),
  }),
  output: z.strictObject({ share: figure("Boiled out", "share"), boilsAtCelsius: maybe("Starts to boil at", "°C") }),
  example: { methanolMol: 3, heavyMol: 1, potCelsius: 70, kPa: 40 },
  answer: "share",
  heavy: false,
  run: (i) => recoverMethanol(i.methanolMol, i.heavyMol, i.potCelsius, i.kPa),
});
