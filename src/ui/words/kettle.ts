import type { FuelTest, FuelTestMarks, Pace, Phase, Stage, WashWay } from "@/core/kettle";
import type { Settings } from "@/core/ledger";
import { FUEL_TEST_WORDS, STAGE_WORDS } from "@/core/ledger/words";
import { formatNumber } from "@/core/units";

export { readWords } from "./fuelTests";
export { FUEL_TEST_WORDS, STAGE_WORDS };

/** What one should see at a stage, before one says whether one does. */
export const EXPECTED: Readonly<Record<Stage, string>> = {
  dry: "Quiet in a hot pan: no crackle, no foam. Or under your mark by weight.",
  warm: "Thin and even, nothing set at the bottom.",
  acid: "Darker, even, no layer while it is stirred.",
  "acid-settle": "A thin, darker layer of methanol and water, above or below: look at both ends.",
  "acid-split": "Oil that is clear of the watery layer.",
  retitrate: "Less acid than before, one percent or less.",
  methoxide: "All of the lye dissolved, the can warm to the hand, nothing grainy left.",
  mix: "Coffee brown, then lighter. No layer within a minute of stopping.",
  settle: "A sharp line: dark glycerol below, amber above.",
  split: "Dark and slow, then suddenly light and thin: stop there.",
  "methoxide-2": "All of the lye dissolved, nothing grainy left.",
  "mix-2": "Little changes: a faint haze of new glycerol.",
  "settle-2": "A thin dark film at the bottom.",
  "split-2": "A cupful of dark, then light.",
  wash: "Water that comes down clear, and parts from the fuel within minutes.",
  polish: "Bright: print can be read through it when it has cooled.",
  test: "Every test that you need inside its mark.",
};

/** What to look at when it is not as expected. */
export const OTHERWISE: Readonly<Record<Stage, string>> = {
  dry: "It still crackles: warm it longer, or let it stand warm and drain its bottom. Water makes soap of your lye.",
  warm: "Set fat at the bottom: warm on slowly and stir. Lye on cold fat makes lumps.",
  acid: "A layer already: stir harder. Boiling: turn it down, methanol is leaving.",
  "acid-settle": "No layer: little acid was turned, or it still stands too warm. Give it the night, then titrate.",
  "acid-split": "You cannot tell them apart: leave some behind, and titrate what stays.",
  retitrate: "More than one percent still: an acid stage once more, or thin it with better oil.",
  methoxide: "Grains at the bottom: close it, swirl on. Cloudy and weak: the lye has drawn water; open a new pack.",
  mix: "A jelly: stop the heat, do not drain; warm gently and see the emulsion help. Layers already: mix harder.",
  settle:
    "No line: too little lye or methanol, or water. Shake a sample with more methoxide before you add any to all of it. One solid mass: soap; see the emulsion help.",
  split: "It never turns dark: it has not reacted. It is all jelly: soap. Do not wash it; rework it.",
  "methoxide-2": "Grains at the bottom: close it, swirl on.",
  "mix-2": "It turns dark again: the first step had stopped early. Let it settle as long as the first.",
  "settle-2": "Much glycerol: the first step had stopped early. Look at the lye and the methanol.",
  "split-2": "More than a fifth of the first: weigh more into the first step next time.",
  wash: "Milk that does not part: stop spraying. See the emulsion help.",
  polish: "Hazy when cold: water still, or oil that was not turned. Test both. Bright is dry, not converted.",
  test: "See what each fail means, and rework it.",
};

/** Cautions, each beside the step it belongs to. */
export const STAGE_CAUTIONS: Readonly<Partial<Record<Stage, string>>> = {
  dry: "Wet oil foams over near the boil. Fill no more than two thirds, warm slowly, stay with it, and never pour water or wet oil into hot oil.",
  warm: "The element must stay covered. Stay with a kettle that is on.",
  acid: "Sulfuric acid goes into the liquid, slowly, never the other way round. Goggles, long gloves, apron. Lid on, vent outdoors, no sparks.",
  "acid-split": "It holds methanol and acid: closed can, goggles and gloves, no sparks.",
  methoxide:
    "Add lye to methanol, a little at a time, in a closed can outdoors; never water on lye. Goggles, long gloves. It is caustic, poison through the skin, and burns with a flame you cannot see. No aluminium, zinc, tin, copper or brass.",
  mix: "Lid on, vent outdoors, no sparks, nobody downwind. Never above methanol's boil. Stay with it. Water at hand for skin and eyes, never on the methoxide.",
  split: "Hot glycerol holds methanol and lye: gloves, goggles, closed can.",
  "methoxide-2": "As the first time: lye into methanol, closed, outdoors, goggles and gloves.",
  "mix-2": "As the first time: lid on, vent outdoors, no sparks, and stay with it.",
  "split-2": "It holds methanol and lye: gloves, goggles, closed can.",
  wash: "Lid on while spraying: the mist carries methanol. Wash water is caustic; it goes where your local rules say, not down a drain.",
  polish:
    "Above the boil of water it foams over: warm slowly, no more than two thirds full. What leaves it is water and methanol: vent outdoors, no sparks.",
};

