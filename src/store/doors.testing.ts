import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { amissIn } from "@/core/facts";
import {
  BagId,
  BatchId,
  buildTimeline,
  type Draft,
  deadIds,
  type Entry,
  SourceId,
  type Timeline,
  VehicleId,
  type Vessel,
  VesselId,
  type VesselRole,
} from "@/core/ledger";
import { offerAct } from "./offer";

/**
 * A yard in which everything that must not meet stands side by side, and somebody who tries every door at random: verbs,
 * corrections, voids, voids of voids, backdated entries, vessels that are said to be something else. Whatever the gates
 * refuse he tries again another way; now and then he says that it has happened all the same.
 */
export const MINUTE_MS = 60_000;
const START_MS = Date.UTC(2026, 0, 5, 8);
const STEP_MS = 90 * MINUTE_MS;

const ROLES = {
  pail: "raw",
  drum: "settling",
  heel: "heel",
  feed: "feed",
  can: "blend",
  pot: "kettle",
  washer: "wash",
  tub: "glycerol",
  lye: "chemical",
  acid: "chemical",
  spirit: "chemical",
  ready: "ready",
  petrol: "thinner",
  diesel: "thinner",
  tank: "tank",
  slops: "waste",
} as const satisfies Record<string, VesselRole>;
const IDS = Object.keys(ROLES);
const vid = (id: string): VesselId => VesselId.parse(id);

const vesselOf = (id: string, role: VesselRole): Vessel => ({
  id: vid(id),
  name: id,
  role,
  shape: { kind: "cylinder", diameterMm: 571.5 },
  rimMm: 850,
  isClosed: true,
  material: id === "acid" ? "glass" : "polyethylene",
});

const buy = (to: string, fluid: string, litres: number): Draft =>
  ({ kind: "purchase", data: { to: vid(to), fluid, amount: { litres } } }) as Draft;

const BATCH = BatchId.parse("batch");
const SOURCE = SourceId.parse("kitchen");
const BAG = BagId.parse("bag");
const TRACTOR = VehicleId.parse("tractor");

/** What stands there before anybody tries anything. */
export function startDrafts(rig: unknown, recipe: unknown): Draft[] {
  return [
    ...Object.entries(ROLES).map(([id, role]): Draft => ({ kind: "vessel", data: vesselOf(id, role) })),
    { kind: "source", data: { id: SOURCE, name: "Kitchen", container: "20 L jerrycan" } },
    { kind: "bag", data: { id: BAG, name: "5 µm", ratingUm: 5, areaM2: 0.25 } },
    {
      kind: "vehicle",
      data: { id: TRACTOR, name: "Tractor", kind: "single", tank: vid("tank"), burnLitresPerHour: 5, rig },
    } as Draft,
    { kind: "batch", data: { id: BATCH, name: "Batch", kettle: vid("pot"), is: "batch", recipe } } as Draft,
    pickup("pail", 60),
    pickup("drum", 90),
    buy("petrol", "petrol", 40),
    buy("diesel", "diesel", 60),
    buy("lye", "sodium-hydroxide", 4),
    buy("acid", "sulfuric-acid", 4),
    buy("spirit", "methanol", 30),
    { kind: "opening", data: { to: vid("washer"), fluid: "biodiesel", amount: { litres: 50 }, muck: {} } },
    { kind: "opening", data: { to: vid("heel"), fluid: "canola", amount: { litres: 30 }, muck: {} } },
    { kind: "stock-take", data: { vessel: vid("tub"), found: { litres: 20 }, gainOf: "glycerol" } },
    { kind: "opening", data: { to: vid("tank"), fluid: "diesel", amount: { litres: 20 }, muck: {} } },
  ];
}

function pickup(to: string, litres: number): Draft {
  return { kind: "pickup", data: { source: SOURCE, to: vid(to), fluid: "canola", amount: { litres }, muck: {} } };
}

/** Chance, seeded: the same acts every time. */
export class Chance {
  private readonly from: ReturnType<typeof xoroshiro128plus>;
  constructor(seed: number) {
    this.from = xoroshiro128plus(seed);
  }
  below(n: number): number {
    return Math.abs(this.from.next()) % n;
  }
  of<T>(items: readonly T[]): T {
    return items[this.below(items.length)] as T;
  }
  is(share: number): boolean {
    return this.below(1000) < share * 1000;
  }
}

