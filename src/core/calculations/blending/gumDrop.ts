import { gumDrop as dropped } from "../../blending";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, share } from "../fields";
import { tauHours } from "./gums";

export const gumDrop = calculation({
  name: "gum-drop",
  room: "blending",
  title: "Gums that fall out of a petrol blend",
  equation: "dropped = full share·(1 − e^(−t/τ));  nine tenths after τ·ln 10",
  source: "First-order fall-out; full share and τ are the owner's own drains",
  range: "A petrol blend at rest, outside the vehicle and away from sparks.",
  input: z.strictObject({
    fullShare: share("Falls out in the end, of the blend"),
    tauHours,
    hours: input("Stood for", "h", 0, 100_000),
  }),
  output: z.strictObject({ share: figure("Dropped out so far", "share"), hoursTo90: figure("Nine tenths after", "h") }),
  example: { fullShare: 0.03, tauHours: 20, hours: 24 },
  answer: "share",
  heavy: false,
  run: (i) => dropped(i.fullShare, i.tauHours, i.hours),
});
