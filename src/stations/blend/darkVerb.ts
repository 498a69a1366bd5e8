import { ENGINE_OIL_SHARE } from "@/core/fluids/engineOil";
import { asVesselId } from "@/core/ledger/named";
import { DRIP_WORDS, PAPER_WORDS } from "@/core/ledger/words";
import { shareOfFamily } from "@/core/readings/vessel/family";
import type { YardView } from "@/core/view";
import type { Verb } from "@/desk/form";
import { nameOf } from "@/ui/words";

const choices = (words: Readonly<Record<string, string>>) => () =>
  Object.entries(words).map(([value, name]) => ({ value, name }));

/** Where no light goes through; the fullest first. */
const darkIn = (view: YardView) =>
  view.vessels.filter((v) => shareOfFamily(v, "engine") > ENGINE_OIL_SHARE).sort((a, b) => b.litres - a.litres);

/** Engine oil and its blends: no jar of them is ever clear, so paper says it. */
export const darkTest: Verb = {
  key: "dark-test",
  alsoCalled: ["black oil", "blotter", "drop on paper", "coffee filter"],
  name: "Dark oil on paper",
  group: "look",
  caution:
    "Outdoors, gloves on: used engine oil is bad for skin, and with petrol in it the filter paper burns like a wick.",
  fields: [
    {
      kind: "choice",
      name: "vessel",
      label: "What",
      options: (view) => darkIn(view).map((v) => ({ value: v.vessel.id, name: v.vessel.name })),
      first: (view) => darkIn(view)[0]?.vessel.id,
    },
    { kind: "choice", name: "paper", label: "A drop on blotting paper, a day later", options: choices(PAPER_WORDS) },
    { kind: "choice", name: "drip", label: "A cupful through a paper filter", options: choices(DRIP_WORDS) },
  ],
  build: (v) => ({
    kind: "dark-test",
    data: {
      vessel: asVesselId(v.text("vessel")),
      paper: v.text("paper") as keyof typeof PAPER_WORDS,
      drip: v.text("drip") as keyof typeof DRIP_WORDS,
    },
  }),
  said: (v, view) =>
    v.text("paper") === "even" && v.text("drip") === "clean"
      ? `${nameOf(view, v.text("vessel"))}: its sludge is out, as far as paper tells.`
      : `${nameOf(view, v.text("vessel"))} still carries sludge: let it stand, and drain it again.`,
};
