import type { Thickness, Way, WayName } from "@/core/readings";
import type { FinesUm } from "@/core/settling";
import { formatNumber } from "@/core/units";
import { shortDay } from "./times";

/** The bench's own scale: a jar held to the light, with a printed page behind it. */
export const CLARITY = [
  { step: 1, name: "Clear", detail: "like fresh oil; small print reads through it" },
  { step: 2, name: "Haze", detail: "bright, with a veil; print still reads" },
  { step: 3, name: "Cloudy", detail: "print is a grey line" },
  { step: 4, name: "Murky", detail: "light comes through, nothing else" },
  { step: 5, name: "As stirred", detail: "no light comes through" },
] as const;

export const clarityWord = (step: number): string => (CLARITY[step - 1]?.name ?? "").toLowerCase();

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
