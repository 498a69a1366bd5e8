import type { ClogCause, ClogEvidence, Diagnosis } from "@/core/filtration";
import { formatNumber } from "@/core/units";
import type { Units } from "./units";

/** What a thing is called, by its id. */
type NameOf = (id: string) => string;

const CAUSE: Readonly<Record<ClogCause, (e: ClogEvidence, u: Units, nameOf: NameOf) => string>> = {
  "wet-oil": () => "The oil is wet by its test: water and the soaps in it shut a bag.",
  "bottom-layer": ({ figure }, u) =>
    `The suction hung ${u.mm(Math.max(0, figure ?? 0))} above the muck when it was drawn: the bottom layer came along.`,
  "settler-full": ({ figure }) =>
    `The settler is ${formatNumber((figure ?? 0) * 100, 0)} % full of muck: it goes over the top.`,
  "fat-in-the-cold": ({ figure }, u) =>
    `The oil was at ${u.celsius(figure ?? 0)} and holds fat: it sets to crystals, and they shut a bag.`,
  "bad-source": ({ source }, _, nameOf) =>
    `Most of its muck came from ${source === undefined ? "one source" : nameOf(source)}, whose oil was not like the others'.`,
  "washed-out": ({ figure }) =>
    `It was washed ${formatNumber(figure ?? 0, 0)} times: what is in its pores stays there.`,
};

const MEND: Readonly<Record<ClogCause, string>> = {
  "wet-oil": "Let it stand, drain the bottom, test again; then filter.",
  "bottom-layer": "Draw higher above the line, and stop at the first cloudiness.",
  "settler-full": "Clean the settler out before the next bag.",
  "fat-in-the-cold": "Filter on a warmer day, or warm the feed first.",
  "bad-source": "Let that source's oil settle by itself, longer.",
  "washed-out": "Change it for a new one.",
};

/** The likeliest cause with what it rests on, and what to do. */
export const clogWords = (e: ClogEvidence | null, u: Units, nameOf: NameOf): string =>
  e === null
    ? "Nothing that was logged says why. Wash it, and dip what it is fed from."
    : `Likeliest: ${CAUSE[e.cause](e, u, nameOf)} ${MEND[e.cause]}`;

/** What its last run says of a bag, in a sentence; empty where there is nothing to say. */
export function diagnosisWords(d: Diagnosis, u: Units, nameOf: NameOf): string {
  const times = (n: number): string => formatNumber(n, 1);
  switch (d.verdict) {
    case "too-little":
      return "";
    case "as-usual":
      return `Its last run went as its ${d.earlierRuns} runs before foretell.`;
    case "colder":
      return `Its last run took ${times(d.timesByClock)} times as long a litre, and the cold explains it: the bag is as it was.`;
    case "torn":
      return `Its last run was ${times(1 / d.times)} times as fast as foretold: look for a tear, or oil going round it.`;
    case "clogging":
      return `Its last run took ${times(d.times)} times as long as its ${d.earlierRuns} runs before foretell, the cold allowed for. ${clogWords(d.evidence[0] ?? null, u, nameOf)}`;
  }
}
