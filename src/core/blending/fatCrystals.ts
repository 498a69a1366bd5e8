import { type FluidLitres, likeOf } from "../fluids";
import { celsiusFromKelvin, kelvin } from "../units";

const GAS_J_PER_MOL_K = 8.314462618;

/** A crystal form of a trisaturated fat: heat of melting in J/mol, melting point in °C. */
interface CrystalForm {
  readonly meltingJPerMol: number;
  readonly meltsAtCelsius: number;
}

/** Tripalmitin after Wesdorp 1990: what forms when fat is cooled fast, and what that turns into on standing. */
const ALPHA: CrystalForm = { meltingJPerMol: 95_800, meltsAtCelsius: 44.7 };
const BETA_PRIME: CrystalForm = { meltingJPerMol: 126_500, meltsAtCelsius: 55.7 };

/** Share of fryer fat's moles that is hard, where nothing better is known. */
export const HARD_MOLE_SHARE = 0.15;
/** Palm oil's trisaturated part against fryer fat's. */
const PALM_HARDNESS = 0.5;

/** Molar masses in g/mol of the mixtures that the fluid table gives none: enough to count solvent by moles. */
const MIXTURES_G_PER_MOL: Readonly<Record<string, number>> = {
  diesel: 200,
  kerosene: 165,
  petrol: 100,
  "motor-oil": 450,
  atf: 400,
};
const OIL_LIKE_G_PER_MOL = 870;

/** Where hard fat begins to crystallise out of a mix; null where none of it is hard. */
export interface FatCrystals {
  /** Cooled within hours: the soft form that appears first. */
  readonly fastCelsius: number | null;
  /** Stood for days: the harder form. What a tank is judged by. */
  readonly standingCelsius: number | null;
  /** Hard moles of all moles. */
  readonly moleShare: number;
}

const molesOf = (p: FluidLitres): number =>
  (p.litres * p.fluid.rho15KgPerL * 1000) /
  (p.fluid.molarMassGPerMol ?? MIXTURES_G_PER_MOL[likeOf(p.fluid.id)] ?? OIL_LIKE_G_PER_MOL);

const hardnessOf = (p: FluidLitres): number => {
  const like = likeOf(p.fluid.id);
  if (like === "fryer-fat") return 1;
  return like === "palm" ? PALM_HARDNESS : 0;
};

/** ln x = −(ΔH/R)(1/T − 1/Tm), solved for T. */
function dissolvesAtCelsius(moleShare: number, form: CrystalForm): number {
  return celsiusFromKelvin(
    1 / (1 / kelvin(form.meltsAtCelsius) - (GAS_J_PER_MOL_K * Math.log(moleShare)) / form.meltingJPerMol),
  );
}

/** The most hard moles of all moles that stay dissolved on standing at a temperature; 1 where it melts. */
export const mostHardMoleShare = (celsius: number): number =>
  Math.min(
    1,
    Math.exp(
      (-BETA_PRIME.meltingJPerMol / GAS_J_PER_MOL_K) * (1 / kelvin(celsius) - 1 / kelvin(BETA_PRIME.meltsAtCelsius)),
    ),
  );

/** Moles in a mix, and the hard ones among them. Litres at 15 °C. */
export function hardMoles(parts: readonly FluidLitres[], hardMoleShare: number): { all: number; hard: number } {
  let [all, hard] = [0, 0];
  for (const p of parts) {
    const moles = molesOf(p);
    all += moles;
    hard += moles * hardnessOf(p) * hardMoleShare;
  }
  return { all, hard };
}

/**
 * Temperature in °C at which the trisaturated part of fat begins to fall out, as an ideal solution; an estimate of a
 * mixed fat by its hard part, which a jar left in the cold overrules. Litres at 15 °C. Source: physics §2.
 */
export function fatCrystals(parts: readonly FluidLitres[], hardMoleShare: number): FatCrystals {
  const { all, hard } = hardMoles(parts, hardMoleShare);
  if (!(hard > 0)) return { fastCelsius: null, standingCelsius: null, moleShare: 0 };
  const moleShare = hard / all;
  return {
    fastCelsius: dissolvesAtCelsius(moleShare, ALPHA),
    standingCelsius: dissolvesAtCelsius(moleShare, BETA_PRIME),
    moleShare,
  };
}
