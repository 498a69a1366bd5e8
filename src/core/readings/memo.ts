import type { BagState, SourceState, VehicleState, VesselState, YardState } from "../ledger";
import type { VehicleCold } from "./drive/vehicleCold";
import type { BagView } from "./filter/bagView";
import type { VesselReading } from "./reading";
import type { SourceView } from "./rounds/sourceView";
import type { Owners, SourceFates } from "./rounds/worth";
import type { Observation } from "./settle/grains";

/** All that a vessel's reading depends on besides its own state and what was read of others. */
interface Epoch {
  readonly now: string;
  readonly parts: YardState["parts"];
  readonly settings: YardState["settings"];
  readonly fluids: YardState["fluids"];
  readonly temperatures: number;
  readonly lastTemperature: unknown;
  readonly cups: readonly unknown[];
  readonly sources: readonly unknown[];
}

const epochOf = (yard: YardState, now: string): Epoch => ({
  now,
  parts: yard.parts,
  settings: yard.settings,
  fluids: yard.fluids,
  temperatures: yard.shedTemperatures.length,
  lastTemperature: yard.shedTemperatures.at(-1),
  cups: [...yard.cups.values()],
  sources: Array.from(yard.sources.values(), (s) => s.source),
});

export const sameList = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((x, i) => x === b[i]);

const sameEpoch = (a: Epoch, b: Epoch): boolean =>
  a.now === b.now &&
  a.parts === b.parts &&
  a.settings === b.settings &&
  a.fluids === b.fluids &&
  a.temperatures === b.temperatures &&
  a.lastTemperature === b.lastTemperature &&
  sameList(a.cups, b.cups) &&
  sameList(a.sources, b.sources);

/** One remembered value an object, forgotten with it. */
export class Remembered<K extends object, V> {
  private readonly values = new WeakMap<K, { readonly on: readonly unknown[]; readonly value: V }>();

  /** What was reckoned for `key` while all of `on` was the same; else reckoned now. */
  get(key: K, on: readonly unknown[], reckon: () => V): V {
    const known = this.values.get(key);
    if (known && sameList(known.on, on)) return known.value;
    const value = reckon();
    this.values.set(key, { on, value });
    return value;
  }
}

/**
 * What has been read of a yard, kept between two views of it: a reading is made anew only when its vessel, or something
 * it depends on, has changed. One for each yard that is looked at again and again, passed in.
 */
export class ReadingMemo {
  private epoch: Epoch | null = null;
  readonly vessels = new Remembered<VesselState, VesselReading>();
  readonly observations = new Remembered<object, Observation>();
  readonly sources = new Remembered<SourceState, SourceView>();
  readonly bags = new Remembered<BagState, BagView>();
  readonly cold = new Remembered<VehicleState, VehicleCold>();
  readonly sums = new Remembered<readonly number[], number>();
  /** What became of each source's oil, by the account or the vessel it is in. */
  readonly fates = new Remembered<object, SourceFates>();

  private readonly ownersOf = new WeakMap<YardState["parts"], Owners>();

  /** Whose each part of a yard is, as far as it was asked. */
  owners({ parts }: YardState): Owners {
    const known = this.ownersOf.get(parts) ?? [];
    this.ownersOf.set(parts, known);
    return known;
  }

  /** The epoch of a view: the same object as long as nothing in it has changed. */
  at(yard: YardState, now: string): object {
    const next = epochOf(yard, now);
    if (!this.epoch || !sameEpoch(this.epoch, next)) this.epoch = next;
    return this.epoch;
  }
}
