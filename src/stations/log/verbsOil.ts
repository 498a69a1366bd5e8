import type { VesselView, YardView } from "@/core/advice";
import { isApart } from "@/core/advice/roundQuestion";
import { staysApart } from "@/core/advice/terms";
import { FLUIDS, type FluidId, isMuck } from "@/core/fluids";
import type { MeasuredOrAll } from "@/core/ledger";
import { muckOf } from "@/core/rounds";
import { sourceName, vesselName } from "@/ui/words";
import { litresChips, type Values, type Verb } from "./verb";
import { fromField, safeRoomIn, toField, vesselOf } from "./vessels";

export const amount = (v: Values) => ({
  litres: v.number("litres"),
  ...(v.maybe("celsius") !== undefined && { celsius: v.number("celsius") }),
});

export const amountFields = (
  chips: (view: YardView, v: Values) => number[],
  first: (view: YardView, v: Values) => number | undefined,
) =>
  [
    { kind: "litres", name: "litres", label: "Litres", first, chips } as const,
    { kind: "celsius", name: "celsius", label: "Read at", optional: true } as const,
  ] as const;

/** Kitchen oils first; then what is drained from engines and gearboxes, which is kept apart. */
const COLLECTED = ["canola", "soybean", "sunflower", "cottonseed", "palm", "motor-oil", "atf"] as const;
const fluids = () => COLLECTED.map((f) => ({ value: f, name: FLUIDS[f].name }));
const dirtOfFluid = (fluid: FluidId) => (FLUIDS[fluid].family === "engine" ? "engine-oil" : "light-fryer");

/** Engine oil goes into what is kept for it, or an empty can; kitchen oil into anything else. */
function meantFor(vessel: VesselView, view: YardView, v: Values): boolean {
  const source = sourceOf(view, v.text("source"))?.source;
  const fluid = source?.fluid ?? (v.text("fluid") as FluidId);
  if (!staysApart({ dirt: source?.dirt, fluid })) return !isApart(vessel);
  return isApart(vessel) || (vessel.vessel.role === "raw" && vessel.litres < 0.05);
}

const sourceOf = (view: YardView, id: string) => view.sources.find((s) => s.source.id === id);

export const pickup: Verb = {
  key: "pickup",
  name: "Pick up",
  letter: "p",
  group: "oil",
  caution: "A full drum weighs 190 kg and a jerrycan 18. Lift nothing full; keep hot oil off your hands.",
  fields: [
    {
      kind: "choice",
      name: "source",
      label: "From",
      options: (view) =>
        view.sources.map((s) => ({ value: s.source.id, name: s.source.name, detail: s.source.container })),
      first: (view) => [...view.sources].sort((a, b) => b.pickups - a.pickups)[0]?.source.id,
    },
    ...amountFields(
      (view, v) => litresChips(sourceOf(view, v.text("source"))?.source.usualLitres ?? 0, 20, 40, 60),
      (view, v) => sourceOf(view, v.text("source"))?.source.usualLitres ?? 20,
    ),
    {
      // A fresh source says what oil it is at its first pickup.
      kind: "choice",
      name: "fluid",
      label: "Which oil",
      options: fluids,
      first: () => "canola",
      asked: (view, v) => sourceOf(view, v.text("source"))?.source.fluid === undefined,
    },
    toField("Into", ["raw", "settling"], false, meantFor),
    {
      kind: "choice",
      name: "look",
      label: "Held to the light",
      options: () => [
        { value: "clear", name: "Clear" },
        { value: "creamy", name: "Creamy" },
        { value: "wet", name: "Wet" },
      ],
      first: () => "clear",
    },
    {
      kind: "money",
      name: "paid",
      label: "Paid for it",
      optional: true,
      first: (view, v) => {
        const price = sourceOf(view, v.text("source"))?.source.pricePerLitre;
        return price === undefined ? undefined : Math.round(price * v.number("litres") * 100) / 100;
      },
      asked: (view, v) => (sourceOf(view, v.text("source"))?.source.pricePerLitre ?? 0) !== 0,
    },
  ],
  build: (v, view) => {
    const source = sourceOf(view, v.text("source"))?.source;
    const fluid = source?.fluid ?? (v.text("fluid") as FluidId);
    const look = v.text("look") as "clear" | "creamy" | "wet";
    return {
      kind: "pickup",
      data: {
        source: v.text("source") as never,
        to: v.text("to") as never,
        fluid,
        amount: amount(v),
        muck: muckOf(source?.dirt ?? dirtOfFluid(fluid), { look }),
        look,
        ...(v.maybe("paid") !== undefined && { paid: v.number("paid") }),
      },
    };
  },
  said: (v, view, u) =>
    `Picked up ${u.litres(v.number("litres"))} from ${sourceName(view, v.text("source"))} into ${vesselName(view, v.text("to"))}.`,
};

const half = (litres: number): number => litres / 2;

