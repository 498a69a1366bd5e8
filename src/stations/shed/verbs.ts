import type { Verb } from "@/desk/form";
import { changeFluid } from "./fluidVerbs";
import { bringBack, retire } from "./retireVerbs";

/** Nothing is filled in: what is logged was read, and counts from then on. */
export const weather: Verb = {
  key: "weather",
  alsoCalled: ["cold", "shed", "frost", "thermometer"],
  name: "Temperature",
  letter: "t",
  group: "look",
  fields: [
    {
      kind: "celsius",
      name: "shedCelsius",
      label: "In the shed",
      optional: true,
    },
    {
      kind: "celsius",
      name: "tonightLowCelsius",
      label: "Tonight's low outside",
      optional: true,
    },
  ],
  wrong: (v) =>
    v.maybe("shedCelsius") === undefined && v.maybe("tonightLowCelsius") === undefined
      ? "Type one of the two, as it was read."
      : undefined,
  build: (v) => ({
    kind: "weather",
    data: {
      ...(v.maybe("shedCelsius") !== undefined && { shedCelsius: v.number("shedCelsius") }),
      ...(v.maybe("tonightLowCelsius") !== undefined && { tonightLowCelsius: v.number("tonightLowCelsius") }),
    },
  }),
  said: () => "Temperatures noted. Forecasts use them from now on.",
};

export const SHED_VERBS: readonly Verb[] = [weather, changeFluid, retire, bringBack];
