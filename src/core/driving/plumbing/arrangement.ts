/** A dual-tank vehicle's line, whichever way it is piped. */
export interface FuelLine {
  readonly lineLitres: number;
  readonly pumpLitresPerMinute: number;
  readonly burnLitresPerHour: number;
  readonly tanksInSeries: number;
}

/**
 * Where an engine's return goes while it runs on oil: one file an arrangement. A new one is its file and a line in
 * `index.ts`; purge, trips, forms and the drawing follow.
 */
export interface Arrangement {
  readonly id: string;
  /** As it is chosen in a form. */
  readonly name: string;
  /** Where the return ends, as it is drawn and told. */
  readonly returnsTo: "engine" | "oil-tank" | "diesel-tank";
  /** How its purge mixes until its owner has timed one. */
  readonly usualTanksInSeries: number;
  readonly mixesAs: string;
  /** What flows through the line while purging, L/min. */
  purgeLitresPerMinute(line: FuelLine): number;
  /** Diesel that a purge pushes into the oil tank, litres. */
  dieselToOilTank(line: FuelLine, purgeMinutes: number): number;
}

export const burnLitresPerMinute = (line: FuelLine): number => line.burnLitresPerHour / 60;
