import { carryPours } from "../../ledger";
import { Refused } from "../../numerics";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluid, litres } from "../fields";

const name = z.string().min(1).max(60);

const move = z
  .strictObject({
    from: name.nullable().meta({ title: "From, none brings in" }),
    to: name.nullable().meta({ title: "To, none takes out" }),
    litres: litres("Litres at 15 °C"),
    fluid: fluid("Brought in").optional(),
    origin: name.optional().meta({ title: "Its batch" }),
  })
  .refine((m) => m.from !== null || (m.to !== null && m.fluid !== undefined && m.origin !== undefined), {
    path: ["fluid"],
    error: "what comes from nowhere needs a fluid, an origin and somewhere to go",
  })
  .refine((m) => m.from === null || m.from !== m.to, { path: ["to"], error: "must be another vessel" });

const held = z.strictObject({
  litres: figure("Litres", "L"),
  byFluid: z.record(z.string(), figure("Litres", "L")).readonly(),
  byOrigin: z.record(z.string(), figure("Litres", "L")).readonly(),
});

export const ledger = calculation({
  name: "ledger",
  room: "yard",
  title: "Where litres went, by fluid and by batch",
  equation: "every move takes litres/total of each part there",
  source: "Double entry, perfect mixing",
  range: "No vessel may be overdrawn.",
  input: z.strictObject({ moves: z.array(move).min(1).max(2000).meta({ title: "Moves, in order" }) }),
  output: z.strictObject({
    vessels: z.record(z.string(), held).meta({ title: "Left in each vessel" }),
    left: held.meta({ title: "What has left" }),
    litresInYard: figure("Litres in the yard", "L"),
  }),
  example: {
    moves: [
      { from: null, to: "drum", litres: 100, fluid: "canola", origin: "canteen" },
      { from: null, to: "drum", litres: 50, fluid: "soybean", origin: "hostel" },
      { from: "drum", to: "tank", litres: 60 },
      { from: "tank", to: null, litres: 20 },
    ],
  },
  answer: "litresInYard",
  heavy: false,
  run(i) {
    const pours = i.moves.map((m) => ({ ...m, component: m.fluid ?? ("sludge" as const), origin: m.origin ?? "" }));
    const carried = carryPours(pours);
    if (!carried.ok)
      throw new Refused(
        `moves.${carried.error.pour}.litres`,
        `takes ${carried.error.shortLitres.toPrecision(3)} L more than is there`,
      );
    const { vessels, left } = carried.value;
    return { vessels, left, litresInYard: Object.values(vessels).reduce((sum, v) => sum + v.litres, 0) };
  },
});
