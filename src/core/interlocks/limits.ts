import { FLUIDS, flashPointCelsius, isFluidId } from "../fluids";
import { LEAST_SULFURIC_PURITY } from "../kettle";
import { FINING_MOST_CELSIUS } from "../settling";
import { holds, isSpirit, type Step, type StepPart, type Substance, shareOf } from "./step";

/** Refusals that turn on a number of the lot or the line. */
export type LimitRefusal =
  | { readonly code: "near-flash"; readonly flashCelsius: number; readonly celsius: number }
  | { readonly code: "water-into-hot-oil"; readonly celsius: number; readonly mostCelsius: number }
  | { readonly code: "not-rated-for-pressure"; readonly pressurePa: number }
  | { readonly code: "over-pressure"; readonly pressurePa: number; readonly weakestPa: number }
  | { readonly code: "battery-acid"; readonly purity: number; readonly leastPurity: number }
  | { readonly code: "neat-petrol-into-vehicle"; readonly petrolShare: number }
  | { readonly code: "creamy-into-vehicle"; readonly fatShare: number; readonly limitShare: number }
  | { readonly code: "receiver-overflows"; readonly overLitres: number; readonly inHours: number }
  | { readonly code: "battery-dies"; readonly afterHours: number; readonly needsHours: number };

/** Open heating stops this far under the flash. */
const FLASH_MARGIN_K = 10;
/** Water by itself goes into no hotter oil than fining allows; oil that is merely wet not into oil near the boil. */
const WET_MOST_CELSIUS = 95;
const WET_SHARE = 0.002;
const MOSTLY = 0.5;
/** Handbook value; methoxide is lye in methanol and burns as that does. */
const METHANOL_FLASH_CELSIUS = 11;

const isFat = (s: Substance): boolean => isFluidId(s) && FLUIDS[s].family === "fat";
const isWater = (s: Substance): boolean => s === "water";

function flashOf(parts: readonly StepPart[]): number {
  const fluids = parts.flatMap(({ substance, amount, flashCelsius }) =>
    isFluidId(substance)
      ? [{ fluid: { ...FLUIDS[substance], ...(flashCelsius !== undefined && { flashCelsius }) }, litres: amount }]
      : [],
  );
  const spirit = isSpirit(parts, "methanol") || holds(parts, "methoxide");
  return Math.min(flashPointCelsius(fluids), spirit ? METHANOL_FLASH_CELSIUS : Number.POSITIVE_INFINITY);
}

/** Heating in the open within 10 K of the flash: for anything with methanol in it that is any warmth at all. */
function nearFlash(s: Step): LimitRefusal[] {
  const flashCelsius = flashOf([...s.parts, ...s.into.parts]);
  const heats = s.operation === "heat" || s.operation === "react" || s.into.heated;
  if (!heats || !s.into.open || s.celsius < flashCelsius - FLASH_MARGIN_K) return [];
  return [{ code: "near-flash", flashCelsius, celsius: s.celsius }];
}

function waterIntoHot({ parts, into }: Step): LimitRefusal[] {
  if (into.parts.every((p) => p.amount <= 0)) return [];
  const water = shareOf(parts, isWater);
  const mostCelsius = water >= MOSTLY ? FINING_MOST_CELSIUS : WET_MOST_CELSIUS;
  return water >= WET_SHARE && into.celsius > mostCelsius
    ? [{ code: "water-into-hot-oil", celsius: into.celsius, mostCelsius }]
    : [];
}

function pressure({ pressurePa, into, housingsPa }: Step): LimitRefusal[] {
  if (pressurePa <= 0) return [];
  if (into.ratedPa === null) return [{ code: "not-rated-for-pressure", pressurePa }];
  const weakestPa = Math.min(into.ratedPa, ...housingsPa);
  return pressurePa > weakestPa ? [{ code: "over-pressure", pressurePa, weakestPa }] : [];
}

const batteryAcid = ({ parts, acidPurity }: Step): LimitRefusal[] =>
  holds(parts, "sulfuric-acid") && (acidPurity ?? 0) < LEAST_SULFURIC_PURITY
    ? [{ code: "battery-acid", purity: acidPurity ?? 0, leastPurity: LEAST_SULFURIC_PURITY }]
    : [];

function creamy({ parts, into, fatLimitShare }: Step): LimitRefusal[] {
  const fatShare = shareOf(parts, isFat);
  return into.place === "vehicle-tank" && fatShare > fatLimitShare
    ? [{ code: "creamy-into-vehicle", fatShare, limitShare: fatLimitShare }]
    : [];
}

/** A blend that has stood and been drained may go in; the thinner by itself is mixed outside. */
function neatPetrol({ parts, into }: Step): LimitRefusal[] {
  const petrolShare = shareOf(parts, (s) => s === "petrol");
  return into.place === "vehicle-tank" && petrolShare > MOSTLY
    ? [{ code: "neat-petrol-into-vehicle", petrolShare }]
    : [];
}

function leftAlone({ unattended: u, into }: Step): LimitRefusal[] {
  if (!u) return [];
  const found: LimitRefusal[] = [];
  if (u.litres > into.roomLitres)
    found.push({
      code: "receiver-overflows",
      overLitres: u.litres - into.roomLitres,
      inHours: into.roomLitres / u.litresPerHour,
    });
  const needsHours = u.litres / u.litresPerHour;
  if (u.batteryWh !== null && u.pumpW * needsHours > u.batteryWh)
    found.push({ code: "battery-dies", afterHours: u.batteryWh / u.pumpW, needsHours });
  return found;
}

/** Every rule with a number in it. */
export const LIMITS: readonly ((step: Step) => LimitRefusal[])[] = [
  nearFlash,
  waterIntoHot,
  pressure,
  batteryAcid,
  creamy,
  neatPetrol,
  leftAlone,
];
