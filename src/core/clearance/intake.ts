import { FUEL_ROLES } from "../facts";
import { byComponent, componentOf } from "../fluids";
import { ENGINE_OIL_SHARE } from "../fluids/engineOil";
import {
  type Draft,
  type EntryOf,
  type Flow,
  type PlaceId,
  partsOf,
  roleOf,
  type VesselId,
  type VesselState,
  type YardState,
} from "../ledger";
import { KG_PER_LITRE, safeLitres, staysApart } from "../readings/terms";
import { isCreamy, shareOfFamily } from "../readings/vessel/family";
import { judgeLot } from "../rounds";
import { flowsInto } from "./pours";

/** Something to think of before oil goes into a vessel; it may still be done. */
export type IntakeWarning =
  | { readonly code: "doubtful-into-good"; readonly vessel: VesselId; readonly litres: number }
  | { readonly code: "engine-into-kitchen"; readonly vessel: VesselId }
  | { readonly code: "kitchen-into-engine"; readonly vessel: VesselId }
  | { readonly code: "past-safe-level"; readonly vessel: VesselId; readonly safeLitres: number }
  | { readonly code: "wet-into-dry"; readonly vessel: VesselId; readonly litres: number }
  | { readonly code: "not-stood-there"; readonly vessel: VesselId }
  | { readonly code: "past-payload"; readonly overKg: number };

const SOME_LITRES = 0.5;

/** What comes in, as the rules look at it. */
interface Incoming {
  readonly litres: number;
  readonly engine: boolean;
  readonly doubtful: boolean;
  /** Already aboard the same place: its weight is there before and after. */
  readonly fromPlace: PlaceId | undefined;
}

/**
 * What speaks against bringing oil in or moving it, as the yard stands: by whatever door, a tap, a hose, a line of bags.
 * Each is said before the step and left to the person.
 */
export function intakeWarnings(yard: YardState, draft: Draft): IntakeWarning[] {
  // What stood there is told; what a trip left where is the loop's doing.
  if (draft.kind === "opening" || draft.kind === "trip") return [];
  return [...flowsInto(draft)].flatMap(([to, flows]) => {
    const state = yard.vessels.get(to);
    if (!state || state.vessel.role === "waste") return [];
    const incoming = flows.map((flow) => incomingOf(yard, draft, flow, state));
    const litres = incoming.reduce((sum, i) => sum + i.litres, 0);
    return [
      ...once(flows.flatMap(({ from }) => (from === null ? [] : wetIntoDry(yard, from, to)))),
      ...once(incoming.flatMap((i) => mixing(yard, i, state))),
      ...unrested(draft, state),
      ...level(litres, state),
      ...payload(yard, incoming, state.vessel.place),
    ];
  });
}

const once = <T>(said: readonly T[]): readonly T[] => said.slice(0, 1);

/** Under a day nothing has sunk: water and warm fat go through every filter with the oil. */
const RESTED_DAYS = 1;
function unrested(draft: Draft, { vessel }: VesselState): IntakeWarning[] {
  if (draft.kind !== "pickup" || !FUEL_ROLES.has(vessel.role) || (draft.data.through ?? []).length === 0) return [];
  return (draft.data.stoodThereDays ?? 0) < RESTED_DAYS ? [{ code: "not-stood-there", vessel: vessel.id }] : [];
}

/** A wet lot makes wet what it is poured into. */
function wetIntoDry(yard: YardState, from: VesselId, to: VesselId): IntakeWarning[] {
  const there = yard.vessels.get(to);
  if (
    !there ||
    !yard.vessels.get(from)?.quality.water?.wet ||
    there.quality.water?.wet ||
    !roleOf(there.vessel.role).good
  )
    return [];
  const litres = there.contents.total;
  return litres > SOME_LITRES ? [{ code: "wet-into-dry", vessel: to, litres }] : [];
}

