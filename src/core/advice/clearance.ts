import type { ComponentId } from "../fluids";
import { askStep, type Clearance, type Place, type Receiver, type Step, type StepPart } from "../interlocks";
import { type Draft, partsOf, type Vessel, type VesselId, type YardState } from "../ledger";
import { capacityLitres } from "../vessels";
import { type IntakeWarning, intakeWarnings } from "./intake";
import { type ReadingWarning, readingWarnings } from "./readingDoubts";

const CLEAR: Clearance = { refusals: [], needs: [] };

export type DraftWarning = IntakeWarning | ReadingWarning;

/** The interlocks' word, and what speaks against it without forbidding it. */
export interface DraftClearance extends Clearance {
  readonly warnings: readonly DraftWarning[];
}

/**
 * May this be done, as the yard stands? Asked by every bench before it offers a step and by the store before it writes
 * one, so that no screen can go round it. What moves nothing is always clear.
 */
export function clearanceOf(yard: YardState, draft: Draft): DraftClearance {
  const step = stepOf(yard, draft);
  return {
    ...(step ? askStep(step) : CLEAR),
    warnings: [...intakeWarnings(yard, draft), ...readingWarnings(yard, draft)],
  };
}

function stepOf(yard: YardState, draft: Draft): Step | null {
  const step = (
    operation: Step["operation"],
    to: VesselId,
    parts: readonly StepPart[],
    celsius?: number,
  ): Step | null => {
    const into = receiverOf(yard, to);
    if (!into) return null;
    return {
      operation,
      parts,
      celsius: celsius ?? yard.settings.shedCelsius,
      into,
      drive: "gravity",
      pressurePa: 0,
      housingsPa: [],
      acidPurity: null,
      fatLimitShare: yard.settings.fatLimitShare,
      unattended: null,
    };
  };
  switch (draft.kind) {
    case "pickup":
    case "purchase":
      return step(
        "pour",
        draft.data.to,
        [{ substance: draft.data.fluid, amount: draft.data.amount.litres }],
        draft.data.amount.celsius,
      );
    case "move":
      return step(
        "pour",
        draft.data.to,
        contentsOf(yard, draft.data.from, draft.data.layer === "top"),
        draft.data.amount.celsius,
      );
    case "displace":
      return step("pour", draft.data.body, contentsOf(yard, draft.data.header, false), draft.data.amount.celsius);
    case "fining": {
      const water = step("dose", draft.data.vessel, [{ substance: "water", amount: draft.data.waterLitres }]);
      // As hot as the oil that it goes into, which was just warmed for it.
      return water && draft.data.celsius !== undefined
        ? { ...water, into: { ...water.into, celsius: draft.data.celsius } }
        : water;
    }
    case "disturbed":
      return draft.data.celsius === undefined
        ? null
        : step("heat", draft.data.vessel, contentsOf(yard, draft.data.vessel, false), draft.data.celsius);
    case "spin":
      return step("centrifuge", draft.data.to, contentsOf(yard, draft.data.from, false), draft.data.amount.celsius);
    case "draw-off":
      return step("pour", draft.data.to, contentsOf(yard, draft.data.from, true), draft.data.amount.celsius);
    case "filter-run":
      return step("filter", draft.data.to, contentsOf(yard, draft.data.from, false), draft.data.amount.celsius);
    case "fill":
      return step("fill-vehicle", draft.data.to, contentsOf(yard, draft.data.from, false), draft.data.amount.celsius);
    case "blend":
      return step(
        "blend",
        draft.data.to,
        draft.data.parts.flatMap((p) => scaledTo(contentsOf(yard, p.from, false), p.amount.litres)),
      );
    default:
      return null;
  }
}

/** Settled muck stays below what is drawn from the top. */
const STAYS_BELOW: ReadonlySet<ComponentId> = new Set(["water", "sludge", "fryer-fat"]);

function contentsOf(yard: YardState, from: VesselId, top: boolean): StepPart[] {
  const state = yard.vessels.get(from);
  const parts = state ? partsOf(state.contents, yard.parts) : [];
  return parts
    .filter((p) => !top || !STAYS_BELOW.has(p.component))
    .map((p) => ({ substance: p.component, amount: p.litres }));
}

function scaledTo(parts: readonly StepPart[], litres: number): StepPart[] {
  const all = parts.reduce((sum, p) => sum + p.amount, 0);
  return all > 0 ? parts.map((p) => ({ ...p, amount: (p.amount * litres) / all })) : [];
}

const placeOf = (vessel: Vessel): Place =>
  vessel.role === "tank" ? "vehicle-tank" : vessel.role === "kettle" ? "kettle" : "vessel";

/** What the yard does not know of a vessel is unknown, not safe: its material, and what pressure it bears. */
function receiverOf(yard: YardState, id: VesselId): Receiver | null {
  const state = yard.vessels.get(id);
  if (!state) return null;
  return {
    place: placeOf(state.vessel),
    open: true,
    heated: false,
    material: "unknown",
    ratedPa: null,
    parts: contentsOf(yard, id, false),
    celsius: state.celsius ?? yard.settings.shedCelsius,
    roomLitres: Math.max(0, capacityLitres(state.vessel) - state.contents.total),
  };
}
