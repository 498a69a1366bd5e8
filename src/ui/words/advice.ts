import type { Advice } from "@/core/advice";
import { formatNumber } from "@/core/units";
import type { YardView } from "@/core/view";
import { amissWords, workOffWords } from "./amiss";
import { clogWords } from "./clog";
import { FAILURE_WORDS } from "./cold";
import { kettleStage } from "./kettleAdvice";
import { nameOf } from "./names";
import { holdCreamy, letStand, poolHeel, tipIn } from "./rawAdvice";
import { shortDay } from "./times";
import { type Units, unitsOf } from "./units";
import { dueWords, SERVICE_NAMES } from "./upkeep";
import { WAY_NAMES } from "./ways";

/** A step to offer: words, and where it is done. */
export interface Step {
  readonly label: string;
  readonly href?: string;
  readonly log?: { readonly verb: string; readonly values: Readonly<Record<string, string>> };
}

export interface AdviceWords {
  readonly title: string;
  readonly why: string;
  /** On the vessel's plate, where there is little room. */
  readonly short: string;
  readonly steps: readonly [Step, ...Step[]];
}

export const percent = (share: number): string => `${formatNumber(share * 100, share < 0.1 ? 1 : 0)} %`;

export function wordAdvice(a: Advice, view: YardView): AdviceWords {
  const u = unitsOf(view.settings);
  const name = a.vessel ? nameOf(view, a.vessel) : "";
  switch (a.code) {
    case "draw-off":
      return drawOff(a, name, view, u);
    case "drain-blend":
      return {
        title: a.dueAt <= view.at ? `Drain the bottom of ${name}` : `${name} stands until ${shortDay(a.dueAt)}`,
        why: `A petrol blend: gums and water fall out of it, and foul a pump. ${
          a.expectedLitres === null
            ? "Drain it until it runs clear, and measure what came."
            : `About ${u.litres(a.expectedLitres)} should come, by your own batches.`
        }`,
        short: a.dueAt <= view.at ? "Drain the bottom" : "Let it stand",
        steps: [
          { label: "Drain the bottom", log: { verb: "drain", values: { from: a.vessel ?? "" } } },
          { label: "Look inside", href: `/settle?vessel=${a.vessel}` },
        ],
      };
    case "jar-blend":
      return {
        title: `Hold a jar of ${name} to the light`,
        why: "It has stood and was drained. Clear means fine: then it goes through the bags and into a tank.",
        short: "A jar to the light",
        steps: [{ label: "Log a jar", href: `/settle?vessel=${a.vessel}` }],
      };
    case "drop-blend":
      return {
        title: `Put a drop of ${name} on paper`,
        why: "It has stood and was drained, and no light goes through it. One even spot, and a paper filter left bare, mean that its sludge is out: then through the fine bag, by gravity.",
        short: "A drop on paper",
        steps: [{ label: "Log the drop", log: { verb: "dark-test", values: { vessel: a.vessel ?? "" } } }],
      };
    case "drive-to-mix":
      return {
        title: `Drive ${nameOf(view, a.vehicle)} to mix it`,
        why: `${u.litres(a.litres)} lie unmixed at the bottom of ${name}, where its pump draws: ${formatNumber(a.nuMm2PerS, 0)} mm²/s tonight, and it takes ${formatNumber(a.limitMm2PerS, 0)}. A few minutes of driving, or stirring, mix it.`,
        short: "Drive to mix",
        steps: [
          { label: "Log a trip", href: `/drive?vehicle=${a.vehicle}` },
          { label: "It was stirred", log: { verb: "disturbed", values: { vessel: a.vessel ?? "" } } },
        ],
      };
    case "fire-up": {
      const each = (perLitre: number): string => `${u.money(u.pricePerLitre.of(perLitre))}`;
      return {
        title: `${WAY_NAMES[a.way]} pays again`,
        why: `Diesel is at ${each(a.pumpPrice)} a ${u.oneLitre}${a.paysAbove === null ? "" : `, and it pays above ${each(a.paysAbove)}`}. It saves ${each(a.savesPerLitre)} a ${u.oneLitre}, your hours counted.`,
        short: "Worth firing again",
        steps: [{ label: "Compare the ways", href: "/ways" }],
      };
    }
    case "kettle-stage":
      return kettleStage(a, view);
    case "batch-failed":
      return {
        title: `${nameOf(view, a.batch)} failed`,
        why: `A test of what stands in ${name} lies outside its mark. It is no fuel: rework it.`,
        short: "Rework it",
        steps: [{ label: "What to do", href: `/kettle?batch=${a.batch}` }],
      };
    case "batch-passed":
      return {
        title: `${nameOf(view, a.batch)} is fuel`,
        why: `It passed. ${u.litres(a.litres)} stand in ${name}: move them to where fuel is kept, and keep a jar.`,
        short: "It is fuel",
        steps: [{ label: "Finish the batch", href: `/kettle?batch=${a.batch}` }],
      };
    case "chemical-old":
      return {
        title: `${name} is past its date`,
        why: "Lye draws water and carbon dioxide and grows weaker; methanol draws water. Weighed by its label it is too little.",
        short: "Past its date",
        steps: [{ label: "Chemicals", href: "/chemicals" }],
      };
    case "methanol-over":
      return {
        title: `${u.litres(a.litres)} of methanol here`,
        why: `Your limit is ${u.litres(a.limitLitres)}. How much may be kept is local law.`,
        short: "Over your limit",
        steps: [{ label: "Chemicals", href: "/chemicals" }],
      };
    case "wet": {
      const why = {
        test:
          a.share === null ? "It spat in the hot pan." : `${percent(a.share)} water by weight; dry is under your mark.`,
        fining: "Gelatine went in with water. It is wet until it is tested.",
        poured: "Wet oil was poured in. It is wet until it is tested.",
      } as const;
      return {
        title: `${name} is wet`,
        why: `${why[a.because]} Drain its bottom, warm it, let it settle, and test again.`,
        short: "Test for water",
        steps: [{ label: "Test for water", log: { verb: "water-test", values: { vessel: a.vessel ?? "" } } }],
      };
    }
    case "broken":
      return {
        title: `${name} cannot be drawn`,
        why: `Its rim is in the book at ${u.mm(a.rimMm)}, but its shape ends at ${u.mm(a.mostMm)}. What it holds is kept; measure it again.`,
        short: "Measure again",
        steps: [{ label: "Measure again", log: { verb: "change-vessel", values: { vessel: a.vessel ?? "" } } }],
      };
    case "heel-wait":
      return {
        title: a.dueAt <= view.at ? `Draw ${name} again` : `${name} clears about ${shortDay(a.dueAt)}`,
        why:
          a.dueAt <= view.at
            ? `About ${u.litres(a.litres)} of oil have come clear above the heels.`
            : `Worth another wait: about ${u.litres(a.litres)} of oil will stand clear above the muck.`,
        short: a.dueAt <= view.at ? "Draw again" : `Wait to ${shortDay(a.dueAt)}`,
        steps: [{ label: "Look inside", href: `/settle?vessel=${a.vessel}` }],
      };
    case "heel-spent":
      return a.fate === "kettle"
        ? {
            title: `${name}: cream for the kettle`,
            why: `Nothing more clears above it, and ${percent(a.fatShare)} of its oil sets in the cold. Convert it.`,
            short: "To the kettle",
            steps: [
              {
                label: "Pour into the kettle",
                log: { verb: "pour", values: { from: a.vessel ?? "", toRole: "kettle" } },
              },
            ],
          }
        : {
            title: `${name}: spent`,
            why: a.cream
              ? `Nothing more clears above it, and ${percent(a.fatShare)} of its oil sets in the cold. No kettle here: to disposal, by your local rules.`
              : `${u.litres(a.litres)} of mostly water and sludge. Nothing more clears: to disposal, by your local rules.`,
            short: "Dispose",
            steps: [{ label: "Dispose", log: { verb: "dispose", values: { from: a.vessel ?? "" } } }],
          };
    case "pool-heel":
      return poolHeel(a, name, view);
    case "overflow-full":
      return {
        title: `Empty ${nameOf(view, a.into)}`,
        why: `${name} runs over into it, and it has room for ${u.litres(a.roomLitres)}.`,
        short: "Overflow full",
        steps: [{ label: "Run it through the bags", href: `/filter?vessel=${a.into}` }],
      };
    case "go-on":
      return {
        title: "A round is being driven",
        why: `${a.called} of ${a.stops} stops done. What you take is logged to it.`,
        short: "Go on",
        steps: [{ label: "Go on with the round", href: "/round" }],
      };
    case "plan-round": {
      const names = a.full.map((id) => nameOf(view, id));
      return {
        title: names.length === 1 ? `${names[0]} is nearly full` : `${names.length} sources are nearly full`,
        why: `About ${u.litres(a.litres)} wait at ${names.slice(0, 3).join(", ")}${names.length > 3 ? ` and ${names.length - 3} more` : ""}.`,
        short: "Plan a round",
        steps: [{ label: "Plan a round", href: "/round" }],
      };
    }
    case "hold-apart":
      return a.because === "fat"
        ? holdCreamy(a, name, u)
        : {
            title: `Keep ${name} apart`,
            why: "Engine oil: heavy metals, and its sludge goes to a recycler. Never into kitchen oil.",
            short: "Hold apart",
            steps: [{ label: "Dispose", log: { verb: "dispose", values: { from: a.vessel ?? "" } } }],
          };
    case "tip-in":
      return tipIn(a, name, view);
    case "let-stand":
      return letStand(a, name, view);
    case "filter":
      return {
        title: `Run ${name} through the bags`,
        why: `${u.litres(a.litres)} drawn off and waiting for ${nameOf(view, a.into)}.`,
        short: `Filter ${u.litres(a.litres)}`,
        steps: [{ label: "Start a run", href: `/filter?vessel=${a.vessel}` }],
      };
    case "clean-out":
      return {
        title: `Clean out ${name}`,
        why: `Muck fills ${percent(a.fullShare)} of its cone. Past that it comes over the top and the bags pay for it.`,
        short: `Sludge ${percent(a.fullShare)}`,
        steps: [{ label: "Clean out", log: { verb: "drain", values: { from: a.vessel ?? "" } } }],
      };
    case "amiss": {
      const [first] = a.words;
      return {
        title: `${name}: ${first ? amissWords(first, u) : "something is amiss"}`,
        why: a.words.map(workOffWords).join(" "),
        short: "Amiss",
        steps: [
          { label: "See it", href: `/container?vessel=${a.vessel}` },
          { label: "Pour it out", log: { verb: "pour", values: { from: a.vessel ?? "" } } },
        ],
      };
    }
    case "empty-waste":
      return {
        title: `Empty ${name}`,
        why: `${percent(a.fullShare)} full. To the collector, by your local rules.`,
        short: `${percent(a.fullShare)} full`,
        steps: [{ label: "Dispose", log: { verb: "dispose", values: { from: a.vessel ?? "" } } }],
      };
    case "kettle":
      return {
        title: `${name} holds fatty oil`,
        why: `${percent(a.fatShare)} of it sets in the cold. Titrate it, and make a batch of it.`,
        short: "Fatty oil",
        steps: [{ label: "Titrate it", href: `/titrate?vessel=${a.vessel}` }],
      };
    case "too-thick":
      return {
        title: `${nameOf(view, isSecond(a, view) ? (a.vessel ?? a.vehicle) : a.vehicle)} too thick at ${u.celsius(a.celsius)}`,
        why: `${formatNumber(a.nuMm2PerS, 0)} mm²/s tonight; your pump limit is ${formatNumber(a.limitMm2PerS, 0)} mm²/s.`,
        short: "Too thick tonight",
        steps: [tooThickStep(a, view)],
      };
    case "cold-fails": {
      const what = FAILURE_WORDS[a.failure];
      return {
        title: `${nameOf(view, a.vehicle)}: ${what} below ${u.celsius(a.belowCelsius)}`,
        why: `Tonight falls to ${u.celsius(a.celsius)}. ${COLD_HARM[a.failure]} ${
          a.jarAt === null
            ? "By estimate: a jar of it left in the cold overrules that."
            : `Your jar of ${shortDay(a.jarAt)} says so.`
        }`,
        short: `${what[0]?.toUpperCase()}${what.slice(1)} tonight`,
        steps: [
          tooThickStep(a, view),
          { label: "Jar in the cold", log: { verb: "cold-jar", values: { vessel: a.vessel ?? "" } } },
        ],
      };
    }
    case "diesel-tainted":
      return {
        title: `Oil in the diesel: ${nameOf(view, a.vehicle)}`,
        why: `${percent(a.oilShare)} of it is waste oil. How it got in was not seen: a return on the wrong side or a valve that leaks does it. Fill up with diesel, and look at the valves.`,
        short: `${percent(a.oilShare)} oil in it`,
        steps: [{ label: "Fill with diesel", href: `/drive?vehicle=${a.vehicle}` }],
      };
    case "upkeep-due":
      return {
        title: `${SERVICE_NAMES[a.what]}: ${nameOf(view, a.vehicle)}`,
        why: `${dueWords(a.due, u).replace(/^./, (c) => c.toUpperCase())}.${a.due.isEarly ? " The first filters on oil come early: it loosens what diesel has left." : ""}`,
        short: "Upkeep due",
        steps: [{ label: "Upkeep", href: `/upkeep?vehicle=${a.vehicle}` }],
      };
    case "not-purged":
      return {
        title: `${nameOf(view, a.vehicle)} stopped on oil`,
        why: `About ${percent(a.oilShare)} oil was left at the pump. At ${u.celsius(a.celsius)} ${FAILURE_WORDS[a.failure]}; ${percent(a.mostShare)} at most may stay tonight.`,
        short: "Not purged",
        steps: [{ label: "Open the loop", href: `/drive?vehicle=${a.vehicle}` }],
      };
    case "fill":
      return {
        title: `Fill ${name}`,
        why: `Room for ${u.litres(a.roomLitres)}; ${nameOf(view, a.from)} has oil to give.`,
        short: "Fill",
        steps: [{ label: "Fill", href: `/drive?vehicle=${a.vehicle}` }],
      };
    case "slow-bag":
      return {
        title: `${nameOf(view, a.bag)} bag is choking`,
        why: `The last run took ${formatNumber(a.timesSlower, 1)} times as long as its ${a.runs} runs before foretell, the cold allowed for. ${clogWords(a.evidence, u, (id) => nameOf(view, id))}`,
        short: "Choking",
        steps: [{ label: "Look at the bags", href: "/filter" }],
      };
    case "torn-bag":
      return {
        title: `${nameOf(view, a.bag)} bag may be torn`,
        why: `The last run was ${formatNumber(a.timesFaster, 1)} times as fast as its ${a.runs} runs before foretell. Look for a tear, or oil going round it; what went through is not proven.`,
        short: "Torn?",
        steps: [{ label: "Look at the bags", href: "/filter" }],
      };
    case "low-spares":
      return {
        title: `${a.spares === 0 ? "No new" : `Only ${a.spares} new`} ${nameOf(view, a.bag)} in stock`,
        why: "A bag that chokes in the middle of a run wants one at hand.",
        short: "Low stock",
        steps: [{ label: "Look at the bags", href: "/filter" }],
      };
  }
}

