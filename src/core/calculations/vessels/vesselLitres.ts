import { litresAtHeight } from "../../vessels";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, shape } from "../fields";

export const vesselLitres = calculation({
  name: "vessel-litres",
  room: "vessels",
  title: "Litres below a height",
  equation:
    "upright π·d²/4·h;  lying L·(r²·acos((r−h)/r) − (r−h)·√(2rh − h²));  cone π/12·h·(d₁² + d₁d₂ + d₂²);  box l·w·h",
  source: "Solid geometry; a table of the owner's own marks is read along straight lines",
  range: "From the inside bottom to where the shape ends.",
  input: z.strictObject({ shape, heightMm: input("Height", "mm", 0, 20_000) }),
  output: z.strictObject({ litres: figure("Litres", "L") }),
  example: { shape: { kind: "cylinder", diameterMm: 571.5 }, heightMm: 640 },
  answer: "litres",
  heavy: false,
  run: (i) => ({ litres: litresAtHeight(i.shape, i.heightMm) }),
});
