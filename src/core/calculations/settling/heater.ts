import * as z from "../../zod";
import { input } from "../fields";

const hour = (title: string) => input(title, "h", 0, 100_000);

/** Hours in which a heater ran, from and to: nothing falls then, the oil goes round. */
export const heaterOn = z
  .array(z.tuple([hour("From"), hour("To")]))
  .max(2000)
  .refine((runs) => runs.every(([from, to]) => to > from), "each must end after it starts")
  .default([])
  .meta({ title: "Heater on, from and to hour" });