/** What each pace leaves out. */
export const PACE_WORDS: Readonly<Record<Pace, { readonly name: string; readonly detail: string }>> = {
  quick: {
    name: "Quick",
    detail:
      "An hour of mixing, a night of settling, two stirred washes. It skips the trial litre and the third wash: more soap may stay.",
  },
  patient: {
    name: "Patient",
    detail:
      "A litre first, two hours of mixing, a day of settling, three fine washes. It skips nothing but your evenings.",
  },
  own: { name: "My own", detail: "Every figure as you set it." },
};

export const WASH_WORDS: Readonly<Record<WashWay, { readonly name: string; readonly detail: string }>> = {
  mist: { name: "Mist", detail: "gentle, slow; a fine spray from above" },
  stir: { name: "Stirring", detail: "quick; emulsion if soap is high" },
  bubble: { name: "Bubbles", detail: "air through the water below; hours" },
  dry: { name: "Dry wash", detail: "sawdust or resin; no water, no waste water" },
};

export const PHASE_WORDS: Readonly<Record<Phase, string>> = {
  glycerol: "Glycerol",
  acid: "Acid water",
  wash: "Wash water",
};

interface TestWords {
  readonly how: string;
  /** What a fail means, and what to do. */
  readonly fails: string;
}

export const TEST_WORDS: Readonly<Record<FuelTest, TestWords>> = {
  solubility: {
    how: "One part of fuel into nine parts of clean methanol, shaken, left half an hour. What lies at the bottom is oil that was not turned.",
    fails: "Oil that was not turned. React it again: a fifth of the methanol and lye, warm, an hour, then settle.",
  },
  soap: {
    how: "A weighed sample in alcohol, titrated with 0.01 N acid to the yellow of bromophenol blue.",
    fails: "Wash it again, with a little vinegar in the water, until it is down.",
  },
  water: {
    how: "Weigh a sample, warm it over the boil of water until it stops losing, weigh again. Or send it in.",
    fails: "Dry it longer or warmer, then let it cool and look again.",
  },
  "wash-ph": {
    how: "Paper or a meter in the last water that came down, against the tap's own.",
    fails: "Lye or soap is still coming out of it: one more wash.",
  },
  "cold-jar": {
    how: "A jar at the coldest it will see, overnight.",
    fails: "It clouds or sets: blend it, or keep it for summer.",
  },
  density: {
    how: "A hydrometer, with the temperature it was read at.",
    fails: "Heavy: oil that was not turned, or glycerol. Light: methanol is still in it.",
  },
  "acid-number": {
    how: "Titrate it as the oil was: acid in the wash turns soap to free acid, which stays in the fuel.",
    fails:
      "Too much acid for a pump. Wash with plain water, or a very weak lye and then plain water; less vinegar next time.",
  },
};

/** A test's mark as one line. */
export function markOf(test: FuelTest, m: FuelTestMarks | Settings["fuelTests"]): string {
  switch (test) {
    case "solubility":
      return `at most ${formatNumber(m.undissolvedShare * 100, 1)} % falls out`;
    case "soap":
      return `at most ${formatNumber(m.soapPpm, 0)} ppm`;
    case "water":
      return `at most ${formatNumber(m.waterPpm, 0)} ppm`;
    case "wash-ph":
      return `${formatNumber(m.phFrom, 1)} to ${formatNumber(m.phTo, 1)}`;
    case "cold-jar":
      return "clear";
    case "density":
      return `${formatNumber(m.rho15FromKgPerL, 3)} to ${formatNumber(m.rho15ToKgPerL, 3)} kg/L at 15 °C`;
    case "acid-number":
      return `at most ${formatNumber(m.acidNumber, 2)} mg KOH/g`;
  }
}

/** Grams as one weighs them: a litre's worth to a tenth. */
export const gramsWords = (grams: number): string =>
  grams >= 100 ? `${formatNumber(grams, 0)} g` : `${formatNumber(grams, 1)} g`;

/** What may become of what a kettle leaves. Local rules decide. */
export const WASTE_WORDS: Readonly<Record<Phase, string>> = {
  glycerol:
    "Boil its methanol out first. Then a collector or biogas plant that takes crude glycerol; some make soap of it. Never down a drain, never on a fire: it smokes and spits.",
  acid: "Methanol, water and acid: a collector of chemicals. Never into lye by the bucket: it boils.",
  wash: "Soapy, caustic, some methanol. Where local rules allow, thinned and neutral into a foul drain; else a collector. Never into a ditch.",
};
