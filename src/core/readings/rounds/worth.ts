import { type ComponentId, isFat, isMuck } from "../../fluids";
import {
  type AccountName,
  roleOf,
  type Settings,
  type SourceId,
  type SourceState,
  type VesselRole,
  type VesselState,
  type YardState,
} from "../../ledger";

/** What became of a source's oil, read off the ledger's lineage. */
export interface Worth {
  /** Litres whose end is known: fuel, or out. What still settles is not among them. */
  readonly endedLitres: number;
  readonly usableShare: number;
  readonly sludgeShare: number;
  readonly fatShare: number;
  readonly bagsChanged: number;
  readonly bagsWashed: number;
  /** Price, bags and the way there, for each litre that became fuel. */
  readonly costPerUsableLitre: number;
  /** What each collected litre saved against bought fuel, all its costs taken off. */
  readonly savedPerLitre: number;
}

export interface SourceWorth {
  /** Null while too little of it has come to its end to say. */
  readonly worth: Worth | null;
  /** What the next litre is expected to yield: the lineage, leaning on the usual while there is little of it. */
  readonly expectedUsableShare: number;
  readonly badLots: readonly BadLot[];
}

export interface BadLot {
  readonly at: string;
  readonly litres: number;
  /** Water, sludge and fat in it when it came. */
  readonly muckShare: number;
}

type Fate = (typeof FATES)[number];

const ACCOUNT_FATE: Partial<Record<AccountName, Fate>> = { burned: "fuel", disposed: "sludge", lost: "sludge" };
/** Muck stays muck wherever it is; fat counts as fat once it is out, or waits in the kettle. */
function fateOf(component: ComponentId, where: Fate | undefined, role: VesselRole | null): Fate {
  if (isFat(component) && (where === "sludge" || role === "kettle")) return "fat";
  if (where === undefined) return "pending";
  return isMuck(component) ? "sludge" : where;
}

type Tally = Record<Fate, number>;
const FATES = ["fuel", "sludge", "fat", "pending"] as const;
export const NO_FATES: Readonly<Tally> = { fuel: 0, sludge: 0, fat: 0, pending: 0 };

/** Whose each part is, by its number; undefined: not asked yet. Neither a part's lot nor a lot's source ever changes. */
export type Owners = (SourceId | null | undefined)[];

const ownerIn =
  (yard: YardState, owners: Owners) =>
  (key: number): SourceId | null => {
    const known = owners[key];
    if (known !== undefined) return known;
    const found = yard.origins.get(yard.parts.origins[key] ?? "")?.source ?? null;
    owners[key] = found;
    return found;
  };

/** Litres at 15 °C of some oil by whose it is and what became of it. */
export type SourceFates = ReadonlyMap<SourceId, Readonly<Tally>>;
/** Gives what was counted of an account or a vessel before, as long as it is the same. */
type Remember = (key: object, on: readonly unknown[], count: () => SourceFates) => SourceFates;

/** Litres at 15 °C of every source's oil by what became of them. */
export function fatesOfSources(yard: YardState, owners: Owners, remember: Remember): SourceFates {
  const owner = ownerIn(yard, owners);
  const counts: SourceFates[] = [];
  for (const [name, where] of Object.entries(ACCOUNT_FATE) as [AccountName, Fate][]) {
    const account = yard.accounts[name];
    counts.push(remember(account, [yard.parts], () => inAccount(yard, account, where, owner)));
  }
  for (const state of yard.vessels.values())
    if (state.contents.total > 0) counts.push(remember(state, [yard.parts], () => inVessel(yard, state, owner)));
  const all = new Map<SourceId, Tally>();
  for (const count of counts)
    for (const [source, tally] of count) {
      const sum = all.get(source) ?? { ...NO_FATES };
      for (const fate of FATES) sum[fate] += tally[fate];
      all.set(source, sum);
    }
  return all;
}

type Owner = (key: number) => SourceId | null;

function inAccount(yard: YardState, account: readonly number[], where: Fate, owner: Owner): SourceFates {
  const tallies = new Map<SourceId, Tally>();
  for (let key = 0; key < account.length; key++) {
    const litres = account[key] as number;
    if (litres !== 0) count(tallies, owner(key), fateOf(yard.parts.component(key), where, null), litres);
  }
  return tallies;
}

function inVessel(yard: YardState, { vessel, contents }: VesselState, owner: Owner): SourceFates {
  const tallies = new Map<SourceId, Tally>();
  const where = roleOf(vessel.role).fate ?? undefined;
  for (let i = 0; i < contents.keys.length; i++) {
    const key = contents.keys[i] as number;
    const fate = fateOf(yard.parts.component(key), where, vessel.role);
    count(tallies, owner(key), fate, (contents.unscaled[i] as number) * contents.scale);
  }
  return tallies;
}

function count(tallies: Map<SourceId, Tally>, source: SourceId | null, fate: Fate, litres: number): void {
  if (!source) return;
  let tally = tallies.get(source);
  if (!tally) {
    tally = { ...NO_FATES };
    tallies.set(source, tally);
  }
  tally[fate] += litres;
}

/** Under this much ended oil, or this few pickups, a share would be chance. */
const LEAST_LITRES = 30;
const LEAST_PICKUPS = 3;
/** The usual share, worth so many litres of lineage. */
const USUAL_USABLE_SHARE = 0.8;
const USUAL_WORTH_LITRES = 40;

/** What a source's oil has been worth, from what became of its litres. */
export function worthOf(state: SourceState, { fuel, sludge, fat }: Readonly<Tally>, settings: Settings): SourceWorth {
  const ended = fuel + sludge + fat;
  const enough = ended >= LEAST_LITRES && state.pickups >= LEAST_PICKUPS && fuel > 0;
  const cost = state.paid + state.bagMoney + state.roundKm * settings.costPerKm;
  const costPerLitre = cost / state.litres;
  return {
    worth: enough
      ? {
          endedLitres: ended,
          usableShare: fuel / ended,
          sludgeShare: sludge / ended,
          fatShare: fat / ended,
          bagsChanged: state.bagsChanged,
          bagsWashed: state.bagsWashed,
          costPerUsableLitre: costPerLitre / (fuel / ended),
          savedPerLitre: (fuel / ended) * settings.fuelPricePerLitre - costPerLitre,
        }
      : null,
    expectedUsableShare: (fuel + USUAL_USABLE_SHARE * USUAL_WORTH_LITRES) / (ended + USUAL_WORTH_LITRES),
    badLots: badLots(state),
  };
}

const BAD_MUCK_SHARE = 0.15;
const TIMES_THE_USUAL = 2.5;

/** Lots that came with far more muck than this source's usual. */
function badLots(state: SourceState): BadLot[] {
  const taken = state.visits
    .filter((v) => v.outcome === "taken")
    .map(({ at, litres, muckLitres }) => ({ at, litres, muckShare: muckLitres / litres }));
  const shares = taken.map((v) => v.muckShare).sort((a, b) => a - b);
  const usual = shares[Math.floor((shares.length - 1) / 2)] ?? 0;
  return taken.filter((v) => v.muckShare > BAD_MUCK_SHARE && v.muckShare > TIMES_THE_USUAL * usual);
}
