import type { Fluid } from "../fluids";
import { Refused, requireRange, solveOde } from "../numerics";
import { kelvin } from "../units";
import { METHANOL_G_PER_MOL, METHANOL_KG_PER_L } from "./masses";
import { oilGPerMol } from "./methanol";

/** L/mol/min at 50 °C and cal/mol: TG⇌DG, DG⇌MG, MG⇌GL, forward and back in turn. Source: Noureddini & Zhu 1997. */
const K50 = [0.05, 0.11, 0.215, 1.228, 0.242, 0.007] as const;
const ACTIVATION = [13145, 9932, 19860, 14639, 6421, 9588] as const;
const CAL_PER_MOL_K = 1.987;
const TOLERANCE = 1e-8;

/** Glycerol drained and methanol added while the batch waits, before it reacts again. */
export interface SecondStep {
  readonly atMinute: number;
  /** Moles of fresh methanol a mole of the oil begun with. */
  readonly molarRatio: number;
  /** Share of the glycerol that is drained, and of the methanol that goes out with it. */
  readonly glycerolShare: number;
  readonly methanolShare: number;
}

export interface Recipe {
  readonly oil: Fluid;
  readonly celsius: number;
  /** As the thermometer was read, [minute, °C] rising, linear between and held outside; absent: `celsius` throughout. */
  readonly logged?: readonly (readonly [minute: number, celsius: number])[] | undefined;
  readonly molarRatio: number;
  readonly second: SecondStep | null;
}

/** The batch at a minute, as shares of the oil begun with: ester of the three a triglyceride gives, the others of one. */
export interface ReactionPoint {
  readonly minute: number;
  readonly conversion: number;
  readonly triglyceride: number;
  readonly diglyceride: number;
  readonly monoglyceride: number;
  readonly glycerol: number;
  readonly methanol: number;
}

/** Moles in the pot: TG, DG, MG, GL, methanol, ester. */
type Pot = readonly number[];

function constantsAt(celsius: number): number[] {
  const inverse = 1 / kelvin(celsius) - 1 / kelvin(50);
  return K50.map((k, i) => k * Math.exp((-(ACTIVATION[i] ?? 0) / CAL_PER_MOL_K) * inverse));
}

/** Concentrations' rates of change per minute, at the temperature of each. */
function rates(celsiusAt: (minute: number) => number): (t: number, c: number[]) => number[] {
  let last = Number.NaN;
  let k: readonly number[] = [];
  return (t, [tg = 0, dg = 0, mg = 0, gl = 0, methanol = 0, ester = 0]) => {
    const celsius = celsiusAt(t);
    if (celsius !== last) k = constantsAt(celsius);
    last = celsius;
    const [k1 = 0, k2 = 0, k3 = 0, k4 = 0, k5 = 0, k6 = 0] = k;
    const first = k1 * tg * methanol - k2 * dg * ester;
    const second = k3 * dg * methanol - k4 * mg * ester;
    const third = k5 * mg * methanol - k6 * gl * ester;
    const all = first + second + third;
    return [-first, first - second, second - third, third, -all, all];
  };
}

/** Litres a mole of oil and its methanol fill, ideal volumes at 15 °C. */
const volumeLitres = (oil: Fluid, molarRatio: number): number =>
  oilGPerMol(oil) / (1000 * oil.rho15KgPerL) + (molarRatio * METHANOL_G_PER_MOL) / (1000 * METHANOL_KG_PER_L);

/** The thermometer between its readings. */
function celsiusOf({ celsius, logged = [] }: Recipe): (minute: number) => number {
  const [first] = logged;
  if (!first) return () => celsius;
  return (minute) => {
    const after = logged.findIndex(([m]) => m > minute);
    const next = logged[after];
    const before = after < 0 ? logged.at(-1) : logged[after - 1];
    if (!before) return first[1];
    if (!next) return before[1];
    return before[1] + ((next[1] - before[1]) * (minute - before[0])) / (next[0] - before[0]);
  };
}

function react(pot: Pot, litres: number, celsiusAt: (minute: number) => number, minutes: readonly number[]): Pot[] {
  const start = pot.map((n) => n / litres);
  return solveOde(rates(celsiusAt), start, minutes, TOLERANCE, "minutes").map((c) => c.map((x) => x * litres));
}

function drainAndAdd(pot: Pot, s: SecondStep): Pot {
  const [tg = 0, dg = 0, mg = 0, gl = 0, methanol = 0, ester = 0] = pot;
  return [tg, dg, mg, gl * (1 - s.glycerolShare), methanol * (1 - s.methanolShare) + s.molarRatio, ester];
}

/**
 * How far a batch has come at each of the rising minutes, one mole of oil. A single-phase laboratory model, measured
 * at 0.2 % NaOH under strong mixing from 30 to 70 °C: it knows nothing of base dose, water or soap, and real kettles
 * end higher because glycerol drops out. For comparing recipes and times. Refuses other temperatures and falling minutes.
 */
export function reactionCourse(r: Recipe, minutes: readonly number[]): ReactionPoint[] {
  requireRange("celsius", r.celsius, 20, 75);
  if (minutes.some((m, i) => i > 0 && m < (minutes[i - 1] ?? 0)))
    throw new Refused("minutes", "must not go back in time");
  for (const [, c] of r.logged ?? []) requireRange("logged", c, 0, 90);
  const celsiusAt = celsiusOf(r);
  const pot: Pot = [1, 0, 0, 0, r.molarRatio, 0];
  const litres = volumeLitres(r.oil, r.molarRatio);
  const { second } = r;
  const points = (pots: readonly Pot[], at: readonly number[]): ReactionPoint[] =>
    pots.map((p, i) => pointOf(at[i] ?? Number.NaN, p));
  if (!second) return points(react(pot, litres, celsiusAt, minutes), minutes);
  const before = minutes.filter((m) => m <= second.atMinute);
  const after = minutes.filter((m) => m > second.atMinute);
  const first = react(pot, litres, celsiusAt, [...before, second.atMinute]);
  const drained = drainAndAdd(first.at(-1) ?? pot, second);
  const more = react(
    drained,
    volumeLitres(r.oil, drained[4] ?? 0),
    (minute) => celsiusAt(minute + second.atMinute),
    after.map((m) => m - second.atMinute),
  );
  return [...points(first.slice(0, -1), before), ...points(more, after)];
}

function pointOf(minute: number, pot: Pot): ReactionPoint {
  const [triglyceride = 0, diglyceride = 0, monoglyceride = 0, glycerol = 0, methanol = 0, ester = 0] = pot;
  return { minute, conversion: ester / 3, triglyceride, diglyceride, monoglyceride, glycerol, methanol };
}
