import { liquidOf } from "../blending";
import {
  type DipReading,
  type JarReading,
  type PartLitres,
  type PastStanding,
  partsOf,
  type SourceId,
  type VesselState,
  type YardState,
} from "../ledger";
import { Refused, type Trust, trustOf } from "../numerics";
import {
  DIRT,
  type DirtKind,
  FallCourse,
  type FrontPair,
  fitPairs,
  frontOfJar,
  frontsOfFatLines,
  type GrainSize,
  layersOf,
  pairOf,
} from "../settling";
import { MS_PER_HOUR } from "../units";
import { capacityLitres, heightAtLitres, type VesselForm } from "../vessels";
import { courseSince } from "./course";
import { dirtOf, mainSource } from "./dirt";
import { mixOf, thicknessOf } from "./mixture";

/** How wide the grains are against their classes, and what that rests on. */
export interface Grains {
  readonly size: GrainSize;
  /** Readings that told something, and how many of them are of this standing. */
  readonly readings: number;
  readonly ofThis: number;
  readonly trust: Trust;
}

/** Nobody has read anything yet. */
const TYPICAL: Grains = { size: { value: 1, spread: null }, readings: 0, ofThis: 0, trust: "assumed" };

/** A standing with what is needed to set its readings against a forecast. */
interface Stood {
  readonly vessel: VesselForm & { readonly id: string };
  readonly dirt: DirtKind;
  readonly source: SourceId | null;
  readonly pairs: readonly FrontPair[];
}

/** The latest say how this shed's oil is now. */
const MOST_STANDINGS = 24;
/** Grains are a fifth off before anybody reads; every reading narrows that, but never faster than by the root. */
const ASSUMED_SPREAD = 0.2;

/** All that a yard has read of settling, digested once for all of its vessels. */
export class GrainBook {
  private digested: Stood[] | null = null;

  constructor(
    private readonly yard: YardState,
    private readonly now: string,
  ) {}

  /** From this standing's readings, and earlier ones of the same vessel or of the same source's oil. */
  grainsOf(state: VesselState, parts: readonly PartLitres[], leaveOutLatest = false): Grains {
    const here = this.digestState(state, parts, leaveOutLatest);
    const alike = this.past().filter(
      (s) =>
        s.dirt === here.dirt && (s.vessel.id === here.vessel.id || (s.source !== null && s.source === here.source)),
    );
    const pairs = [...alike.flatMap((s) => s.pairs), ...here.pairs];
    if (pairs.length === 0) return TYPICAL;
    try {
      const fit = fitPairs(pairs, 0);
      const least = (ASSUMED_SPREAD * fit.value) / Math.sqrt(pairs.length + 1);
      const spread = Math.max(fit.spread ?? 0, least);
      return {
        size: { value: fit.value, spread },
        readings: pairs.length,
        ofThis: here.pairs.length,
        trust: trustOf(fit.value, spread, pairs.length),
      };
    } catch (error) {
      if (error instanceof Refused) return TYPICAL;
      throw error;
    }
  }

  private past(): readonly Stood[] {
    this.digested ??= this.yard.standings.slice(-MOST_STANDINGS).map((s) => this.digestPast(s));
    return this.digested;
  }

  private digestPast(s: PastStanding): Stood {
    const parts = partsOf(s.contents, this.yard.parts);
    return this.digest({ ...s, parts, usual: null });
  }

  private digestState(state: VesselState, parts: readonly PartLitres[], leaveOutLatest: boolean): Stood {
    const [dips, jars] = leaveOutLatest ? withoutLatest(state) : [state.dips, state.jars];
    const since = state.stirredAt ?? this.now;
    return this.digest({
      vessel: state.vessel,
      since,
      warmCelsius: state.warmCelsius,
      dips,
      jars,
      parts,
      usual: state,
    });
  }

  private digest(
    s: Pick<PastStanding, "vessel" | "since" | "warmCelsius" | "dips" | "jars"> & {
      readonly parts: readonly PartLitres[];
      readonly usual: VesselState | null;
    },
  ): Stood {
    const dirt = dirtOf(this.yard, s.parts);
    const about = { vessel: s.vessel, dirt, source: mainSource(this.yard, s.parts) };
    if (s.dips.length === 0 && s.jars.length === 0) return { ...about, pairs: [] };
    const thickness = s.usual
      ? thicknessOf(this.yard, s.usual, s.parts)
      : { usedFactor: this.yard.settings.usedFactor, measured: null };
    const mix = mixOf(s.parts, thickness);
    if (mix.length === 0) return { ...about, pairs: [] };
    const course = new FallCourse(liquidOf(mix), courseSince(this.yard, s, this.now), []);
    return { ...about, pairs: pairsOf(s, dirt, course) };
  }
}

function withoutLatest(state: VesselState): [readonly DipReading[], readonly JarReading[]] {
  const dip = state.dips.at(-1)?.at ?? "";
  const jar = state.jars.at(-1)?.at ?? "";
  return dip >= jar ? [state.dips.slice(0, -1), state.jars] : [state.dips, state.jars.slice(0, -1)];
}

/** What was read of one standing, as fall read against fall forecast. Doubtful readings are left out. */
function pairsOf(
  s: Pick<PastStanding, "vessel" | "since" | "dips" | "jars"> & { readonly parts: readonly PartLitres[] },
  dirt: DirtKind,
  course: FallCourse,
): FrontPair[] {
  const classes = DIRT[dirt];
  const hoursAt = (at: string): number => (Date.parse(at) - Date.parse(s.since)) / MS_PER_HOUR;
  const surface = (litres: number): number => heightAtLitres(s.vessel, Math.min(litres, capacityLitres(s.vessel)));
  const dips = s.dips.filter((d) => d.doubts.length === 0);
  const slowest = classes.reduce((a, b) => (course.fallMmAt(b, 1, 1e9) < course.fallMmAt(a, 1, 1e9) ? b : a));
  const clear = dips.flatMap((d) =>
    d.clearMm === undefined
      ? []
      : (pairOf(course, {
          dirt: slowest,
          hours: hoursAt(d.at),
          clearToMm: Math.max(0, (d.oilMm ?? surface(d.litres)) - d.clearMm),
        }) ?? []),
  );
  const jars = s.jars
    .filter((j) => j.doubts.length === 0)
    .flatMap((j) => frontOfJar(course, classes, hoursAt(j.at), surface(j.litres) - j.atMm, j.step) ?? []);
  const flocs = classes.find((c) => c.density.kind === "over-oil");
  const lines = dips.flatMap((d) => (d.fatMm === undefined ? [] : [{ hours: hoursAt(d.at), fatMm: d.fatMm }]));
  if (!flocs || lines.length < 2) return [...clear, ...jars];
  const expected = layersOf(s.vessel, s.parts, null).find((l) => l.kind === "fat")?.toMm ?? 0;
  const surfaceMm = surface(Math.max(...dips.map((d) => d.litres)));
  return [...clear, ...jars, ...frontsOfFatLines(course, flocs, surfaceMm, expected, lines)];
}
