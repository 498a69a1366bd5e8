import * as z from "../../zod";

/** What a driver may notice of the engine on a drive: its smoke, its smell, its power, its sound. */
export const NOTICED = {
  "white-smoke": "White smoke",
  "black-smoke": "Black smoke",
  "fuel-smell": "Smells of fuel",
  weak: "Weak",
  surges: "Surges",
  knocks: "Knocks, or louder than usual",
  well: "Runs well",
} as const;
export type Noticed = keyof typeof NOTICED;

export const NoticedSchema = z.array(z.enum(Object.keys(NOTICED) as [Noticed, ...Noticed[]])).max(7);
