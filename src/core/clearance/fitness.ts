import { FUEL_ROLES, heldIn, SOME_SHARE } from "../facts";
import { componentOf } from "../fluids";
import { ENGINE_OIL_SHARE } from "../fluids/engineOil";
import {
  CLEAR_HANGING_SHARE,
  type Draft,
  type Flow,
  flowsOf,
  isFiltered,
  takenQuality,
  throughUm,
  type VesselId,
  type VesselState,
  type YardState,
} from "../ledger";
import { ENGINE_OIL_BAG_UM } from "../readings/vessel/family";
import { unfitChemicals } from "./chemicals";
import { unfitDye } from "./dye";
import { unfitKettle } from "./kettle";
import { unfitPetrol } from "./petrolBlend";
import { untriedIn } from "./untried";

/** Why oil is not fit for where it is to go: what an engine burns next, or what its owner will take for ready. */
export interface FitnessRefusal {
  readonly code: FitnessCode;
  readonly from: VesselId | null;
  readonly into: VesselId;
  /** Until when it stands, where that is all it needs. */
  readonly until?: string;
  /** Litres that would then stand where they must not. */
  readonly litres?: number;
}

export const FITNESS_CODES = [
  "slops-into-fuel",
  "raw-into-fuel",
  "wet-into-fuel",
  "water-not-tested",
  "not-cleared-into-fuel",
  "unfiltered-into-tank",
  "engine-oil-into-tank",
  "engine-oil-and-petrol",
  "petrol-not-stood",
  "petrol-not-drained",
  "petrol-not-clear",
  "petrol-dark-not-tested",
  "black-blend-not-here",
  "dyed-for-the-road",
  "untried-recipe",
  "ester-not-tested",
  "ester-failed",
  "kettle-not-walked",
  "kettle-not-safe",
  "stage-out-of-order",
  "out-of-date",
  "not-locked-out",
  "petrol-in-unfit-vessel",
  "poison-in-food-vessel",
  "lye-meets-acid",
  "methanol-in-oil",
  "lye-in-oil",
  "acid-in-oil",
  "glycerol-in-oil",
  "wash-water-in-oil",
  "petrol-in-kettle",
  "caustic-eats-metal",
  "caustic-swells-rubber",
] as const;
export type FitnessCode = (typeof FITNESS_CODES)[number];

/** Under this much has a rinse, not a lot. */
const SOME_LITRES = 0.05;
/** Pour brings it in or says it was there: told, not done. */
const FOUND: ReadonlySet<Draft["kind"]> = new Set(["opening", "stock-take"]);
/** What stood there before the book, or was counted, is taken as it is, and stands as a word on the vessel. */
export const isFound = ({ kind }: Draft): boolean => FOUND.has(kind);

/**
 * What of an entry puts oil where it is burned from, or taken for ready, before it is fit for that. The litres are asked
 * what they have been through, wherever they stand now. Cleaning steps may: a run through the bags or a centrifuge is
 * what makes oil fit, and only what they leave in it counts.
 */
export function unfit(yard: YardState, draft: Draft, at: string): FitnessRefusal[] {
  return [
    ...flowsOf(draft).flatMap((flow) => [
      ...unfitFlow(yard, draft, flow, at),
      ...unfitPetrol(yard, draft, flow, at),
      ...unfitDye(yard, flow, draft),
      ...unfitChemicals(yard, flow),
    ]),
    ...untriedIn(yard, draft),
    ...unfitKettle(yard, draft, at),
  ];
}

function unfitFlow(yard: YardState, draft: Draft, flow: Flow, at: string): FitnessRefusal[] {
  const into = flow.to === null ? undefined : yard.vessels.get(flow.to)?.vessel;
  if (!into || !FUEL_ROLES.has(into.role)) return [];
  const isTank = into.role === "tank";
  const refused = (code: FitnessCode): FitnessRefusal[] => [{ code, from: flow.from, into: into.id }];
  if (draft.kind === "pickup") return fetchedUnfit(yard, draft, isTank).flatMap(refused);
  const state = flow.from === null ? undefined : yard.vessels.get(flow.from);
  if (!state || state.contents.total < SOME_LITRES || flow.from === flow.to || flow.how === "spin") return [];
  const { role } = state.vessel;
  if (role === "waste" && flow.how !== "filter") return refused("slops-into-fuel");
  if (state.quality.water?.wet) return refused("wet-into-fuel");
  const held = heldIn(yard, state);
  const ownUm = draft.kind === "filter-run" ? throughUm(yard, draft.data.bags) : null;
  const isFineNow = isFine(state, ENGINE_OIL_BAG_UM) || (ownUm !== null && ownUm <= ENGINE_OIL_BAG_UM);
  if (isTank && held.engineOil > ENGINE_OIL_SHARE * held.total && !isFineNow) return refused("engine-oil-into-tank");
  const raw = isUncleared(yard, state, draft, flow, at) ? (isSlops(state) ? "slops-into-fuel" : "raw-into-fuel") : null;
  // Bags are there to clean: straight out of them into a tank nothing has rested, and nobody has looked at it.
  if (flow.how === "filter") return isTank && raw && isMostlyRaw(state) ? refused(raw) : [];
  if (draft.kind === "draw-off" && draft.data.suspendedShare > CLEAR_HANGING_SHARE)
    return refused("not-cleared-into-fuel");
  // What was drawn off hazy waits for the bags already: they are what it still needs.
  if (raw && !(isTank && role === "feed")) return refused(raw);
  const unfiltered = Math.min(state.quality.unfilteredShare * held.total, held.oil);
  return isTank && unfiltered > SOME_SHARE * held.total ? refused("unfiltered-into-tank") : [];
}

/** Oil that is fetched straight into fuel: what the filter there makes of it counts, and no filter holds back water. */
function fetchedUnfit(yard: YardState, { data }: Fetched, isTank: boolean): FitnessCode[] {
  const finestUm = throughUm(yard, data.through ?? []);
  if (!isFiltered({ filteredUm: finestUm })) return ["raw-into-fuel"];
  const isEngine = componentOf(data.fluid).family === "engine";
  if (isTank && isEngine && (finestUm ?? Number.POSITIVE_INFINITY) > ENGINE_OIL_BAG_UM) return ["engine-oil-into-tank"];
  if (data.pan === undefined) return ["water-not-tested"];
  return data.pan === "quiet" ? [] : ["wet-into-fuel"];
}

type Fetched = Extract<Draft, { kind: "pickup" }>;

/** A haze is what bags are for; raw oil and slops are not. */
const MOSTLY = 0.5;
export const isMostlyRaw = ({ quality, vessel }: VesselState): boolean =>
  quality.unclearedShare > MOSTLY || vessel.role === "waste";

const isSlops = ({ vessel }: VesselState): boolean => vessel.role === "waste" || vessel.role === "heel";

/** Oil that has neither settled, been spun nor filtered; what is drawn off above a line that has, has. */
export function isUncleared(yard: YardState, state: VesselState, draft: Draft, flow: Flow, at: string): boolean {
  if (state.quality.unclearedShare <= SOME_SHARE && state.vessel.role !== "waste") return false;
  if (draft.kind === "draw-off" || draft.kind === "displace") return false;
  if (flow.layer !== "top") return true;
  const hung = draft.kind === "move" || draft.kind === "filter-run" ? draft.data.hanging : undefined;
  return takenQuality(yard, state.vessel.id, flow.amount, at, flow.layer, hung).unclearedShare > SOME_SHARE;
}

const isFine = ({ quality }: VesselState, um: number): boolean =>
  quality.filteredUm !== null && quality.filteredUm > 0 && quality.filteredUm <= um;
