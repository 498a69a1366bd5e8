import { type PurgeLine, purgeResidual } from "./purge";

/** How a dual-tank vehicle is plumbed, complete. */
export interface FuelLoop {
  readonly returnTo: "loop" | "oil-tank";
  readonly lineLitres: number;
  readonly pumpLitresPerMinute: number;
  readonly burnLitresPerHour: number;
  readonly tanksInSeries: number;
}

export interface TripMinutes {
  readonly startOnDiesel: number;
  readonly onOil: number;
  readonly purge: number;
}

export interface TripLitres {
  readonly dieselBurned: number;
  readonly oilBurned: number;
  /** Diesel that the purge pushes into the oil tank; nothing where the return loops. */
  readonly dieselToOilTank: number;
  /** Old fuel still at the pump when the engine stops, 0 to 1. */
  readonly residualOilShare: number;
}

/** What flows through the line while purging: physics §6. */
export const purgeLineOf = (loop: FuelLoop): PurgeLine => ({
  litresPerMinute: loop.returnTo === "loop" ? loop.burnLitresPerHour / 60 : loop.pumpLitresPerMinute,
  lineLitres: loop.lineLitres,
  tanksInSeries: loop.tanksInSeries,
});

/**
 * Litres of a trip from its minutes: each phase burns at the vehicle's rate; a purge with the return on the oil tank
 * also sends the rest of the pump's flow there. What stands in the line at the end is taken as burned with its phase.
 */
export function tripLitres(loop: FuelLoop, minutes: TripMinutes): TripLitres {
  const burn = loop.burnLitresPerHour / 60;
  return {
    dieselBurned: burn * (minutes.startOnDiesel + minutes.purge),
    oilBurned: burn * minutes.onOil,
    dieselToOilTank: loop.returnTo === "oil-tank" ? Math.max(0, loop.pumpLitresPerMinute - burn) * minutes.purge : 0,
    residualOilShare: minutes.onOil > 0 ? purgeResidual(purgeLineOf(loop), minutes.purge) : 0,
  };
}
