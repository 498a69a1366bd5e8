import { asVesselId } from "@/core/ledger/named";
import { isApart } from "@/core/readings/rounds/roundQuestion";
import {
  allOrSome,
  amountFields,
  fromField,
  litresChips,
  lockedOut,
  lockOutField,
  mayMeet,
  mostThatFits,
  taken,
  takenField,
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
    toField("Into", "pour-into", false, {
      may: (to, view, v) => mayMeet(view, vesselOf(view, v.text("from")), to),
      // Engine oil goes to engine oil; what is on its way to be cleaned goes into no tank.
      meant: (to, view, v) => {
        const from = vesselOf(view, v.text("from"));
        if (!from) return to.vessel.role !== "tank";
        return isApart(from) === isApart(to) && (to.vessel.role !== "tank" || from.vessel.role === "blend");
      },
    }),
    ...amountFields(
      (view, v) => {
        const from = vesselOf(view, v.text("from"))?.litres ?? 0;
        return litresChips(from, from / 2, 10);
      },
      (view, v) => mostThatFits(view, v),
    ),
    takenField,
    lockOutField,
  ],
  build: (v, view) => ({
    kind: "move",
    data: {
      from: asVesselId(v.text("from")),
      to: asVesselId(v.text("to")),
      amount: allOrSome(v, view),
      ...taken(v, view),
      ...lockedOut(v),
    },
  }),
  said: (v, view, u) =>
    `Poured ${u.litres(v.number("litres"))} from ${nameOf(view, v.text("from"))} into ${nameOf(view, v.text("to"))}.`,
};

export const YARD_VERBS: readonly Verb[] = [pour, addVessel, changeVessel];
