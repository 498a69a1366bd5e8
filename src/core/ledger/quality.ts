import type { BatchVerdict } from "../kettle";
import type { BatchId, CupId } from "./ids";

/** What travels with oil besides its litres. One value, and one rule for what a mixture of two has. */
export interface Quality {
  /** The finest bag that all of it has been through, in µm; 0 as bought, null where some was never filtered. */
  readonly filteredUm: number | null;
  /** What is known of water in it. */
  readonly water: WaterWord | null;
  /** Its time through the owner's cup. */
  readonly cupTime: CupTime | null;
  /** Jars of it that were left in the cold, oldest first. */
  readonly coldJars: readonly ColdJar[];
  /** Some of it is dyed: untaxed, and by local law perhaps not for the road. */
  readonly dyed: boolean;
  /** Since when petrol has stood with other oil in it: gums and water fall out for a day or more. */
  readonly petrolSince: string | null;
  /** When what had fallen out of it was drained, and when a jar of it came out clear, since then. */
  readonly gumsDrainedAt: string | null;
  readonly gumsClearAt: string | null;
  /** Its free acid, as titrated. */
  readonly acid: AcidWord | null;
  /** The batch that it is, and whether that has passed as fuel. */
  readonly fuel: { readonly batch: BatchId; readonly verdict: BatchVerdict } | null;
  /** When gelatine was stirred into it, until it is stirred or poured again. */
  readonly finedAt: string | null;
  /** Of its litres, the share that has not cleared: neither drawn off above a line, nor spun, nor run through a bag. */
  readonly unclearedShare: number;
  /** The share of waste oil that no bag finer than a strainer has seen. */
  readonly unfilteredShare: number;
  /** The share of ester made here that has not passed as fuel. */
  readonly unpassedShare: number;
}

/** What the last test, or the last thing done, says of water in it. */
export interface WaterWord {
  readonly at: string;
  readonly wet: boolean;
  readonly because: "test" | "fining" | "poured";
  /** As weighed. */
  readonly share: number | null;
}

/** A lot's free acid. */
export interface AcidWord {
  readonly at: string;
  readonly acidMolPerL: number;
  /** mg KOH/g. */
  readonly acidNumber: number;
  readonly ffaPct: number;
  /** By the spread of its tries. */
  readonly plusMinusPct: number;
}

/** A lot's time through the owner's cup. */
export interface CupTime {
  readonly at: string;
  readonly cup: CupId;
  readonly seconds: number;
  readonly celsius: number;
}

/** How a jar of a lot came out of the cold. */
export interface ColdJar {
  readonly at: string;
  readonly celsius: number;
  readonly hours: number;
  readonly saw: "clear" | "cloudy" | "set";
}

/** A strainer holds back crumbs and leaves oil as raw as it was: it settles, and is not yet for any tank. */
const STRAINED_UM = 100;
/** All of it has been through something finer than a strainer. */
export const isFiltered = ({ filteredUm }: Pick<Quality, "filteredUm">): boolean =>
  filteredUm !== null && filteredUm <= STRAINED_UM;

/** Nothing is known: raw oil, or nothing at all. */
export const UNKNOWN_QUALITY: Quality = {
  filteredUm: null,
  water: null,
  cupTime: null,
  coldJars: [],
  dyed: false,
  petrolSince: null,
  gumsDrainedAt: null,
  gumsClearAt: null,
  acid: null,
  fuel: null,
  finedAt: null,
  unclearedShare: 0,
  unfilteredShare: 0,
  unpassedShare: 0,
};

/** Waste oil as it is fetched, or what was swept up with slops. */
export const AS_FETCHED: Quality = { ...UNKNOWN_QUALITY, unclearedShare: 1, unfilteredShare: 1 };

/** As it comes from a shop: clean. */
export const AS_BOUGHT: Quality = { ...UNKNOWN_QUALITY, filteredUm: 0 };

/** How much of each there is in a mixture. */
export interface MixedLitres {
  readonly there: number;
  readonly poured: number;
}

/**
 * What a mixture is like, once `poured` has gone into what stands `there` (null: an empty vessel has no say). The
 * coarser bag counts, water makes wet, a measured lot that is mixed is a new lot, dye spreads, petrol's standing
 * starts anew, and what has not cleared, been filtered or passed stays so, by its share.
 */
export function mixQuality(there: Quality | null, poured: Quality, at: string, litres: MixedLitres): Quality {
  if (there === null) {
    const stirred = poured.finedAt === null ? poured : { ...poured, finedAt: null };
    const fresh = isRidOfGums(stirred) ? stirred : standsAnew(stirred, at);
    return fresh.water ? { ...fresh, water: { ...fresh.water, because: "poured" } } : fresh;
  }
  return {
    filteredUm: coarser(there.filteredUm, poured.filteredUm),
    water: mixedWater(there.water, poured.water, at),
    cupTime: null,
    coldJars: [],
    dyed: there.dyed || poured.dyed,
    petrolSince: there.petrolSince === null && poured.petrolSince === null ? null : at,
    gumsDrainedAt: null,
    gumsClearAt: null,
    acid: null,
    fuel: null,
    finedAt: null,
    unclearedShare: mixedShare(there.unclearedShare, poured.unclearedShare, litres),
    unfilteredShare: mixedShare(there.unfilteredShare, poured.unfilteredShare, litres),
    unpassedShare: mixedShare(there.unpassedShare, poured.unpassedShare, litres),
  };
}

