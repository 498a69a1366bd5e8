import { type ArrangementId, arrangementOf } from "./plumbing";
import { burnLitresPerMinute, type FuelLine } from "./plumbing/arrangement";
import { type PurgeLine, purgeResidual } from "./purge";

/** How a dual-tank vehicle is plumbed, complete. */
export interface FuelLoop extends FuelLine {
  readonly returnTo: ArrangementId;
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
  litresPerMinute: arrangementOf(loop.returnTo).purgeLitresPerMinute(loop),
  lineLitres: loop.lineLitres,
  tanksInSeries: loop.tanksInSeries,
});

/**
 * Litres of a trip from its minutes: each phase burns at the vehicle's rate; what a purge sends elsewhere is its
 * arrangement's. What stands in the line at the end is taken as burned with its phase.
 */
export function tripLitres(loop: FuelLoop, minutes: TripMinutes): TripLitres {
  const burn = burnLitresPerMinute(loop);
  return {
    dieselBurned: burn * (minutes.startOnDiesel + minutes.purge),
    oilBurned: burn * minutes.onOil,
    dieselToOilTank: arrangementOf(loop.returnTo).dieselToOilTank(loop, minutes.purge),
    residualOilShare: minutes.onOil > 0 ? purgeResidual(purgeLineOf(loop), minutes.purge) : 0,
  };
}
