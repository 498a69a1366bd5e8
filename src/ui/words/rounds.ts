import type { Access } from "@/core/ledger";
import type { Verdict, VerdictReason } from "@/core/rounds";
import { formatClock, formatNumber } from "@/core/units";
import type { Units } from "./units";

export const VERDICT_WORDS: Record<Verdict, string> = {
  take: "Take it",
  apart: "Take it, but keep it apart",
  refuse: "Leave it there",
};

export const REASON_WORDS: Record<VerdictReason, string> = {
  solvent: "It smells of petrol or thinner: a fire in every later step.",
  creamy:
    "Creamy is fat. It sets in the cold, clogs bags and gels tanks. It stands by itself until it clears above its fat.",
  wet: "Wet oil takes longest to clear and spits when heated. It needs a container and a rest of its own.",
  "much-water": "More water than it is worth carrying. Let it be poured off first.",
  "some-water": "Some water at the bottom: leave the last of it in their container.",
  sour: "Sour oil burns well, but takes more lye in the kettle.",
  meat: "Meat leaves fat in it. Look for a creamy layer once it has stood in the cold.",
  engine: "Engine and gearbox oil: heavy metals, never with kitchen oil. Gloves on.",
  clear: "Clear, no water, nothing odd: good oil.",
};

const DAYS = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"] as const;

export const OFF_THE_WORLD = {
  latitude: "Off the world: latitude runs from −90 to 90.",
  longitude: "Off the world: longitude runs from −180 to 180.",
} as const;

/** "Mon to Fri 09:00 to 14:00; Sat 10:00 to 12:00". */
export function accessWords(access: readonly Access[] | undefined): string {
  if (!access || access.length === 0) return "any time";
  return access
    .map((a) => `${daysWords(a.weekdays)} ${formatClock(a.fromMinute)} to ${formatClock(a.toMinute)}`)
    .join("; ");
}

function daysWords(weekdays: readonly number[]): string {
  const days = [...new Set(weekdays)].sort((a, b) => a - b);
  if (days.length === 7) return "every day";
  const [first = 1] = days;
  const last = days.at(-1) ?? first;
  const name = (day: number): string => DAYS[day - 1] ?? "";
  if (days.length > 2 && last - first === days.length - 1) return `${name(first)} to ${name(last)}`;
  return days.map(name).join(", ");
}

/** "Free", "€0.10 a litre", "they pay €0.05 a litre". */
export function priceWords(pricePerLitre: number | undefined, money: (amount: number) => string): string {
  if (pricePerLitre === undefined) return "price not known";
  if (pricePerLitre === 0) return "free";
  return pricePerLitre > 0 ? `${money(pricePerLitre)} a litre` : `they pay ${money(-pricePerLitre)} a litre`;
}

/** "74 %", "0.4 %". */
export const percentWords = (share: number): string => `${formatNumber(share * 100, share < 0.0995 ? 1 : 0)} %`;

/** A forecast of litres has no tenths: nobody knows them. */
export const roughLitres = (litres: number, units: Units): string => units.litres(Math.round(litres));

/** "2 to 48 L". */
export function rangeLitres(low: number, high: number, units: Units): string {
  const [from, to] = [roughLitres(low, units), roughLitres(high, units)];
  return from === to ? to : `${from.split(" ")[0]} to ${to}`;
}
