import { PAN_WORDS, vesselName } from "@/ui/words";
import type { Verb } from "./verb";
import { anyVesselField } from "./vessels";

export const waterTest: Verb = {
  key: "water-test",
  name: "Hot-pan test",
  letter: "k",
  group: "look",
  caution: "A spoonful, goggles and sleeves. Water under hot oil throws it out.",
  fields: [
    anyVesselField("What", ["settling", "feed", "ready", "settler", "heel"]),
    {
      kind: "choice",
      name: "saw",
      label: "In the pan it",
      options: () => (["quiet", "crackles", "foams"] as const).map((saw) => ({ value: saw, name: PAN_WORDS[saw] })),
      first: () => "quiet",
    },
  ],
  build: (v) => ({
    kind: "water-test",
    data: { how: "hot-pan", vessel: v.text("vessel") as never, saw: v.text("saw") as "quiet" },
  }),
  said: (v, view) => `${vesselName(view, v.text("vessel"))}: ${v.text("saw") === "quiet" ? "dry" : "wet"}.`,
};
