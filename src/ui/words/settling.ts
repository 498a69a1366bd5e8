import type { DraftWarning } from "@/core/clearance";
import type { DipDoubt } from "@/core/ledger";
import type { Thickness, Way, WayName } from "@/core/readings";
import type { FinesUm } from "@/core/settling";
import { formatNumber } from "@/core/units";
import type { YardView } from "@/core/view";
import { FAILURE_WORDS } from "./cold";
import { wordTrip } from "./drive";
import { nameOf } from "./names";
import { wordIntake } from "./rounds";
import { shortDay } from "./times";
import { unitsOf } from "./units";

/** The bench's own scale: a jar held to the light, with a printed page behind it. */
export const CLARITY = [
  { step: 1, name: "Clear", detail: "like fresh oil; small print reads through it" },
  { step: 2, name: "Haze", detail: "bright, with a veil; print still reads" },
  { step: 3, name: "Cloudy", detail: "print is a grey line" },
  { step: 4, name: "Murky", detail: "light comes through, nothing else" },
  { step: 5, name: "As stirred", detail: "no light comes through" },
] as const;

export const clarityWord = (step: number): string => (CLARITY[step - 1]?.name ?? "").toLowerCase();

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

export const WAY_WORDS: Record<WayName, string> = {
  wait: "Wait",
  warm: "Warm it once",
  displace: "Through the settler",
  fine: "Gelatine",
  centrifuge: "Centrifuge",
};

export const NOT_POSSIBLE: Record<Extract<Way, { possible: false }>["because"], string> = {
  "never-clears": "never clears at this cold",
  "no-settler": "no displacement settler in this yard",
  petrol: "never with petrol in it",
  "fined-already": "it is in there: let it rest",
};

/** What a viscosity rests on. */
export function thicknessWords(t: Thickness): string {
  if (t.measured)
    return `your own cup: ${formatNumber(t.measured.nuMm2PerS, 1)} mm²/s at ${formatNumber(t.measured.celsius, 0)} °C on ${shortDay(t.measured.at)}, ${formatNumber(t.usedFactor, 2)} times as thick as fresh.`;
  return `no reading of your own: typical fluids, fried oil ${formatNumber(t.usedFactor, 2)} times as thick as fresh.`;
}

/** Which bag has little left to do once fines of a size are gone. */
export const FINES_SPARE: Readonly<Record<FinesUm, string>> = {
  20: "spares a 25 µm bag",
  16: "spares a 20 µm bag",
  12: "spares a 10 µm bag",
};
