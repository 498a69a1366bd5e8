import type { EntryField } from "@/core/ledger";
import { formatMinutes, formatNumber } from "@/core/units";
import type { YardView } from "@/core/view";
import { nameOf } from "./names";
import { dayAndClock } from "./times";
import { unitsOf } from "./units";

/** The value of an entry's field, as a person reads it. */
export function wordField(f: EntryField, view: YardView): string {
  const { value, is } = f;
  if (value === undefined) return "not said";
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (typeof value === "number") return wordNumber(value, is, view);
  if (is === "vessel") return nameOf(view, value);
  if (is === "source") return nameOf(view, value);
  if (is === "bag") return nameOf(view, value);
  if (is === "vehicle" || is === "recipe" || is === "batch") return nameOf(view, value);
  if (is === "time") return dayAndClock(value);
  return f.choices?.[value]?.toLowerCase() ?? value;
}

function wordNumber(n: number, is: EntryField["is"], view: YardView): string {
  const u = unitsOf(view.settings);
  if (is === "litres") return u.litres(n);
  if (is === "celsius") return u.celsius(n, 1);
  if (is === "mm") return u.mm(n);
  if (is === "minutes") return formatMinutes(n);
  if (is === "km") return u.km(n);
  if (is === "money") return u.money(n);
  if (is === "share") return `${formatNumber(n * 100, 1)} %`;
  if (is === "kg") return u.kg(n);
  const unit = { g: " g", seconds: " s" }[is as string] ?? "";
  return `${formatNumber(n, 2)}${unit}`;
}
