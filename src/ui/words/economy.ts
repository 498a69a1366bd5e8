import type { Settings } from "@/core/ledger";
import { type EconomyUnit, economyIn, economySign, formatEconomy, parseEconomy } from "@/core/units";
import { bare, type Typed, type Units } from "./units";

/** What an engine burns on its way, base litres on 100 km: by the owner's own units miles a gallon, or what two others make. */
export function economyOf({ system }: Units): Typed {
  const unit = ECONOMY[system.distanceUnit][system.volumeUnit];
  return {
    parse: (text) => parseEconomy(text, unit),
    text: (litres) => bare(economyIn(litres, unit), 1),
    unit: economySign(unit),
    of: (litres) => economyIn(litres, unit),
    echo: (litres) => (unit === "l/100km" ? null : `= ${formatEconomy(litres)}`),
  };
}

/** "6.2 L/100 km", "38 mpg". */
export const onTheRoad = (litresPer100Km: number, { system }: Units): string =>
  formatEconomy(litresPer100Km, ECONOMY[system.distanceUnit][system.volumeUnit]);

const ECONOMY = {
  km: { l: "l/100km", gal: "km/gal", impgal: "km/imp gal" },
  mi: { l: "mi/l", gal: "mpg", impgal: "imp mpg" },
} as const satisfies Record<Settings["distanceUnit"], Record<Settings["volumeUnit"], EconomyUnit>>;
