import type { FluidTable } from "../fluids";
import { OLEIC_G_PER_MOL, VINEGAR } from "./masses";
import { fuelLitresIn, type PhaseMarks, part } from "./phases";
import { both, kgIn, type Pot, potOf } from "./pot";
import { esterifyAcid, saponify, spendSulfuric, splitSoap, transesterify, withFreeAcid } from "./reactions";
import type { BatchRecipe } from "./recipe";
import { oilKgPerL, potOfDose, type Weighing, weighingOf } from "./weighing";

/** Free acid that one acid stage turns, where nothing better is known: from a few percent to under one. */
const ACID_TURNED_SHARE = 0.85;
/** What drying leaves: the mark for ester. */
const DRIED_TO_PPM = 500;

/** A batch from lot to fuel: what stands in the kettle after each step, and what left it. Kilograms. */
export interface Course {
  readonly weighing: Weighing;
  /** The lot, with its free acid told apart. */
  readonly lot: Pot;
  /** Let out after the acid stage; empty without one. */
  readonly acidWater: Pot;
  /** All that is in the kettle before and after the reaction; of two steps after the first. */
  readonly charged: Pot;
  readonly reacted: Pot;
  readonly glycerol: Pot;
  readonly secondGlycerol: Pot;
  /** Above the glycerol, before it is washed. */
  readonly crude: Pot;
  /** After each wash, and all the water that was let out. */
  readonly washes: readonly Pot[];
  readonly washWater: Pot;
  /** What drying takes away. */
  readonly vapour: Pot;
  readonly fuel: Pot;
  /** What was brought in besides the lot. */
  readonly brought: Pot;
}

const EMPTY: Pot = new Map();
const water = (kg: number): Pot => potOf([{ component: "water", kg }]);

/** Everything that stands in the kettle when it has been held: acid eaten first, then soap, then oil turned. */
export const react = (pot: Pot, r: BatchRecipe, fluids: FluidTable): Pot =>
  transesterify(saponify(spendSulfuric(pot, r.base), r.base, r.basePurity), r.conversion, fluids);

/** One wash: water in, with vinegar in the first; soap split as far as that goes. */
export function washed(above: Pot, r: BatchRecipe, first: boolean, fuelLitres: number): Pot {
  const vinegarKg = first ? ((r.wash.vinegarMlPerL * fuelLitres) / 1000) * VINEGAR.kgPerL : 0;
  const waterKg = r.wash.how === "dry" ? 0 : r.wash.waterShare * fuelLitres;
  return splitSoap(
    both(
      above,
      both(
        water(waterKg + vinegarKg * (1 - VINEGAR.aceticShare)),
        potOf([{ component: "acetic-acid", kg: vinegarKg * VINEGAR.aceticShare }]),
      ),
    ),
  );
}

/** Water above what fuel may hold, and all methanol: what drying takes. */
export function vapourOf(above: Pot, leavesPpm = DRIED_TO_PPM): Pot {
  const dry = [...above].reduce((sum, [c, kg]) => (c === "water" || c === "methanol" ? sum : sum + kg), 0);
  return potOf([
    { component: "water", kg: Math.max(0, kgIn(above, "water") - (dry * leavesPpm) / 1e6) },
    { component: "methanol", kg: kgIn(above, "methanol") },
  ]);
}

const without = (pot: Pot, gone: Pot): Pot =>
  potOf([...pot].map(([component, kg]) => ({ component, kg: kg - kgIn(gone, component) })));

/**
 * What a recipe makes of a lot, step by step. Kilograms and elements of lot and all that is brought are those of all
 * that comes out. Refuses a lot with nothing to convert by leaving it as it is.
 */
export function courseOf(oil: Pot, r: BatchRecipe, fluids: FluidTable, marks: PhaseMarks): Course {
  const kgPerL = oilKgPerL(oil, fluids) ?? 0.92;
  const weighing = weighingOf(r, kgPerL);
  const lot = withFreeAcid(oil, (r.oilLitres * r.acidMolPerL * OLEIC_G_PER_MOL) / 1000);
  const acid = weighing.acid ? potOfDose(weighing.acid, r) : EMPTY;
  const afterAcid = weighing.acid ? part(esterifiedWith(both(lot, acid), r), "acid", marks) : null;
  const first = potOfDose(weighing.first, r);
  const charged = both(afterAcid?.above ?? lot, first);
  const reacted = react(charged, r, fluids);
  const split = part(reacted, "glycerol", marks);
  const second = weighing.second ? potOfDose(weighing.second, r) : EMPTY;
  const again = weighing.second ? part(react(both(split.above, second), r, fluids), "glycerol", marks) : null;
  const crude = again?.above ?? split.above;
  const crudeLitres = fuelLitresIn(crude);
  const washes: Pot[] = [];
  let washWater = EMPTY;
  let brought = both(both(acid, first), second);
  let above = crude;
  for (let i = 0; i < (r.wash.how === "dry" ? 1 : r.wash.times); i++) {
    const wet = washed(above, r, i === 0, crudeLitres);
    brought = both(brought, washInput(r, i === 0, crudeLitres));
    const parted = part(wet, "wash", marks);
    above = parted.above;
    washWater = both(washWater, parted.below);
    washes.push(above);
  }
  const vapour = vapourOf(above);
  return {
    weighing,
    lot,
    acidWater: afterAcid?.below ?? EMPTY,
    charged,
    reacted,
    glycerol: split.below,
    secondGlycerol: again?.below ?? EMPTY,
    crude,
    washes,
    washWater,
    vapour,
    fuel: without(above, vapour),
    brought,
  };
}

/** A wash's own water and vinegar. */
const washInput = (r: BatchRecipe, first: boolean, fuelLitres: number): Pot => washed(EMPTY, r, first, fuelLitres);

/** What an acid stage makes of a pot, as far as this recipe's goes. */
export const esterifiedWith = (pot: Pot, r: BatchRecipe): Pot => esterifyAcid(pot, turnedShare(r));

/** As far as the titration after it says, or as far as one stage usually goes. */
function turnedShare(r: BatchRecipe): number {
  if (r.demandMolPerL === undefined || r.acidMolPerL <= 0) return ACID_TURNED_SHARE;
  return Math.min(1, Math.max(0, 1 - r.demandMolPerL / r.acidMolPerL));
}