/** By litres; alike they stay to the last digit. */
function mixedShare(there: number, poured: number, litres: MixedLitres): number {
  if (there === poured) return there;
  const all = litres.there + litres.poured;
  return all > 0 ? (there * litres.there + poured * litres.poured) / all : poured;
}

/** So little of the fines that hung at first may still hang in oil that is called clear. */
export const CLEAR_HANGING_SHARE = 0.1;

/** Drawn off above its line once it had settled, or spun: what hangs in it is down to a haze. */
export const cleared = (q: Quality): Quality => (q.unclearedShare === 0 ? q : { ...q, unclearedShare: 0 });

/** Drawn off above its line with so much of what had hung in it: clear, but for a haze, or only that much clearer. */
export const drawnOff = (q: Quality, suspendedShare: number): Quality =>
  suspendedShare <= CLEAR_HANGING_SHARE ? cleared(q) : { ...q, unclearedShare: q.unclearedShare * suspendedShare };

/** Through a bag or a bowl that holds back what is coarser than `um`; a strainer or a cloth of no known rating proves nothing. */
export function cleanedTo(q: Quality, um: number | null): Quality {
  const filtered = { ...q, filteredUm: um };
  return isFiltered(filtered) ? { ...filtered, unclearedShare: 0, unfilteredShare: 0 } : filtered;
}

/** Passed as fuel: clear, bright, dry and converted, by its tests. */
export const passedAsFuel = (q: Quality): Quality => ({
  ...q,
  unclearedShare: 0,
  unfilteredShare: 0,
  unpassedShare: 0,
});

/** Of a lot that was parted, what goes with every litre of it; what was measured of the whole goes with none. */
export const withItsMarks = (q: Quality): Quality => ({
  ...UNKNOWN_QUALITY,
  filteredUm: q.filteredUm,
  water: q.water?.wet ? q.water : null,
  dyed: q.dyed,
  petrolSince: q.petrolSince,
  unclearedShare: q.unclearedShare,
  unfilteredShare: q.unfilteredShare,
  unpassedShare: q.unpassedShare,
});

/** A petrol blend whose sludge was drained and whose jar was clear: pouring it stirs nothing up. */
const isRidOfGums = (q: Quality): boolean => q.gumsDrainedAt !== null && q.gumsClearAt !== null;

/** Stirred, driven or poured, a petrol blend hangs on to what had fallen out: its clock starts again. */
export const standsAnew = (q: Quality, at: string): Quality =>
  q.petrolSince === null ? q : { ...q, petrolSince: at, gumsDrainedAt: null, gumsClearAt: null };

/** As clear as that is clear: at most a haze that the next step holds back. */
const CLEAR_STEP = 2;

/** A petrol blend's jar, held to the light: clear, or not yet. */
export const seenInJar = (q: Quality, step: number, at: string): Quality =>
  q.petrolSince === null ? q : { ...q, gumsClearAt: step <= CLEAR_STEP ? at : null };

/** No light goes through dark oil: a drop on paper and a paper filter say whether its sludge is out. */
export function seenDark(q: Quality, passed: boolean, at: string): Quality {
  if (!passed) return { ...q, gumsClearAt: null };
  return { ...q, unclearedShare: 0, gumsClearAt: q.petrolSince === null ? null : at };
}

/** Its sludge was let out below. */
export const gumsDrained = (q: Quality, at: string): Quality =>
  q.petrolSince === null ? q : { ...q, gumsDrainedAt: at };

/** What is drawn off above its sludge has left it behind. */
export const offTheTop = (q: Quality): Quality =>
  q.petrolSince === null || q.gumsDrainedAt !== null ? q : { ...q, gumsDrainedAt: q.gumsClearAt };

/** What comes off the bottom runs otherwise through a cup than the rest did, and sets sooner. */
export const offTheBottom = (q: Quality): Quality =>
  q.cupTime === null && q.coldJars.length === 0 ? q : { ...q, cupTime: null, coldJars: [] };

const coarser = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? null : Math.max(a, b);

/** Wet oil makes wet what it is poured into; a dry lot with an untested one is untested. */
function mixedWater(there: WaterWord | null, poured: WaterWord | null, at: string): WaterWord | null {
  if (there?.wet) return there;
  if (poured?.wet) return { at, wet: true, because: "poured", share: null };
  return poured === null ? null : there;
}
