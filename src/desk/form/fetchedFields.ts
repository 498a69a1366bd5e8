import { PAN_WORDS } from "@/core/ledger/words";
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

export const saidThere = (v: Values) => ({
  ...(v.text("pan") !== "" && { pan: v.text("pan") as keyof typeof PAN_WORDS }),
  ...(v.maybe("stoodThereDays") !== undefined && { stoodThereDays: v.number("stoodThereDays") }),
});
