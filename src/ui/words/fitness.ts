import type { DraftRefusal, FitnessRefusal } from "@/core/clearance";
import type { YardView } from "@/core/view";
import { wordInterlock } from "./interlocks";
import { nameOf } from "./names";
import { dayAndClock } from "./times";
import { unitsOf } from "./units";

const isFitness = (r: DraftRefusal): r is FitnessRefusal => "into" in r;

/** Why a step is refused, and what to do in its place. */
export function wordRefusal(r: DraftRefusal, view: YardView): string {
  const words = isFitness(r) ? wordFitness(r, view) : wordInterlock(r, unitsOf(view.settings));
  return r.later ? `What was logged for ${dayAndClock(r.later.happenedAt)} would then be wrong: ${words}` : words;
}

function wordFitness(r: FitnessRefusal, view: YardView): string {
  const from = r.from === null ? "This oil" : `What is in ${nameOf(view, r.from)}`;
  const into = nameOf(view, r.into);
  switch (r.code) {
    case "slops-into-fuel":
      return `${from} is slops. It does not go into ${into}: let it settle, draw its clear top off, and run that through the bags.`;
    case "raw-into-fuel":
      return r.from === null
        ? `This oil is raw. It does not go into ${into} as it is: through a filter of 100 µm or finer, there, or into a drum to settle.`
        : `${from} is raw. It does not go into ${into}: let it settle, draw it off above the line, then run it through the bags.`;
    case "wet-into-fuel":
      return `${from} is wet. Water in ${into} rusts an injection pump and seizes it: dry it, and test it again.`;
    case "water-not-tested":
      return `No filter holds water back, and in ${into} it rusts an injection pump. A spoonful of this oil in a hot pan first: quiet is dry.`;
    case "not-cleared-into-fuel":
      return `${from} has not cleared yet: fines still hang above the line. Wait, or draw it off to wait for the bags.`;
    case "unfiltered-into-tank":
      return `${from} has been through no bag. Run it through the line into Ready, then fill ${into}.`;
    case "engine-oil-and-petrol":
      return `There is engine oil in it that has been through no fine bag, and petrol. Clean engine oil before it meets petrol: its soot hides the sludge that must be drained.`;
    case "petrol-not-stood":
      return `${from} is a petrol blend that has not stood long enough: gums and water fall out of it until ${r.until ? dayAndClock(r.until) : "later"}, and they foul the pump. Drain them outside the vehicle.`;
    case "petrol-not-drained":
      return `${from} has stood, but what fell out of it was not drained. Drain the bottom first.`;
    case "petrol-not-clear":
      return `${from} has no clear jar since it stood. Hold a jar of it to the light first.`;
    case "petrol-dark-not-tested":
      return `${from} is too dark for a jar to say anything. Since it stood: a drop on paper that dries as one even spot, and a cupful through a paper filter that leaves it bare.`;
    case "black-blend-not-here":
      return `${into} is not said to run on engine oil and petrol. Soot and additives wear pumps and injectors; keep such blends to an old machine, and say so under the vehicle.`;
    case "dyed-for-the-road":
      return `${from} is dyed, untaxed fuel. ${into} goes on the road: your local law most likely forbids it there.`;
    case "untried-recipe":
      return `This blend is new to ${into}. Try it first: a jar, a litre, then a stove or an old engine, and fill in the card under Blend, Recipes.`;
    case "ester-not-tested":
      return `${from} has not passed its tests: it is not fuel yet. Test it on the kettle's page first.`;
    case "ester-failed":
      return `${from} failed a test: it is not fuel. Rework it; do not drive on it.`;
    case "kettle-not-walked":
      return `Nobody has looked ${into} over. Walk it down before its first batch: materials, vent, relief, heater, water at hand.`;
    case "kettle-not-safe":
      return `${into} was looked over, and something is not as it should be. Put it right and walk it down again.`;
    case "stage-out-of-order":
      return "An earlier stage of this batch is not done. Do that first, or say that it is done.";
    case "out-of-date":
      return `${from} is past its date. Lye that has drawn water and carbon dioxide is weaker than its label: open a new pack.`;
    case "not-locked-out":
      return `${into} feeds an engine that starts by itself. Lock it out first, key in your pocket, and say so.`;
    case "petrol-in-kettle":
    case "caustic-eats-metal":
    case "caustic-swells-rubber":
      return wordInterlock({ code: r.code }, unitsOf(view.settings));
    case "petrol-in-unfit-vessel":
      return `${into} is not made for petrol: open pails, cartons and chemical tubs let its vapour out and do not bear it. Use a can that is, or say in its page that this one is.`;
    case "poison-in-food-vessel":
      return `${into} is kept for food. Nothing that poisons goes into it: use another, or say that it is never used for food again.`;
    case "lye-meets-acid":
      return `Lye and strong acid would meet in ${into}: they boil and spit at once. Never one onto the other; each goes into much oil or much water, slowly.`;
    case "methanol-in-oil":
    case "lye-in-oil":
    case "acid-in-oil":
    case "glycerol-in-oil":
      return `${OF_THE_KETTLE[r.code]} would stand in ${into}, where oil or fuel is looked for. It goes to the kettle, its own can, or the waste.`;
    case "wash-water-in-oil":
      return `${into} would hold water. It rusts a pump and freezes in a line: water goes to the waste.`;
    case "engine-oil-into-tank":
      return `${from} has engine oil in it that has been through no fine bag: its soot and metal wear the pump. Filter it to 10 µm or less, then blend it in a can.`;
  }
}

const OF_THE_KETTLE = {
  "methanol-in-oil": "Methanol, a poison that burns,",
  "lye-in-oil": "Lye, which burns hands and eats pumps,",
  "acid-in-oil": "Acid, which burns hands and eats pumps,",
  "glycerol-in-oil": "Glycerol or soap, which plugs what it passes,",
} as const;
