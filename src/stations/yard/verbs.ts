import { asVesselId } from "@/core/ledger/named";
import { isApart } from "@/core/readings/rounds/roundQuestion";
import {
  allOrSome,
  amountFields,
  fromField,
  litresChips,
  mostThatFits,
  toField,
  type Verb,
  vesselOf,
} from "@/desk/form";
import { nameOf } from "@/ui/words";
import { addVessel, changeVessel } from "./vesselVerbs";

export const pour: Verb = {
  key: "pour",
  alsoCalled: ["moved", "tipped in", "emptied into", "transfer"],
  name: "Pour",
  letter: "o",
  group: "oil",
  fields: [
    fromField("From", "pour-from"),
    toField("Into", "pour-into", false, (vessel, view, v) => {
      const from = vesselOf(view, v.text("from"));
      return from === undefined || isApart(from) === isApart(vessel);
    }),
    ...amountFields(
      (view, v) => {
        const from = vesselOf(view, v.text("from"))?.litres ?? 0;
        return litresChips(from, from / 2, 10);
      },
      (view, v) => mostThatFits(view, v),
    ),
  ],
  build: (v, view) => ({
    kind: "move",
    data: {
      from: asVesselId(v.text("from")),
      to: asVesselId(v.text("to")),
      amount: allOrSome(v, view),
      layer: "mixed",
    },
  }),
  said: (v, view, u) =>
    `Poured ${u.litres(v.number("litres"))} from ${nameOf(view, v.text("from"))} into ${nameOf(view, v.text("to"))}.`,
};

export const YARD_VERBS: readonly Verb[] = [pour, addVessel, changeVessel];
