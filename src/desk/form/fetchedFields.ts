import { dirtOfFluid, type FluidId } from "@/core/fluids";
import { type Bag, isFiltered, type Source } from "@/core/ledger";
import { type LOOKS, PAN_WORDS } from "@/core/ledger/words";
import { muckOf, muckPast } from "@/core/rounds";
import type { YardView } from "@/core/view";
import type { Field, Values } from "./verb";

type When = (view: YardView, values: Values) => boolean;

/** What no filter says of oil that is fetched straight into fuel: whether water is in it, and how long it stood. */
export const askedThere = (asked: When = () => true): Field[] => [
  {
    kind: "choice",
    name: "pan",
    label: "A spoonful in a hot pan, there",
    optional: true,
    options: () => [
      { value: "", name: "Not done" },
      ...Object.entries(PAN_WORDS).map(([value, name]) => ({ value, name })),
    ],
    first: () => "",
    asked,
  },
  {
    kind: "number",
    name: "stoodThereDays",
    label: "It had stood there, untouched",
    suffix: "days",
    optional: true,
    asked,
  },
];

/** What one has along to a kitchen. */
export const isPortable = ({ form }: Pick<Bag, "form">): boolean => form === "hand-pump" || form === "strainer";

/** Its muck, by whichever door it is told: by the source, the jar, what it went through there, and the pan. */
export function fetchedMuck(view: YardView, v: Values, source: Source | undefined, fluid: FluidId) {
  const ratingUm = view.bags.find((b) => b.bag.id === v.text("through"))?.bag.ratingUm ?? null;
  const usual = muckOf(source?.dirt ?? dirtOfFluid(fluid), { look: v.text("look") as keyof typeof LOOKS });
  return muckPast(usual, isFiltered({ filteredUm: ratingUm }), v.text("pan") === "quiet");
}

export const saidThere = (v: Values) => ({
  ...(v.text("pan") !== "" && { pan: v.text("pan") as keyof typeof PAN_WORDS }),
  ...(v.maybe("stoodThereDays") !== undefined && { stoodThereDays: v.number("stoodThereDays") }),
});
