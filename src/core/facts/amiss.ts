import { NEVER } from "../interlocks";
import { roleOf, type Vessel, type VesselId, type VesselRole, type VesselState, type YardState } from "../ledger";
import { usualLook, type VesselLook } from "../vessels";
import { type Held, heldIn } from "./held";

/** What stands in a vessel that must not stand there, and how much of it. */
export interface Amiss {
  readonly code: AmissCode;
  readonly vessel: VesselId;
  readonly litres: number;
}

export const AMISS_CODES = [
  "petrol-in-kettle",
  "petrol-in-unfit-vessel",
  "poison-in-food-vessel",
  "caustic-eats-metal",
  "caustic-swells-rubber",
  "lye-meets-acid",
  "methanol-in-oil",
  "lye-in-oil",
  "acid-in-oil",
  "glycerol-in-oil",
  "wash-water-in-oil",
  "ester-not-tested",
  "ester-failed",
  "raw-into-fuel",
  "unfiltered-into-tank",
] as const;
export type AmissCode = (typeof AMISS_CODES)[number];

/** A rinse clings to every wall, and a trace says nothing. */
export const SOME_SHARE = 0.01;
/** More than washed fuel keeps of what it was made with. */
const CHEMICAL_SHARE = 0.005;
/** What eats and burns counts sooner. */
const CAUSTIC_SHARE = 0.0005;
/** Petrol in any share is petrol; under this it is what a hose gave back. */
const PETROL_SHARE = 0.002;
/** A kettle after its acid stage holds under a hundredth of acid: lye goes into that. Stronger, they boil and spit. */
const STRONG_ACID_SHARE = 0.02;
/** What fuel may carry of water before it is no fuel; a feed may still hold what its oil brought. */
const FUEL_WATER_SHARE = 0.02;
const FEED_WATER_SHARE = 0.2;

/** What is burned from there next, or taken for ready. */
export const FUEL_ROLES: ReadonlySet<VesselRole> = new Set(["tank", "ready"]);
/** Where ester is burned from, taken for fuel, or blended: it goes there once it has passed. */
export const ESTER_ROLES: ReadonlySet<VesselRole> = new Set([...FUEL_ROLES, "blend"]);
/** Where oil and fuel stand: nothing that a kettle works with belongs there. */
const OIL_ROLES: ReadonlySet<VesselRole> = new Set([
  ...ESTER_ROLES,
  "raw",
  "settling",
  "settler",
  "heel",
  "feed",
  "thinner",
]);
const UNFIT_FOR_PETROL_ROLES: ReadonlySet<VesselRole> = new Set(["chemical", "glycerol", "wash"]);
const UNFIT_FOR_PETROL_LOOKS: ReadonlySet<VesselLook> = new Set(["pail", "carton", "tub"]);

/** Unless it is said to be made for it: open pails, cartons and the tubs of the kettle hold no petrol. */
export function mayHoldPetrol(vessel: Vessel): boolean {
  if (vessel.madeFor === "petrol" || roleOf(vessel.role).receiver === "vehicle-tank") return true;
  const look = vessel.look ?? usualLook(vessel);
  return !UNFIT_FOR_PETROL_ROLES.has(vessel.role) && !UNFIT_FOR_PETROL_LOOKS.has(look);
}

type Rule = (h: Held) => number;
/** So many litres, where they are more than a share of all that stands there. */
const above = (h: Held, litres: number, share: number): number => (litres > share * h.total ? litres : 0);
const inRoles =
  (roles: ReadonlySet<VesselRole>, rule: Rule): Rule =>
  (h) =>
    roles.has(h.vessel.role) ? rule(h) : 0;

/** The materials of a row of the interlocks: what may not stand in them. */
const eats = (code: "caustic-eats-metal" | "caustic-swells-rubber"): Rule => {
  const materials = new Set<string>(NEVER.flatMap((row) => (row.code === code ? (row.materials ?? []) : [])));
  return (h) => (h.vessel.material !== undefined && materials.has(h.vessel.material) ? above(h, h.lye, 0) : 0);
};

