import { byComponent, componentOf } from "../fluids";
import {
  type Draft,
  type Flow,
  flowsOf,
  isFiltered,
  partsOf,
  roleOf,
  type VesselId,
  type VesselRole,
  type VesselState,
  type YardState,
} from "../ledger";
import { ENGINE_OIL_BAG_UM, ENGINE_OIL_SHARE, shareOfFamily } from "../readings/vessel/family";
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
}

export const FITNESS_CODES = [
  "slops-into-fuel",
  "raw-into-fuel",
  "wet-into-fuel",
  "not-cleared-into-fuel",
  "unfiltered-into-tank",
  "engine-oil-into-tank",
  "engine-oil-and-petrol",
  "petrol-not-stood",
  "petrol-not-drained",
  "petrol-not-clear",
  "dyed-for-the-road",
  "untried-recipe",
  "ester-not-tested",
  "ester-failed",
  "kettle-not-walked",
  "kettle-not-safe",
  "stage-out-of-order",
  "out-of-date",
  "not-locked-out",
] as const;
export type FitnessCode = (typeof FITNESS_CODES)[number];

/** Under this much has a rinse, not a lot. */
const SOME_LITRES = 0.05;
/** Fines that still hang in what is drawn off, as a share of what hung at first. */
const HANGING_SHARE = 0.1;

/** What stands in these is on its way; what is called ready, or is in a tank already, is its owner's word. */
const UNTRUSTED: ReadonlySet<VesselRole> = new Set(["raw", "settling", "settler", "heel", "feed", "blend"]);

/**
 * What of an entry puts oil where it is burned from, or taken for ready, before it is fit for that. Cleaning steps may:
 * a run through the bags or a centrifuge is what makes it fit, and only what they leave in it counts.
 */
export function unfit(yard: YardState, draft: Draft, at: string): FitnessRefusal[] {
  // What stood there before the book, or was counted, is told, not done.
  if (draft.kind === "opening" || draft.kind === "stock-take") return [];
  return [
    ...flowsOf(draft).flatMap((flow) => [
      ...unfitFlow(yard, draft, flow),
      ...unfitPetrol(yard, flow, at),
      ...unfitDye(yard, flow, draft),
    ]),
    ...untriedIn(yard, draft),
    ...unfitKettle(yard, draft, at),
  ];
}

function unfitFlow(yard: YardState, draft: Draft, flow: Flow): FitnessRefusal[] {
  const into = flow.to === null ? undefined : yard.vessels.get(flow.to)?.vessel;
  const isTank = into?.role === "tank";
  if (!into || !(isTank || into.role === "ready")) return [];
  const refused = (code: FitnessCode): FitnessRefusal[] => [{ code, from: flow.from, into: into.id }];
  if (draft.kind === "pickup") return refused("raw-into-fuel");
  const state = flow.from === null ? undefined : yard.vessels.get(flow.from);
  if (!state || state.contents.total < SOME_LITRES || flow.from === flow.to) return [];
  if (flow.how === "spin") return [];
  const { role } = state.vessel;
  if (role === "waste") return refused("slops-into-fuel");
  if (state.quality.water?.wet) return refused("wet-into-fuel");
  if (isTank && holdsEngineOil(yard, state) && !isFine(state, ENGINE_OIL_BAG_UM))
    return refused("engine-oil-into-tank");
  if (flow.how === "filter") return [];
  if (draft.kind === "draw-off" && draft.data.suspendedShare > HANGING_SHARE) return refused("not-cleared-into-fuel");
  if (roleOf(role).settles && flow.layer === "mixed" && isWaste(yard, state))
    return refused(role === "heel" ? "slops-into-fuel" : "raw-into-fuel");
  if (isTank && UNTRUSTED.has(role) && isWaste(yard, state)) return refused("unfiltered-into-tank");
  return [];
}

const heldIn = (yard: YardState, { contents }: VesselState) => ({
  litres: contents.total,
  components: byComponent(partsOf(contents, yard.parts)),
});

const holdsEngineOil = (yard: YardState, state: VesselState): boolean =>
  shareOfFamily(heldIn(yard, state), "engine") > ENGINE_OIL_SHARE;

/** Bought diesel in a pail is no raw oil. */
const isWaste = (yard: YardState, state: VesselState): boolean =>
  heldIn(yard, state).components.some(
    ({ component, litres }) =>
      litres > 0.1 * state.contents.total && ["vegetable", "fat", "engine"].includes(componentOf(component).family),
  ) && !isFiltered(state.quality);

const isFine = ({ quality }: VesselState, um: number): boolean =>
  quality.filteredUm !== null && quality.filteredUm > 0 && quality.filteredUm <= um;
