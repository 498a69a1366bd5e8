import type { Settings, Source, Vessel } from "../ledger";
import { capacityLitres } from "../vessels";

/** Small terms that screens and rules share; apart from the rest so that a screen's script stays light. */

/** Oil swells by a fiftieth from a frosty morning to a hot afternoon, and a full can slops. */
export const SAFE_SHARE = 0.95;
export const safeLitres = (vessel: Vessel): number => SAFE_SHARE * capacityLitres(vessel);

/** A litre of oil with its share of the container. */
export const KG_PER_LITRE = 1;

/** Engine and gearbox oil is kept apart. */
export const staysApart = (s: Pick<Source, "dirt" | "fluid">): boolean =>
  s.dirt === "engine-oil" || s.fluid === "motor-oil" || s.fluid === "atf";

const USUAL_MINUTES = 15;
export const minutesAt = (s: Source): number => s.minutesThere ?? USUAL_MINUTES;

/** Money a collected litre is worth: what of it becomes fuel saves the fuel's price, less what they ask for it. */
export const valuePerLitre = (s: Source, usableShare: number, settings: Settings): number =>
  usableShare * settings.fuelPricePerLitre - (s.pricePerLitre ?? 0);
