import type { Liquid } from "../fluids";
import { bisect, forEachNode, OutOfRange } from "../numerics";
import { GRAVITY_M_PER_S2 } from "../units";
import type { DirtClass, DirtDensity } from "./dirt";
import { type Thinness, ThinnessTable } from "./thinness";

/** Temperature at an hour since the start; linear between points, the first and last held outside them. */
export type TemperaturePoint = readonly [hour: number, celsius: number];
/** Hours since the start in which a heater ran: its convection keeps small dirt up, so nothing counts as fallen. */
export type HeaterRun = readonly [fromHour: number, toHour: number];

/** Three-point Gauss–Legendre is good to a millionth over so much, even where cold oil thickens fast. */
const KELVIN_PER_PANEL = 10;
const MM_PER_M = 1000;
const SECONDS_PER_HOUR = 3600;

interface Piece {
  readonly from: number;
  readonly to: number;
  readonly startCelsius: number;
  readonly endCelsius: number;
  readonly stirred: boolean;
}

const NOTHING: Readonly<Thinness> = { thin: 0, oil: 0, water: 0 };

/**
 * How far dirt falls through an oil over a course of temperatures: ∫v dt with Stokes' v, d²·g·∫(ρp − ρf)/(18 μ) dt.
 * The three integrals are the same for every class, so they are worked out once, and only as far as somebody asks.
 * Source: physics §3; exact for one temperature, three-point Gauss–Legendre where it changes.
 */
export class FallCourse {
  private readonly pieces: Piece[] = [];
  /** Thinness at the start of each piece. */
  private readonly before: Thinness[] = [{ ...NOTHING }];
  private readonly next: Iterator<Piece>;
  private readonly table: ThinnessTable;

  constructor(oil: Liquid, temperatures: readonly TemperaturePoint[], heaterOn: readonly HeaterRun[]) {
    this.table = new ThinnessTable(oil);
    this.next = heaterOn.length > 0 ? stirring(pieces(temperatures), heaterOn) : pieces(temperatures);
  }

  /**
   * mm a class has fallen by an hour; negative for what rises. Past `enoughMm` nobody asks how far it would have gone
   * on through the bottom, so the sum stops there.
   */
  fallMmAt(dirt: DirtClass, hours: number, enoughMm: number): number {
    for (let i = this.knownBefore(hours); ; i++) {
      const piece = this.piece(i);
      const start = this.sumsBefore(i);
      const fallen = fallMm(dirt, start);
      if (fallen >= enoughMm || hours <= piece.from) return fallen;
      if (hours <= piece.to) return fallMm(dirt, this.until(piece, start, hours));
    }
  }

  /** Hours until a class has fallen so far, or null where it does not sink at the temperature that is held last. */
  hoursToFall(dirt: DirtClass, depthMm: number): number | null {
    if (depthMm <= 0) return 0;
    for (let i = 0; ; i++) {
      const piece = this.piece(i);
      const start = this.sumsBefore(i);
      if (piece.to === Number.POSITIVE_INFINITY) {
        const fallen = fallMm(dirt, start);
        const perHour = fallMm(dirt, this.until(piece, NOTHING, piece.from + 1));
        return perHour > 0 ? piece.from + (depthMm - fallen) / perHour : null;
      }
      if (fallMm(dirt, this.sumsBefore(i + 1)) >= depthMm)
        return bisect((hour) => fallMm(dirt, this.until(piece, start, hour)) - depthMm, piece.from, piece.to);
    }
  }

  /** The last piece that starts by an hour and is summed up to already: where a sum need not begin anew. */
  private knownBefore(hours: number): number {
    let [low, high] = [0, this.before.length - 1];
    while (low < high) {
      const middle = Math.ceil((low + high) / 2);
      if (this.piece(middle).from <= hours) low = middle;
      else high = middle - 1;
    }
    return low;
  }

  private piece(i: number): Piece {
    while (this.pieces.length <= i) this.pieces.push(this.next.next().value as Piece);
    return this.pieces[i] as Piece;
  }

