import type { HungByKind, Layer } from "@/core/ledger";
import { pastLine, standsToSettle, takenAs, usualLayer } from "@/core/readings/settle/taken";
import type { YardView } from "@/core/view";
import { TAKEN_CHOICES, wordPastLine } from "@/ui/words/taken";
import { unitsOf } from "@/ui/words/units";
import type { Field, Values } from "./verb";
import { vesselOf } from "./vesselFields";

/** Asked where oil is taken out of a vessel that stands: off its top, out of its bottom tap, or stirred up. */
export const takenField: Field = {
  kind: "choice",
  name: "layer",
  label: "It stands. Taken",
  late: true,
  options: (view, v) => {
    const from = vesselOf(view, v.text("from"));
    const past = from ? pastLine(from, v.maybe("litres") ?? 0) : null;
    return TAKEN_CHOICES.map((choice) =>
      past && choice.value === "top" ? { ...choice, detail: wordPastLine(past, unitsOf(view.settings)) } : choice,
    );
  },
  first: () => "top",
  asked: (view, v) => {
    const from = vesselOf(view, v.text("from"));
    return from !== undefined && standsToSettle(from) !== null;
  },
};

/** As the entry says it. */
export function taken(v: Values, view: YardView): { layer: Layer; hanging?: HungByKind } {
  const from = vesselOf(view, v.text("from"));
  if (!from || !standsToSettle(from)) return { layer: "mixed" };
  const said = TAKEN_CHOICES.find((c) => c.value === v.text("layer"))?.value;
  return takenAs(from, said ?? usualLayer(from));
}
