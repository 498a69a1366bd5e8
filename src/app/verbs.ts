import type { BenchLink, Verb } from "@/desk/form";
import { BLEND_VERBS } from "@/stations/blend/verbs";
import { DRIVE_VERBS } from "@/stations/drive/verbs";
import { FILTER_VERBS } from "@/stations/filter/verbs";
import { KETTLE_VERBS } from "@/stations/kettle/verbs";
import { ROUNDS_VERBS } from "@/stations/rounds/verbs";
import { SETTLE_VERBS } from "@/stations/settle/verbs";
import { SHED_VERBS } from "@/stations/shed/verbs";
import { STORE_VERBS } from "@/stations/store/verbs";
import { YARD_VERBS } from "@/stations/yard/verbs";

/** Everything the Log can write, put together from the stations. */
export const VERBS: readonly Verb[] = [
  ...ROUNDS_VERBS,
  ...YARD_VERBS,
  ...SETTLE_VERBS,
  ...STORE_VERBS,
  ...DRIVE_VERBS,
  ...SHED_VERBS,
  ...FILTER_VERBS,
  ...BLEND_VERBS,
  ...KETTLE_VERBS,
];

/** What is worked out on a bench of its own. */
export const BENCHES: readonly BenchLink[] = [
  { letter: "r", name: "Draw off", href: "/settle", alsoCalled: ["drew off", "siphon", "clear oil"] },
  { letter: "u", name: "Filter", href: "/filter", alsoCalled: ["filtered", "bags", "run"] },
  { letter: "m", name: "Blend", href: "/blend", alsoCalled: ["mixed", "thinned", "blended"] },
  {
    name: "Kettle",
    href: "/kettle",
    alsoCalled: ["batch", "biodiesel", "react", "methoxide", "split", "wash", "dry", "soap", "glycerol"],
  },
  { name: "Titrate", href: "/titrate", alsoCalled: ["acid", "free acid", "ffa", "burette"] },
  { name: "Fuel loop", href: "/rig", alsoCalled: ["plumbing", "valves", "solenoid", "hoses"] },
  { name: "Upkeep", href: "/upkeep", alsoCalled: ["service", "maintenance", "spares"] },
  { name: "What is wrong?", href: "/wrong", alsoCalled: ["symptom", "fault", "smoke", "power", "rescue"] },
  { name: "Rehearse", href: "/rehearse", alsoCalled: ["practise", "lesson", "simulator", "train"] },
  { letter: "j", name: "Trip", href: "/drive", alsoCalled: ["drove", "journey", "driven"] },
];
