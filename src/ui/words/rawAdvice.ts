import type { Advice } from "@/core/advice";
import { formatNumber } from "@/core/units";
import type { YardView } from "@/core/view";
import { type AdviceWords, percent, type Step } from "./advice";
import { nameOf } from "./names";
import { aboutDay, shortDay } from "./times";
import { type Units, unitsOf } from "./units";

/** Oil as it came: tipped in, left to stand, kept apart, pooled with the heels. */

export function holdCreamy(a: Extract<Advice, { because: "fat" }>, name: string, u: Units): AdviceWords {
  const creamy = `Creamy: ${percent(a.share)} of it sets in the cold.`;
  const vessel = a.vessel ?? "";
  if (a.clears)
    return {
      title: `Keep ${name} apart to about ${shortDay(a.clears.at)}`,
      why: `${creamy} Left alone, about ${u.litres(a.clears.litres)} come clear above its fat. Draw those; the rest goes to the heels.`,
      short: `Apart to ${shortDay(a.clears.at)}`,
      steps: [{ label: "Look inside", href: `/settle?vessel=${vessel}` }],
    };
  return {
    title: `Keep ${name} apart`,
    why: `${creamy} Too little clears above it. Pooled with other heels it settles again; what stays creamy is for ${a.hasKettle ? "the kettle" : "disposal"}.`,
    short: "Hold apart",
    steps: [
      { label: "Add a tub for heels", log: { verb: "add-vessel", values: { role: "heel" } } },
      a.hasKettle
        ? { label: "Pour into the kettle", log: { verb: "pour", values: { from: vessel, toRole: "kettle" } } }
        : { label: "Dispose", log: { verb: "dispose", values: { from: vessel } } },
    ],
  };
}

export function poolHeel(a: Extract<Advice, { code: "pool-heel" }>, name: string, view: YardView): AdviceWords {
  const u = unitsOf(view.settings);
  const into = nameOf(view, a.into);
  const cream = `${u.litres(a.litres)} of creamy oil, and too little clears above it here.`;
  if (a.dueAt > view.at)
    return {
      title: `Keep ${name} apart to about ${shortDay(a.dueAt)}`,
      why: `${cream} First the ${u.litres(a.setBackLitres)} that clear in ${into} are drawn; then it settles again with the other heels.`,
      short: `Apart to ${shortDay(a.dueAt)}`,
      steps: [{ label: "Look inside", href: `/settle?vessel=${a.vessel}` }],
    };
  const why =
    a.because === "drawn"
      ? `${u.litres(a.litres)} lie below the line. With the other heels they settle again, and ${name} is free.`
      : `${cream} With the other heels it settles again.`;
  const sets =
    a.setBackLitres < 1
      ? ""
      : ` It starts ${into}'s clock again, for the ${u.litres(a.setBackLitres)} that clear there.`;
  return {
    title: a.because === "drawn" ? `Pool what is left in ${name}` : `Pool ${name} with the heels`,
    why: `${why}${sets}`,
    short: "Pool the heel",
    steps: [{ label: `Into ${into}`, log: { verb: "pour", values: { from: a.vessel ?? "", to: a.into } } }],
  };
}

export function tipIn(a: Extract<Advice, { code: "tip-in" }>, name: string, view: YardView): AdviceWords {
  const u = unitsOf(view.settings);
  const into = nameOf(view, a.into);
  const sets =
    a.setBackLitres < 1
      ? `${into} is free for it.`
      : `It starts ${into}'s clock again${a.wasReadyAt === null ? "" : `, ${u.litres(a.setBackLitres)} of which would have been clear ${aboutDay(a.wasReadyAt, view.at)}`}.`;
  return {
    title: `Tip ${name} into ${into}`,
    why: `${u.litres(a.litres)} raw, through the strainer. ${sets} ${costWords(a.costDays)}`,
    short: `Into ${into}`,
    steps: [tipStep(a, u)],
  };
}

export function letStand(a: Extract<Advice, { code: "let-stand" }>, name: string, view: YardView): AdviceWords {
  const u = unitsOf(view.settings);
  const into = nameOf(view, a.into);
  const first =
    a.clearThereLitres < 1 ? "" : ` Or draw the ${u.litres(a.clearThereLitres)} that are clear in ${into} first.`;
  return {
    title: a.dueAt <= view.at ? `${name} is clear` : `Let ${name} stand to about ${shortDay(a.dueAt)}`,
    why: `It clears by itself. Tipped into ${into} each litre of both would come ${dayCount(a.costDays)} later.${first}`,
    short: `Stands to ${shortDay(a.dueAt)}`,
    steps: [
      { label: "Look inside", href: `/settle?vessel=${a.vessel}` },
      { ...tipStep(a, u), label: `Tip it into ${into} all the same` },
    ],
  };
}

const dayCount = (days: number): string => (days < 1.5 ? "a day" : `${formatNumber(days, 0)} days`);

/** What a tip costs in waiting, on the mean of all that is clear then. */
const costWords = (costDays: number): string =>
  costDays > 0.5
    ? `Each litre of both comes clear ${dayCount(costDays)} later for it; nothing there is better, and it frees the container.`
    : "No clear oil comes later for it.";

const tipStep = (a: { readonly vessel?: string; readonly into: string; readonly litres: number }, u: Units): Step => ({
  label: `Tip in ${u.litres(a.litres)}`,
  log: { verb: "pour", values: { from: a.vessel ?? "", to: a.into } },
});