type Make = (c: Chance) => Draft;
const pair = (c: Chance): { from: VesselId; to: VesselId } => {
  const from = c.of(IDS);
  return { from: vid(from), to: vid(c.of(IDS.filter((id) => id !== from))) };
};
const litres = (c: Chance): number => 1 + c.below(12);
const amount = (c: Chance) => (c.is(0.15) ? ({ all: true } as const) : { litres: litres(c) });
const layer = (c: Chance) => c.of(["mixed", "mixed", "top", "bottom"] as const);

/** Every verb that moves something from one vessel to another, or says what one is. */
export const VERBS: Readonly<Record<string, Make>> = {
  move: (c) => ({ kind: "move", data: { ...pair(c), amount: amount(c), layer: layer(c) } }),
  "draw-off": (c) => ({
    kind: "draw-off",
    data: { ...pair(c), amount: { litres: litres(c) }, suctionMm: 60, suspendedShare: c.below(5) / 10 },
  }),
  "filter-run": (c) => ({
    kind: "filter-run",
    data: { ...pair(c), bags: [BAG], amount: { litres: litres(c) }, minutes: 9, lossLitres: 0.1 },
  }),
  spin: (c) => ({ kind: "spin", data: { ...pair(c), amount: { litres: litres(c) }, pasteLitres: 0.1, cutUm: 5 } }),
  fill: (c) => ({ kind: "fill", data: { vehicle: TRACTOR, from: pair(c).from, to: vid("tank"), amount: amount(c) } }),
  blend: (c) => {
    const { from, to } = pair(c);
    return { kind: "blend", data: { to, parts: [{ from, amount: { litres: litres(c) } }] } };
  },
  charge: (c) => ({
    kind: "charge",
    data: {
      batch: BATCH,
      stage: "methoxide",
      into: vid(c.of(["pot", "spirit", "lye", "tank"])),
      parts: [{ from: pair(c).from, amount: { litres: litres(c) } }],
    },
  }),
  split: (c) => ({
    kind: "split",
    data: {
      batch: BATCH,
      phase: "glycerol",
      ...pair(c),
      amount: { litres: litres(c) },
      below: [{ component: "glycerol", share: 1 }],
    },
  }),
  "clean-out": (c) => {
    const { from, to } = pair(c);
    return { kind: "clean-out", data: { vessel: from, to, amount: { litres: litres(c) } } };
  },
  purchase: (c) =>
    buy(c.of(IDS), c.of(["petrol", "methanol", "sodium-hydroxide", "sulfuric-acid", "diesel"]), litres(c)),
  pickup: (c) => pickup(c.of(IDS), litres(c)),
  opening: (c) => ({
    kind: "opening",
    data: {
      to: vid(c.of(IDS)),
      fluid: c.of(["canola", "biodiesel", "petrol"]),
      amount: { litres: litres(c) },
      muck: {},
    },
  }),
  wash: (c) => ({
    kind: "wash",
    data: { batch: BATCH, vessel: vid(c.of(IDS)), how: "mist", waterLitres: litres(c), vinegarMl: 0 },
  }),
  "fuel-test": (c) => ({
    kind: "fuel-test",
    data: {
      batch: BATCH,
      vessel: vid("washer"),
      test: c.of(["solubility", "soap", "water"] as const),
      value: c.is(0.7) ? 0.01 : 900,
    },
  }),
  dispose: (c) => ({ kind: "dispose", data: { from: pair(c).from, amount: amount(c), layer: layer(c), where: "tip" } }),
  vessel: (c) => {
    const id = c.of(IDS);
    const role = c.is(0.6) ? ROLES[id as keyof typeof ROLES] : c.of(Object.values(ROLES));
    const made = c.is(0.2) ? { material: "aluminium" as const } : {};
    return { kind: "vessel", data: { ...vesselOf(id, role), ...made } };
  },
};

/** The yard as it is tried, and how often each thing came of it. */
export class Doors {
  timeline: Timeline;
  private nowMs = START_MS;
  private counter = 0;
  private serial = 0;
  readonly came = { taken: 0, refused: 0, despite: 0, impossible: 0 };