const isFailed = ({ quality }: Held): boolean => quality.fuel?.verdict === "failed";
const unpassed: Rule = (h) => above(h, h.quality.unpassedShare * h.total, SOME_SHARE);

/** What must not stand where, each by one rule: litres of it, nought where nothing is amiss. Source: physics §10. */
const RULES: Readonly<Record<AmissCode, Rule>> = {
  "petrol-in-kettle": (h) => (roleOf(h.vessel.role).receiver === "kettle" ? h.petrol : 0),
  "petrol-in-unfit-vessel": (h) => (mayHoldPetrol(h.vessel) ? 0 : above(h, h.petrol, PETROL_SHARE)),
  "poison-in-food-vessel": (h) =>
    h.vessel.isForFood ? above(h, h.methanol + h.lye + h.acid + h.petrol + h.engineOil, CAUSTIC_SHARE) : 0,
  "caustic-eats-metal": eats("caustic-eats-metal"),
  "caustic-swells-rubber": eats("caustic-swells-rubber"),
  "lye-meets-acid": (h) =>
    h.acid > STRONG_ACID_SHARE * h.total && h.lye > CAUSTIC_SHARE * h.total ? Math.min(h.acid, h.lye) : 0,
  "methanol-in-oil": inRoles(OIL_ROLES, (h) => above(h, h.methanol, CHEMICAL_SHARE)),
  "lye-in-oil": inRoles(OIL_ROLES, (h) => above(h, h.lye, CAUSTIC_SHARE)),
  "acid-in-oil": inRoles(OIL_ROLES, (h) => above(h, h.acid, CAUSTIC_SHARE)),
  "glycerol-in-oil": inRoles(OIL_ROLES, (h) => above(h, h.glycerol + h.soap, CHEMICAL_SHARE)),
  "wash-water-in-oil": (h) => {
    if (h.vessel.role === "feed") return above(h, h.water, FEED_WATER_SHARE);
    return ESTER_ROLES.has(h.vessel.role) || h.vessel.role === "thinner" ? above(h, h.water, FUEL_WATER_SHARE) : 0;
  },
  "ester-not-tested": inRoles(ESTER_ROLES, (h) => (isFailed(h) ? 0 : unpassed(h))),
  "ester-failed": inRoles(ESTER_ROLES, (h) => (isFailed(h) ? unpassed(h) : 0)),
  "raw-into-fuel": inRoles(FUEL_ROLES, (h) => above(h, h.quality.unclearedShare * h.total, SOME_SHARE)),
  "unfiltered-into-tank": inRoles(new Set(["tank"]), (h) =>
    above(h, Math.min(h.quality.unfilteredShare * h.total, h.oil), SOME_SHARE),
  ),
};

/** Under this much has a rinse, not a lot. */
const SOME_LITRES = 0.05;

/** What of the kettle's goes into no oil and no fuel, however much of that there is. */
const OF_THE_KETTLE: readonly AmissCode[] = ["methanol-in-oil", "lye-in-oil", "acid-in-oil", "glycerol-in-oil"];

/** Chemicals on their way into a vessel for oil or fuel, as they would stand there alone: a litre in a full drum is hidden, not gone. */
export const chemicalsInto = (poured: Held): AmissCode[] => OF_THE_KETTLE.filter((code) => RULES[code](poured) > 0);

/** All that stands in a vessel and must not. Empty for an empty vessel, and for most others. */
export function amissIn(yard: Pick<YardState, "parts">, state: VesselState): Amiss[] {
  if (state.contents.total < SOME_LITRES) return [];
  const held = heldIn(yard, state);
  return AMISS_CODES.flatMap((code) => {
    const litres = RULES[code](held);
    return litres > 0 ? [{ code, vessel: state.vessel.id, litres }] : [];
  });
}