  private sumsBefore(i: number): Thinness {
    while (this.before.length <= i) {
      const at = this.before.length - 1;
      const piece = this.piece(at);
      this.before.push(this.until(piece, this.before[at] as Thinness, piece.to));
    }
    return this.before[i] as Thinness;
  }

  /** The sums at an hour in a piece, given those at its start. */
  private until(p: Piece, start: Thinness, hour: number): Thinness {
    const sums = { thin: start.thin, oil: start.oil, water: start.water };
    if (p.stirred || hour <= p.from) return sums;
    if (p.startCelsius === p.endCelsius) {
      this.table.addExactly(sums, p.startCelsius, hour - p.from);
      return sums;
    }
    const slope = (p.endCelsius - p.startCelsius) / (p.to - p.from);
    const panels = Math.ceil(Math.abs(p.endCelsius - p.startCelsius) / KELVIN_PER_PANEL);
    forEachNode(p.from, hour, panels, (at, hours) =>
      this.table.addAbout(sums, p.startCelsius + slope * (at - p.from), hours),
    );
    return sums;
  }
}

/** mm that a class falls while the sums run up. */
function fallMm(dirt: DirtClass, sums: Thinness): number {
  const pull = pullOf(dirt.density, sums);
  return pull * GRAVITY_M_PER_S2 * (dirt.diameterUm * 1e-6) ** 2 * SECONDS_PER_HOUR * MM_PER_M;
}

function pullOf(density: DirtDensity, sums: Thinness): number {
  if (density.kind === "fixed") return density.kgPerM3 * sums.thin - sums.oil;
  if (density.kind === "over-oil") return density.kgPerM3 * sums.thin;
  // Over its boil water does not fall, it foams: there is no answer to give.
  if (Number.isNaN(sums.water)) throw new OutOfRange("temperatures", 101, -60, 100);
  return sums.water - sums.oil;
}

/** The pieces of the temperature's curve, one after another, the last without end. */
function* pieces(temperatures: readonly TemperaturePoint[]): Generator<Piece> {
  const first = temperatures[0];
  if (!first) throw new Error("settling needs at least one temperature");
  const piece = (from: number, to: number, startCelsius: number, endCelsius: number): Piece => ({
    from,
    to,
    startCelsius,
    endCelsius,
    stirred: false,
  });
  if (first[0] > 0) yield piece(0, first[0], first[1], first[1]);
  let [h0, c0] = first;
  for (const [h1, c1] of temperatures) {
    if (h1 === h0) continue;
    if (h1 > 0) yield piece(Math.max(h0, 0), h1, h0 < 0 ? c0 + ((c1 - c0) * -h0) / (h1 - h0) : c0, c1);
    [h0, c0] = [h1, c1];
  }
  yield piece(Math.max(h0, 0), Number.POSITIVE_INFINITY, c0, c0);
}

/** The same pieces, cut where a heater goes on and off. */
function* stirring(all: Iterable<Piece>, heaterOn: readonly HeaterRun[]): Generator<Piece> {
  const edges = heaterOn.flat().sort((a, b) => a - b);
  const on = (hour: number): boolean => heaterOn.some(([from, to]) => hour >= from && hour < to);
  for (const p of all) {
    const cuts = [p.from, ...edges.filter((e) => e > p.from && e < p.to), p.to];
    const slope = (p.endCelsius - p.startCelsius) / (p.to - p.from);
    const celsiusAt = (hour: number): number =>
      p.startCelsius === p.endCelsius ? p.startCelsius : p.startCelsius + slope * (hour - p.from);
    for (const [i, from] of cuts.slice(0, -1).entries()) {
      const to = cuts[i + 1] ?? p.to;
      yield {
        from,
        to,
        startCelsius: celsiusAt(from),
        endCelsius: to === p.to ? p.endCelsius : celsiusAt(to),
        stirred: on(from),
      };
    }
  }
}