  /** Strict: nobody ever owns up to anything, and nothing more is found; then nothing may ever be amiss. */
  constructor(
    private readonly chance: Chance,
    start: readonly Draft[],
    private readonly isStrict: boolean,
  ) {
    this.timeline = buildTimeline([]);
    for (const draft of start) this.write([draft]);
  }

  /** One act by one door. */
  tryOne(): void {
    const c = this.chance;
    const act = c.is(0.6) ? [this.verb()] : c.is(0.5) ? this.correction() : this.voided();
    if (act.length === 0) return;
    const refused = this.write(act);
    if (refused.length === 0 || this.isStrict || !c.is(0.04)) return;
    this.came.despite += 1;
    this.write(act.map((d) => ({ ...d, despite: [...new Set([...(d.despite ?? []), ...refused])] })));
  }

  private verb(): Draft {
    const c = this.chance;
    const verbs = Object.keys(VERBS).filter((v) => !this.isStrict || v !== "opening");
    const draft = (VERBS[c.of(verbs)] as Make)(c);
    return c.is(0.3) ? { ...draft, happenedAt: this.earlier() } : draft;
  }

  private earlier(): string {
    return new Date(START_MS + this.chance.below(Math.max(1, this.nowMs - START_MS))).toISOString();
  }

  /** An entry that counts, said to be another of its kind, or to have been at another time. */
  private correction(): Draft[] {
    const c = this.chance;
    const entry = this.recent();
    const make = entry && VERBS[entry.kind];
    if (!entry || !make) return [];
    const fresh = make(c);
    const moved = c.is(0.3) ? { happenedAt: this.earlier() } : { happenedAt: entry.happenedAt };
    const data = c.is(0.2) ? entry.data : fresh.data;
    // Its old words do not go along: what it would be now is asked anew.
    return [{ kind: entry.kind, data, replaces: entry.id, ...moved } as Draft];
  }

  /** Taken back, or brought back: of an entry that counts, or of a void. */
  private voided(): Draft[] {
    const c = this.chance;
    const all = [...this.timeline.byId.values()];
    const dead = deadIds(all);
    const open = all.slice(-200).filter((e) => !dead.has(e.id) && (e.kind === "void" || VERBS[e.kind] !== undefined));
    if (open.length === 0) return [];
    return [{ kind: "void", data: { entry: c.of(open).id, reason: "undone" } }];
  }

  private recent(): Entry | undefined {
    const may = (e: Entry): boolean => VERBS[e.kind] !== undefined && !(this.isStrict && e.kind === "opening");
    const live = this.timeline.live.slice(-120).filter(may);
    return live.length > 0 ? this.chance.of(live) : undefined;
  }

  /** Through the store's own door; the codes by which it was refused. */
  private write(drafts: readonly Draft[]): string[] {
    this.nowMs += STEP_MS;
    const present = new Date(this.nowMs).toISOString();
    const ids = [...drafts, null].map(() => `e${String(this.serial++).padStart(7, "0")}`);
    const stamp = { ids, now: present, look: { at: null, have: null } };
    const offered = offerAct(this.timeline, drafts, stamp, { present, device: "door", counter: this.counter });
    if (offered.ok) {
      this.timeline = offered.value.timeline;
      this.counter += drafts.length;
      this.came.taken += 1;
      return [];
    }
    if (offered.error.code !== "not-safe") {
      this.came.impossible += 1;
      return [];
    }
    this.came.refused += 1;
    return offered.error.refusals.map((r) => r.code);
  }

  /** All that stands in the yard and must not. */
  amiss(): string[] {
    const { head } = this.timeline;
    return [...head.vessels.values()].flatMap((state) => amissIn(head, state).map((a) => `${a.code} in ${a.vessel}`));
  }

  /** Of that, what nobody has owned up to in the books and nobody found there. */
  unowned(): string[] {
    const owned = new Set([...this.timeline.byId.values()].flatMap((e) => e.despite ?? []));
    const found = new Set(
      this.timeline.live.flatMap((e) =>
        e.kind === "opening" ? [e.data.to] : e.kind === "stock-take" ? [e.data.vessel] : [],
      ),
    );
    return this.amiss().filter((a) => {
      const [code = "", vessel = ""] = a.split(" in ");
      return !owned.has(code) && !found.has(vid(vessel));
    });
  }
}
