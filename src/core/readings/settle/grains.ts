import { liquidOf } from "../../blending";
import type { DirtKind } from "../../fluids";
import {
  type PartLitres,
  type PastStanding,
  partsOf,
  type SourceId,
  type VesselState,
  type YardState,
} from "../../ledger";
import { type Trust, trustOf } from "../../numerics";
import {
  FallCourse,
  type FinesUm,
  type FrontPair,
  fitPairs,
  frontOfJar,
  frontsOfFatLines,
  type GrainSize,
  layersOf,
  muckTopMm,
  pairOf,
  waitedFor,
} from "../../settling";
import { MS_PER_HOUR } from "../../units";
import { capacityLitres, heightAtLitres, isBroken } from "../../vessels";
import { covered } from "../covered";
import { provenanceOf } from "../vessel/dirt";
import { assumed, mixOf, thicknessOf } from "../vessel/mixture";
import { courseSince } from "./course";

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

/** A standing that was looked at; what its readings say is worked out only where they count. */
export interface Observation {
  readonly vesselId: string;
  /** Over: the vessel was stirred or emptied since. */
  readonly past: boolean;
  readonly dirt: DirtKind;
  readonly source: SourceId | null;
  pairs(): readonly FrontPair[];
}

/** What was read of a vessel, with what was in it; `usual` is its state where it still stands. */
interface Looked extends Pick<PastStanding, "vessel" | "since" | "warmCelsius" | "drawnLitres" | "dips" | "jars"> {
  readonly parts: readonly PartLitres[];
  readonly usual: VesselState | null;
}

/** The latest say how this shed's oil is now. */
const MOST_STANDINGS = 12;
/** Grains are a fifth off before anybody reads; every reading narrows that, but never faster than by the root. */
const ASSUMED_SPREAD = 0.2;

/** Gives what was made for an object before, as long as all of `on` is the same. */
type Remember = (key: object, on: readonly unknown[], make: () => Observation) => Observation;
const REMEMBER_NOTHING: Remember = (_, __, make) => make();

interface Observations {
  readonly of: Map<string, Observation[]>;
  readonly from: Map<SourceId, Observation[]>;
}

function listed<K>(lists: Map<K, Observation[]>, key: K, o: Observation): void {
  const list = lists.get(key);
  if (list) list.push(o);
  else lists.set(key, [o]);
}

/** All that a yard has read of settling, digested once for all of its vessels. */
export class GrainBook {
  private read: Observations | null = null;

  constructor(
    private readonly yard: YardState,
    private readonly now: string,
    private readonly remember: Remember = REMEMBER_NOTHING,
  ) {}

  /** From this standing's readings, and earlier ones of the same vessel or of the same source's oil. */
  grainsOf(state: VesselState): Grains {
    const ofThis = this.digestState(state).pairs();
    const pairs = [...this.dependsOn(state).flatMap((s) => s.pairs()), ...ofThis];
    if (pairs.length === 0) return TYPICAL;
    const fit = covered(() => fitPairs(pairs, 0));
    if (fit === null) return TYPICAL;
    const least = (ASSUMED_SPREAD * fit.value) / Math.sqrt(pairs.length + 1);
    const spread = Math.max(fit.spread ?? 0, least);
    return {
      size: { value: fit.value, spread },
      readings: pairs.length,
      ofThis: ofThis.length,
      trust: trustOf(fit.value, spread, pairs.length),
    };
  }

  /** The other observations that a vessel's grains are learnt from: earlier of itself, or of the same source's oil. */
  dependsOn(state: VesselState): readonly Observation[] {
    const here = this.digestState(state);
    const { of, from } = this.observations();
    const [own, source] = [of.get(here.vesselId), here.source === null ? undefined : from.get(here.source)];
    // Of most vessels nobody has read anything.
    if (!own && !source) return [];
    return [...new Set([...(own ?? []), ...(source ?? [])])].filter(
      (o) => o.dirt === here.dirt && (o.past || o.vesselId !== here.vesselId),
    );
  }

  /** What has stood before, and what stands now: by the vessel, and by the source that most of it is from. */
  private observations(): Observations {
    if (this.read) return this.read;
    const { standings, vessels } = this.yard;
    const all = [
      ...standings
        .filter(tells)
        .slice(-MOST_STANDINGS)
        .map((s) => this.digestPast(s)),
      ...[...vessels.values()].filter((v) => v.stirredAt !== null && tells(v)).map((v) => this.digestState(v)),
    ];
    const read: Observations = { of: new Map(), from: new Map() };
    for (const o of all) {
      listed(read.of, o.vesselId, o);
      if (o.source !== null) listed(read.from, o.source, o);
    }
    this.read = read;
    return read;
  }

