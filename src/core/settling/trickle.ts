/** Drops a second at a rate, for a drop of so many millilitres: what one counts with a watch. */
export const dropsPerSecond = (litresPerHour: number, dropMillilitres: number): number =>
  (litresPerHour * 1000) / 3600 / dropMillilitres;

export const litresPerHourOfDrops = (drops: number, dropMillilitres: number): number =>
  (drops * dropMillilitres * 3600) / 1000;

/** What bounds a day's batch through a displacement settler. */
export interface DayBatch {
  readonly litres: number;
  readonly boundBy: "rate" | "header" | "overflow" | "body";
}

/** A batch may be a quarter of the body: more would push out oil that has hardly rested. */
const SHARE_OF_BODY = 0.25;

/** Today's batch: what trickles in the hours one feeds it, what the header holds, what the overflow takes. */
export function dayBatch(
  litresPerHour: number,
  hoursADay: number,
  headerLitres: number,
  overflowRoomLitres: number,
  bodyLitres: number,
): DayBatch {
  const bounds: DayBatch[] = [
    { litres: litresPerHour * hoursADay, boundBy: "rate" },
    { litres: headerLitres, boundBy: "header" },
    { litres: overflowRoomLitres, boundBy: "overflow" },
    { litres: SHARE_OF_BODY * bodyLitres, boundBy: "body" },
  ];
  return bounds.reduce((least, b) => (b.litres < least.litres ? b : least));
}
