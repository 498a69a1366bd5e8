import { byComponent } from "../fluids";
import { type Draft, type PlaceId, partsOf, roleOf, type VesselId, type VesselState, type YardState } from "../ledger";
import { KG_PER_LITRE, safeLitres, staysApart } from "../readings/terms";
import { ENGINE_OIL_SHARE, shareOfFamily } from "../readings/vessel/family";
import { judgeLot } from "../rounds";

/** Something to think of before oil goes into a vessel; it may still be done. */
export type IntakeWarning =
  | { readonly code: "doubtful-into-good"; readonly vessel: VesselId; readonly litres: number }
  | { readonly code: "engine-into-kitchen"; readonly vessel: VesselId }
  | { readonly code: "kitchen-into-engine"; readonly vessel: VesselId }
  | { readonly code: "past-safe-level"; readonly vessel: VesselId; readonly safeLitres: number }
  | { readonly code: "wet-into-dry"; readonly vessel: VesselId; readonly litres: number }
  | { readonly code: "past-payload"; readonly overKg: number };

const SOME_LITRES = 0.5;

/** What comes in, as the rules look at it. */
interface Incoming {
  readonly to: VesselId;
  readonly litres: number;
  readonly engine: boolean;
  readonly doubtful: boolean;
  /** Already aboard the same place: its weight is there before and after. */
  readonly fromPlace: PlaceId | undefined;
}

/** What speaks against a pickup or a pour, as the yard stands. Each is said before the step and left to the person. */
export function intakeWarnings(yard: YardState, draft: Draft): IntakeWarning[] {
  if (draft.kind === "draw-off") return wetIntoDry(yard, draft.data.from, draft.data.to);
  const incoming = incomingOf(yard, draft);
  const state = incoming && yard.vessels.get(incoming.to);
  if (!incoming || !state || state.vessel.role === "waste") return [];
  const wet = draft.kind === "move" ? wetIntoDry(yard, draft.data.from, draft.data.to) : [];
  return [
    ...wet,
    ...mixing(yard, incoming, state),
    ...level(incoming, state),
    ...payload(yard, incoming, state.vessel.place),
  ];
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

function incomingOf(yard: YardState, draft: Draft): Incoming | null {
  if (draft.kind === "pickup") {
    const { to, amount, look, check, muck, fluid } = draft.data;
    const source = yard.sources.get(draft.data.source)?.source;
    const fat = muck["fryer-fat"] ?? 0;
    return {
      to,
      litres: amount.litres,
      engine: staysApart({ dirt: source?.dirt, fluid }) || check?.fried === "engine",
      doubtful:
        (look !== undefined && look !== "clear") ||
        fat > yard.settings.fatLimitShare ||
        (check !== undefined && check.fried !== "engine" && judgeLot(check).verdict !== "take"),
      fromPlace: undefined,
    };
  }
  if (draft.kind !== "move") return null;
  const from = yard.vessels.get(draft.data.from);
  if (!from || draft.data.layer === "bottom") return null;
  const held = heldIn(yard, from);
  return {
    to: draft.data.to,
    litres: "all" in draft.data.amount ? from.contents.total : draft.data.amount.litres,
    engine: shareOfFamily(held, "engine") > ENGINE_OIL_SHARE,
    doubtful: draft.data.layer === "mixed" && shareOfFamily(held, "fat") > yard.settings.fatLimitShare,
    fromPlace: from.vessel.place,
  };
}

const heldIn = (yard: YardState, { contents }: VesselState) => ({
  litres: contents.total,
  components: byComponent(partsOf(contents, yard.parts)),
});

function mixing(yard: YardState, incoming: Incoming, state: VesselState): IntakeWarning[] {
  const { vessel } = state;
  const there = heldIn(yard, state);
  const engineThere =
    vessel.apart === true || (there.litres > SOME_LITRES && shareOfFamily(there, "engine") > ENGINE_OIL_SHARE);
  // An empty container takes anything, but one that is kept for engine oil is not for the kitchen's.
  const kitchenThere = there.litres > SOME_LITRES && !engineThere;
  const goodThere =
    kitchenThere && roleOf(vessel.role).good && shareOfFamily(there, "fat") <= yard.settings.fatLimitShare;
  if (incoming.engine) return kitchenThere ? [{ code: "engine-into-kitchen", vessel: vessel.id }] : [];
  if (engineThere) return [{ code: "kitchen-into-engine", vessel: vessel.id }];
  return incoming.doubtful && goodThere
    ? [{ code: "doubtful-into-good", vessel: vessel.id, litres: there.litres }]
    : [];
}

function level(incoming: Incoming, { vessel, contents }: VesselState): IntakeWarning[] {
  const safe = safeLitres(vessel);
  return contents.total + incoming.litres > safe + SLACK_LITRES
    ? [{ code: "past-safe-level", vessel: vessel.id, safeLitres: safe }]
    : [];
}

function payload(yard: YardState, incoming: Incoming, id: PlaceId | undefined): IntakeWarning[] {
  const place = id === undefined ? undefined : yard.places.get(id);
  if (!place || incoming.fromPlace === id) return [];
  let litres = incoming.litres;
  for (const { vessel, contents } of yard.vessels.values())
    if (vessel.place === id && vessel.role !== "tank") litres += contents.total;
  const overKg = litres * KG_PER_LITRE - place.payloadKg;
  return overKg > 0 ? [{ code: "past-payload", overKg }] : [];
}

const SLACK_LITRES = 0.05;