export const pour: Verb = {
  key: "pour",
  name: "Pour",
  letter: "o",
  group: "oil",
  fields: [
    fromField("From", ["raw", "heel", "blend"]),
    toField("Into", ["settling", "heel", "kettle", "tank"], false, (vessel, view, v) => {
      const from = vesselOf(view, v.text("from"));
      return from === undefined || isApart(from) === isApart(vessel);
    }),
    ...amountFields(
      (view, v) => {
        const from = vesselOf(view, v.text("from"))?.litres ?? 0;
        return litresChips(from, half(from), 10);
      },
      (view, v) => mostThatFits(view, v),
    ),
  ],
  build: (v, view) => ({
    kind: "move",
    data: { from: v.text("from") as never, to: v.text("to") as never, amount: allOrSome(v, view), layer: "mixed" },
  }),
  said: (v, view, u) =>
    `Poured ${u.litres(v.number("litres"))} from ${vesselName(view, v.text("from"))} into ${vesselName(view, v.text("to"))}.`,
};

export function mostThatFits(view: YardView, v: Values): number | undefined {
  const from = vesselOf(view, v.text("from"));
  const to = vesselOf(view, v.text("to"));
  if (!from) return undefined;
  return Math.floor(Math.min(from.litres, to ? safeRoomIn(to) : from.litres) * 10) / 10;
}

/** "All of it" when the amount asked is all there is, to the tenth that is shown. */
export function allOrSome(v: Values, view: YardView): MeasuredOrAll {
  const there = vesselOf(view, v.text("from"))?.litres;
  const all = there !== undefined && Math.abs(there - v.number("litres")) < 0.1 && v.maybe("celsius") === undefined;
  return all ? { all: true } : amount(v);
}

/** Sludge holds oil between its crumbs: a fifth more than the book's muck comes out with it. */
const WITH_OIL = 1.2;

/** What a settler must be rid of; of any other vessel nobody knows. */
function muckToDrain(view: YardView, v: Values): number | undefined {
  const from = vesselOf(view, v.text("from"));
  if (from?.vessel.role !== "settler") return undefined;
  const muck = from.components.reduce((sum, c) => (isMuck(c.component) ? sum + c.litres : sum), 0);
  return muck > 0 ? Math.min(Math.floor(from.litres), Math.ceil(muck * WITH_OIL)) : undefined;
}

export const drain: Verb = {
  key: "drain",
  name: "Drain the bottom",
  letter: "n",
  group: "oil",
  caution: "Sludge and water come first. Put a lidded metal bin under it; oily rags go flat or under water.",
  fields: [
    fromField("From", ["settler", "settling", "heel", "kettle"]),
    toField("Into", ["waste", "heel"]),
    ...amountFields(
      () => [1, 2, 5, 10],
      (view, v) => muckToDrain(view, v) ?? 5,
    ),
  ],
  build: (v, view) => {
    const from = v.text("from") as never;
    const to = v.text("to") as never;
    // A settler's bottom is its clean-out: its sludge counts from nought again.
    return vesselOf(view, from)?.vessel.role === "settler"
      ? { kind: "clean-out", data: { vessel: from, to, amount: amount(v) } }
      : { kind: "move", data: { from, to, amount: amount(v), layer: "bottom" } };
  },
  said: (v, view, u) =>
    `Drained ${u.litres(v.number("litres"))} off the bottom of ${vesselName(view, v.text("from"))}.`,
};

export const dispose: Verb = {
  key: "dispose",
  name: "Dispose",
  letter: "x",
  group: "oil",
  caution: "Waste oil, sludge and wash water go where your local rules say, with their papers.",
  fields: [
    fromField("What is in", ["waste", "heel", "raw"]),
    ...amountFields(
      (view, v) => litresChips(vesselOf(view, v.text("from"))?.litres ?? 0, 10, 5),
      (view, v) => {
        const litres = vesselOf(view, v.text("from"))?.litres;
        return litres === undefined ? undefined : Math.floor(litres * 10) / 10;
      },
    ),
    { kind: "text", name: "where", label: "Where to", first: () => "collector" },
  ],
  build: (v, view) => ({
    kind: "dispose",
    data: { from: v.text("from") as never, amount: allOrSome(v, view), layer: "mixed", where: v.text("where") },
  }),
  said: (v, view, u) => `Disposed of ${u.litres(v.number("litres"))} from ${vesselName(view, v.text("from"))}.`,
};

export const buy: Verb = {
  key: "buy",
  name: "Buy",
  letter: "b",
  group: "fuel",
  caution: "Petrol and kerosene: outdoors, earthed, no sparks, in cans made for it.",
  fields: [
    {
      kind: "choice",
      name: "fluid",
      label: "What",
      options: () =>
        (["diesel", "kerosene", "petrol", "biodiesel", "canola"] as const).map((f) => ({
          value: f,
          name: FLUIDS[f].name,
        })),
      first: () => "diesel",
    },
    toField("Into", ["thinner", "tank"]),
    ...amountFields(
      () => [10, 20, 40],
      () => 10,
    ),
  ],
  build: (v) => ({
    kind: "purchase",
    data: { to: v.text("to") as never, fluid: v.text("fluid") as FluidId, amount: amount(v) },
  }),
  said: (v, view, u) =>
    `Bought ${u.litres(v.number("litres"))} ${v.text("fluid")} into ${vesselName(view, v.text("to"))}.`,
};