function incomingOf(yard: YardState, draft: Draft, flow: Flow, { contents }: VesselState): Incoming {
  const { from, amount, layer } = flow;
  const source = from === null ? undefined : yard.vessels.get(from);
  const litres = "all" in amount ? (source?.contents.total ?? contents.total) : amount.litres;
  if (draft.kind === "pickup") return { litres, fromPlace: undefined, ...fetched(yard, draft.data) };
  if (!source)
    return {
      litres,
      engine: (flow.fresh ?? []).some((f) => componentOf(f.component).family === "engine"),
      doubtful: false,
      fromPlace: undefined,
    };
  const held = heldIn(yard, source);
  const isMuck = layer === "bottom";
  return {
    litres,
    engine: !isMuck && shareOfFamily(held, "engine") > ENGINE_OIL_SHARE,
    doubtful: layer === "mixed" && isCreamy(held, yard.settings),
    fromPlace: source.vessel.place,
  };
}

function fetched(
  yard: YardState,
  { look, check, muck, fluid, source: id }: EntryOf<"pickup">["data"],
): Pick<Incoming, "engine" | "doubtful"> {
  const source = yard.sources.get(id)?.source;
  const fat = muck["fryer-fat"] ?? 0;
  return {
    engine: staysApart({ dirt: source?.dirt, fluid }) || check?.fried === "engine",
    doubtful:
      (look !== undefined && look !== "clear") ||
      isCreamy({ litres: 1, components: [{ component: "fryer-fat", litres: fat }] }, yard.settings) ||
      (check !== undefined && check.fried !== "engine" && judgeLot(check).verdict !== "take"),
  };
}

const heldIn = (yard: YardState, { contents }: VesselState) => ({
  litres: contents.total,
  components: byComponent(partsOf(contents, yard.parts)),
});

function mixing(yard: YardState, incoming: Incoming, state: VesselState): IntakeWarning[] {
  const { vessel } = state;
  // Where blends are made and burned, engine oil is a part like another: cleaned, it may meet the kitchen's.
  if (vessel.role === "blend" || vessel.role === "tank") return [];
  const there = heldIn(yard, state);
  const engineThere =
    vessel.apart === true || (there.litres > SOME_LITRES && shareOfFamily(there, "engine") > ENGINE_OIL_SHARE);
  // An empty container takes anything, but one that is kept for engine oil is not for the kitchen's.
  const kitchenThere = there.litres > SOME_LITRES && !engineThere;
  const goodThere = kitchenThere && roleOf(vessel.role).good && !isCreamy(there, yard.settings);
  if (incoming.engine) return kitchenThere ? [{ code: "engine-into-kitchen", vessel: vessel.id }] : [];
  if (engineThere) return [{ code: "kitchen-into-engine", vessel: vessel.id }];
  return incoming.doubtful && goodThere
    ? [{ code: "doubtful-into-good", vessel: vessel.id, litres: there.litres }]
    : [];
}

function level(litres: number, { vessel, contents }: VesselState): IntakeWarning[] {
  const safe = safeLitres(vessel);
  return contents.total + litres > safe + SLACK_LITRES
    ? [{ code: "past-safe-level", vessel: vessel.id, safeLitres: safe }]
    : [];
}

function payload(yard: YardState, incoming: readonly Incoming[], id: PlaceId | undefined): IntakeWarning[] {
  const place = id === undefined ? undefined : yard.places.get(id);
  const fetched = incoming.filter((i) => i.fromPlace !== id);
  if (!place || fetched.length === 0) return [];
  let litres = fetched.reduce((sum, i) => sum + i.litres, 0);
  for (const { vessel, contents } of yard.vessels.values())
    if (vessel.place === id && vessel.role !== "tank") litres += contents.total;
  const overKg = litres * KG_PER_LITRE - place.payloadKg;
  return overKg > 0 ? [{ code: "past-payload", overKg }] : [];
}

const SLACK_LITRES = 0.05;