/** What that does to a vehicle that stands out. */
const COLD_HARM = {
  fat: "Fat that falls out blocks the strainer and the filter: less fat, or diesel in its place, not more thinner.",
  cloud: "Wax that falls out blocks the filter: winter diesel or kerosene in it keeps longer.",
  pour: "It sets in the tank and in the line.",
} as const;

interface OfTank {
  readonly vehicle: string;
  readonly vessel?: string;
}

const dualOf = ({ vehicle }: OfTank, view: YardView) => {
  const found = view.vehicles.find((s) => s.vehicle.id === vehicle)?.vehicle;
  return found?.kind === "dual" ? found : undefined;
};
/** The tank that a vehicle with two does not start on: it is spoken of by its own name. */
const isSecond = (a: OfTank, view: YardView): boolean => dualOf(a, view)?.oilTank === a.vessel;

/** A tank that a vehicle with two starts on takes diesel; any other is planned as a blend. */
const tooThickStep = (a: OfTank, view: YardView): Step =>
  dualOf(a, view) && !isSecond(a, view)
    ? { label: "Fill with diesel", href: `/drive?vehicle=${a.vehicle}` }
    : { label: "Plan top-up", href: `/blend?vessel=${a.vessel}` };

function drawOff(a: Extract<Advice, { code: "draw-off" }>, name: string, view: YardView, u: Units): AdviceWords {
  const ready = a.dueAt <= view.at;
  const part =
    ready || !a.clearNow ? "" : ` ${u.litres(a.clearNow.litres)} are clear now, above ${u.mm(a.clearNow.aboveMm)}.`;
  const range = a.earliestAt && a.latestAt ? `, likely ${shortDay(a.earliestAt)} to ${shortDay(a.latestAt)}` : "";
  return {
    title: ready ? `Draw off ${name}` : `${name} clears about ${shortDay(a.dueAt)}`,
    why: ready
      ? `About ${u.litres(a.litres)} are clear above ${u.mm(a.aboveMm)}. Stop at the first cloudiness.`
      : a.slowest === "gelatine"
        ? `Its gelatine is still sinking${range}.`
        : `${a.slowest[0]?.toUpperCase()}${a.slowest.slice(1)} fall slowest${range}.${part}`,
    short: ready ? `Draw off ${u.litres(a.litres)}` : `Clears ${shortDay(a.dueAt)}`,
    steps: [
      { label: ready ? "Draw off" : "Look inside", href: `/settle?vessel=${a.vessel}` },
      { label: ready ? "Dip first" : "Dip", log: { verb: "dip", values: { vessel: a.vessel ?? "" } } },
    ],
  };
}