  private digestPast(s: PastStanding): Observation {
    return this.remember(s, [], () =>
      this.digest({ ...s, parts: partsOf(s.contents, this.yard.parts), usual: null }, true),
    );
  }

  private digestState(state: VesselState): Observation {
    return this.remember(state, [], () => {
      const parts = partsOf(state.contents, this.yard.parts);
      return this.digest({ ...state, since: state.stirredAt ?? this.now, parts, usual: state }, false);
    });
  }

  private digest(s: Looked, past: boolean): Observation {
    const { dirt, source } = provenanceOf(this.yard, s.parts);
    let known: readonly FrontPair[] | null = null;
    return {
      vesselId: s.vessel.id,
      past,
      dirt,
      source,
      pairs: () => {
        known ??= tells(s) && !isBroken(s.vessel) ? (covered(() => this.pairsIn(s, dirt)) ?? []) : [];
        return known;
      },
    };
  }

  private pairsIn(s: Looked, dirt: DirtKind): readonly FrontPair[] {
    const thickness = s.usual ? thicknessOf(this.yard, s.usual, s.parts) : assumed(this.yard.settings.usedFactor);
    const mix = mixOf(s.parts, thickness, this.yard.fluids);
    if (mix.length === 0) return [];
    const course = new FallCourse(liquidOf(mix), courseSince(this.yard, s, s.usual ? this.now : lastRead(s)), []);
    return pairsOf(s, dirt, course, this.yard.settings.readyFinesUm);
  }
}

const lastRead = ({ dips, jars }: Pick<PastStanding, "dips" | "jars">): string =>
  [dips.at(-1)?.at ?? "", jars.at(-1)?.at ?? ""].sort().at(-1) ?? "";

/** Whether anything was read that can show a front: most dips are of one fat line, and that shows none. */
const tells = ({ dips, jars }: Pick<PastStanding, "dips" | "jars">): boolean =>
  jars.length > 0 || dips.some((d) => d.clearMm !== undefined) || dips.filter((d) => d.fatMm !== undefined).length > 1;

/** Clear to within so much of the muck is clear down to it. */
const STICK_MM = 10;

/** What was read of one standing, as fall read against fall forecast. Doubtful readings are left out. */
function pairsOf(
  s: Pick<PastStanding, "vessel" | "since" | "drawnLitres" | "dips" | "jars"> & {
    readonly parts: readonly PartLitres[];
  },
  dirt: DirtKind,
  course: FallCourse,
  finesUm: FinesUm,
): FrontPair[] {
  const classes = waitedFor(dirt, finesUm);
  const hoursAt = (at: string): number => (Date.parse(at) - Date.parse(s.since)) / MS_PER_HOUR;
  const surface = (litres: number): number => heightAtLitres(s.vessel, Math.min(litres, capacityLitres(s.vessel)));
  const dips = s.dips.filter((d) => d.doubts.length === 0);
  const standing = s.parts.reduce((sum, p) => sum + p.litres, 0);
  // Dirt fell from where the surface stood before anything was drawn off the top.
  const stoodLitres = Math.max(standing + s.drawnLitres, ...[...s.dips, ...s.jars].map((r) => r.litres));
  const drawnMm = (litres: number): number => surface(stoodLitres) - surface(litres);
  const slowest = classes.reduce((a, b) => (course.fallMmAt(b, 1, 1e9) < course.fallMmAt(a, 1, 1e9) ? b : a));
  const fatMm = dips.findLast((d) => d.fatMm !== undefined)?.fatMm;
  const bottomMm = muckTopMm(layersOf(s.vessel, s.parts, { fatMm })) + STICK_MM;
  const clear = dips.flatMap((d) =>
    // Clear down to the muck is clear: it tells only that the last of it has come down some time ago.
    d.clearMm === undefined || d.clearMm <= bottomMm
      ? []
      : (pairOf(course, {
          dirt: slowest,
          hours: hoursAt(d.at),
          clearToMm: Math.max(0, (d.oilMm ?? surface(d.litres)) + drawnMm(d.litres) - d.clearMm),
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
