import { vehicleName, vesselName } from "@/ui/words";
import { litresChips, type Verb } from "./verb";
import { allOrSome, amountFields, mostThatFits } from "./verbsOil";
import { anyVesselField, fromField, toField, vesselOf } from "./vessels";

export const fill: Verb = {
  key: "fill",
  name: "Fill a vehicle",
  letter: "f",
  group: "fuel",
  caution: "No flames, engine off. Look at the label on the tank before you pour.",
  fields: [
    toField("Which tank", ["tank"], true),
    fromField("From", ["ready", "thinner", "blend"]),
    ...amountFields(
      (view, v) => litresChips(mostThatFits(view, v) ?? 0, 10, 20),
      (view, v) => mostThatFits(view, v),
    ),
  ],
  build: (v, view) => {
    const tank = v.text("to");
    const owner = view.vehicles.find(({ vehicle }) =>
      vehicle.kind === "single" ? vehicle.tank === tank : vehicle.dieselTank === tank || vehicle.oilTank === tank,
    );
    return {
      kind: "fill",
      data: {
        vehicle: (owner?.vehicle.id ?? "") as never,
        from: v.text("from") as never,
        to: tank as never,
        amount: allOrSome(v, view),
      },
    };
  },
  said: (v, view, u) => `Filled ${vesselName(view, v.text("to"))} with ${u.litres(v.number("litres"))}.`,
};

export const dip: Verb = {
  key: "dip",
  name: "Dip",
  letter: "d",
  group: "look",
  fields: [
    anyVesselField("What", ["settling", "settler", "heel", "raw"]),
    { kind: "mm", name: "fatMm", label: "Fat line, mm from the bottom", optional: true },
    { kind: "mm", name: "waterMm", label: "Water line, mm from the bottom", optional: true },
    { kind: "mm", name: "clearMm", label: "Clear down to, mm from the bottom", optional: true },
    { kind: "mm", name: "oilMm", label: "Oil level, mm from the bottom", optional: true },
    { kind: "celsius", name: "celsius", label: "Oil at", optional: true },
  ],
  build: (v) => {
    const read = (name: string) => (v.maybe(name) === undefined ? {} : { [name]: v.number(name) });
    return {
      kind: "dip",
      data: {
        vessel: v.text("vessel") as never,
        ...read("fatMm"),
        ...read("waterMm"),
        ...read("oilMm"),
        ...read("clearMm"),
        ...read("celsius"),
      },
    };
  },
  said: (v, view) => `Dipped ${vesselName(view, v.text("vessel"))}.`,
};

export const disturbed: Verb = {
  key: "disturbed",
  name: "Disturbed",
  letter: "i",
  group: "look",
  fields: [
    anyVesselField("What", ["settling", "settler", "heel"]),
    {
      kind: "choice",
      name: "how",
      label: "How",
      options: () => [
        { value: "carried", name: "Carried" },
        { value: "driven", name: "Driven" },
        { value: "stirred", name: "Stirred" },
        { value: "heated", name: "Heated" },
      ],
      first: () => "carried",
    },
  ],
  build: (v) => ({ kind: "disturbed", data: { vessel: v.text("vessel") as never, how: v.text("how") as "carried" } }),
  said: (v, view) => `${vesselName(view, v.text("vessel"))} was ${v.text("how")}: its clock starts again.`,
};

export const weather: Verb = {
  key: "weather",
  name: "Temperature",
  letter: "t",
  group: "look",
  fields: [
    {
      kind: "celsius",
      name: "shedCelsius",
      label: "In the shed",
      optional: true,
      first: (view) => view.settings.shedCelsius,
    },
    {
      kind: "celsius",
      name: "tonightLowCelsius",
      label: "Tonight's low outside",
      optional: true,
      first: (view) => view.settings.tonightLowCelsius,
    },
  ],
  build: (v) => ({
    kind: "weather",
    data: {
      ...(v.maybe("shedCelsius") !== undefined && { shedCelsius: v.number("shedCelsius") }),
      ...(v.maybe("tonightLowCelsius") !== undefined && { tonightLowCelsius: v.number("tonightLowCelsius") }),
    },
  }),
  said: () => "Temperatures noted. Forecasts use them from now on.",
};

export const stockTake: Verb = {
  key: "stock-take",
  name: "Stock-take",
  letter: "s",
  group: "look",
  fields: [
    anyVesselField("What", ["ready", "thinner", "settling", "tank"]),
    {
      kind: "litres",
      name: "found",
      label: "Litres found",
      first: (view, v) => {
        const litres = vesselOf(view, v.text("vessel"))?.litres;
        return litres === undefined ? undefined : Math.round(litres * 10) / 10;
      },
    },
  ],
  build: (v, view) => ({
    kind: "stock-take",
    data: {
      vessel: v.text("vessel") as never,
      found: { litres: v.number("found") },
      ...((vesselOf(view, v.text("vessel"))?.litres ?? 0) < 1e-6 && { gainOf: "canola" as const }),
    },
  }),
  said: (v, view, u) =>
    `${vesselName(view, v.text("vessel"))} holds ${u.litres(v.number("found"))}; the difference is booked as unaccounted.`,
};

export const bagService: Verb = {
  key: "bag-service",
  name: "Bag washed or changed",
  letter: "w",
  group: "look",
  caution: "Oily bags and rags heat up by themselves: flat to dry, or under water in a lidded metal bin.",
  fields: [
    {
      kind: "choice",
      name: "bag",
      label: "Bag",
      options: (view) => view.bags.map((b) => ({ value: b.bag.id, name: b.bag.name })),
      first: (view) => view.bags.at(-1)?.bag.id,
    },
    {
      kind: "choice",
      name: "what",
      label: "What",
      options: () => [
        { value: "washed", name: "Washed" },
        { value: "changed", name: "Changed" },
      ],
      first: () => "washed",
    },
  ],
  build: (v) => ({ kind: "bag-service", data: { bag: v.text("bag") as never, what: v.text("what") as "washed" } }),
  said: (v) => `Bag ${v.text("what")}.`,
};

export const hours: Verb = {
  key: "hours",
  name: "Engine hours",
  letter: "h",
  group: "fuel",
  fields: [
    {
      kind: "choice",
      name: "vehicle",
      label: "Which engine",
      options: (view) =>
        view.vehicles
          .filter((s) => s.vehicle.kind === "single")
          .map((s) => ({ value: s.vehicle.id, name: s.vehicle.name })),
      first: (view) => view.vehicles.find((s) => s.vehicle.kind === "single")?.vehicle.id,
    },
    { kind: "minutes", name: "minutes", label: "Minutes run", first: () => 60, chips: () => [30, 60, 120] },
  ],
  build: (v, view) => {
    const found = view.vehicles.find((s) => s.vehicle.id === v.text("vehicle"))?.vehicle;
    const minutes = v.number("minutes");
    const litres = ((found?.burnLitresPerHour ?? 0) * minutes) / 60;
    return {
      kind: "trip",
      data: {
        vehicle: v.text("vehicle") as never,
        minutes: { startOnDiesel: 0, onOil: minutes, purge: 0 },
        burned: found?.kind === "single" ? [{ from: found.tank, litres }] : [],
      },
    };
  },
  said: (v, view) => `${vehicleName(view, v.text("vehicle"))} ran ${v.number("minutes")} minutes.`,
};
