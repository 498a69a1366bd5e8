import type { DraftWarning, TripWarning } from "@/core/clearance";
import type { DipDoubt } from "@/core/ledger";
import { formatNumber } from "@/core/units";
import type { YardView } from "@/core/view";
import { FAILURE_WORDS } from "./cold";
import { wordTrip } from "./drive";
import { nameOf } from "./names";
import { clarityWord } from "./settling";
import { shortDay } from "./times";
import { unitsOf } from "./units";

const DOUBT_WORDS: Record<DipDoubt, (w: { vessel: string; rim: string }) => string> = {
  "above-rim": ({ vessel, rim }) => `The rim of ${vessel} is at ${rim}: this lies above it.`,
  "fat-above-oil": () => "The fat line lies above the oil level.",
  "water-above-fat": () => "The water line lies above the fat.",
  "clear-above-oil": () => "It cannot be clear above the oil's own level.",
  "nothing-there": ({ vessel }) => `${vessel} was empty then: it had not been filled yet.`,
};

const CONTRADICTS = {
  clear: (before: string, day: string) =>
    `On ${day} it was clear down to ${before}. Clear oil does not cloud by itself: was it stirred?`,
  fat: (before: string, day: string) =>
    `On ${day} the fat line stood at ${before}. It does not sink by itself: was it stirred, or drawn from?`,
  jar: (before: string, day: string) =>
    `On ${day} the jar was ${before}. Oil does not cloud by itself: was it stirred, or warmer then?`,
} as const;

/** What speaks against a step without forbidding it. */
export function wordWarning(w: DraftWarning, view: YardView): string {
  const u = unitsOf(view.settings);
  switch (w.code) {
    case "reading-cannot-be":
      return `${DOUBT_WORDS[w.doubt]({ vessel: nameOf(view, w.vessel), rim: u.mm(w.rimMm) })} You may keep it in the books; it is then neither drawn nor reckoned with.`;
    case "reading-contradicts":
      return `${CONTRADICTS[w.of](w.of === "jar" ? clarityWord(w.before) : u.mm(w.before), shortDay(w.beforeAt))} Keep it, and both count and the forecast's range grows.`;
    case "reading-off-book":
      return `By the book the oil stands at ${u.mm(w.bookMm)}, not ${u.mm(w.readMm)}. If the stick is right, book the difference with it.`;
    case "petrol-in-blend": {
      const slow = w.cetane < w.leastCetane ? `, under ${w.leastCetane}: it starts hard and knocks` : "";
      return `${nameOf(view, w.vessel)} then is ${formatNumber(w.petrolShare * 100, 0)} % petrol. Cetane about ${formatNumber(w.cetane, 0)}${slow}. All of it flashes like petrol, at ${u.celsius(w.flashCelsius)}.`;
    }
    case "kettle-above-boil":
      return `Methanol boils at ${u.celsius(w.boilsCelsius, 1)}. At ${u.celsius(w.celsius)} it leaves the kettle, and its vapour is poison and burns: turn the heat down.`;
    case "kettle-foam-room":
      return `${nameOf(view, w.vessel)} then has ${u.litres(Math.max(0, w.roomLitres))} of room. Foam wants ${u.litres(w.wantsLitres)}.`;
    case "kettle-methanol-limit":
      return `That makes ${u.litres(w.litres)} of methanol here, over your limit of ${u.litres(w.limitLitres)}. Local rules on storing it may be stricter still.`;
    case "cold-in-tank": {
      const where = w.belowCelsius === null ? "at any temperature" : `below ${u.celsius(w.belowCelsius)}`;
      return `In ${nameOf(view, w.vessel)} ${FAILURE_WORDS[w.failure]} ${where} then, and tonight falls to ${u.celsius(w.lowCelsius)}.`;
    }
    case "trip-overlaps":
    case "odometer-back":
    case "odometer-jumps":
    case "purge-before-start":
      return wordTrip(w, u);
    default:
      return wordIntake(w, view);
  }
}

type IntakeWarning = Exclude<
  DraftWarning,
  { code: `reading-${string}` | `kettle-${string}` | "petrol-in-blend" | "cold-in-tank" | TripWarning["code"] }
>;

/** What speaks against an intake, as said before it. */
function wordIntake(w: IntakeWarning, view: YardView): string {
  const u = unitsOf(view.settings);
  switch (w.code) {
    case "doubtful-into-good":
      return `${nameOf(view, w.vessel)} holds ${u.litres(w.litres)} of good oil. A doubtful lot spoils all of it: give it a container of its own.`;
    case "raw-through-bags":
      return `${nameOf(view, w.from)} has not settled. Bags hold grains and let water and warm fat through to ${nameOf(view, w.vessel)}; they clog soon too. Let it stand and draw it off first.`;
    case "engine-oil-before-petrol":
      return `Engine oil that no fine bag has cleaned, and petrol. Many filter first; others let the petrol drop the sludge. Then it must stand for days with its lid on, outdoors, be drained until nothing black comes, filtered to 10 µm by gravity, and tested on paper.`;
    case "engine-into-kitchen":
      return `${nameOf(view, w.vessel)} holds kitchen oil. Engine and gearbox oil is kept apart: its metals and soot do not settle out.`;
    case "kitchen-into-engine":
      return `${nameOf(view, w.vessel)} is kept for engine and gearbox oil. Kitchen oil in it is lost to the kettle.`;
    case "past-safe-level":
      return `${nameOf(view, w.vessel)} is safe to ${u.litres(w.safeLitres)}: oil swells as it warms, and a full can slops.`;
    case "wet-into-dry":
      return `This oil is wet. It makes the ${u.litres(w.litres)} in ${nameOf(view, w.vessel)} wet with it: give it a vessel of its own.`;
    case "not-stood-there":
      return `It has not stood a day, as far as anybody said. Water and warm fat go through every filter: draw from the top, and look at ${nameOf(view, w.vessel)}'s filter and a cold jar of it.`;
    case "past-payload":
      return `This is ${u.kg(w.overKg)} over the payload. Brakes and tyres are made for less.`;
  }
}
