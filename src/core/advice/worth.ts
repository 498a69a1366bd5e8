import type { VesselReading } from "../readings";

/** Nothing under this is worth setting up a hose for. */
export const WORTH_DRAWING_LITRES = 5;

/** Where heels are pooled: at home, and not aboard. */
export const heelTub = (vessels: readonly VesselReading[]): VesselReading | undefined =>
  vessels.find((v) => v.state.vessel.role === "heel" && !v.state.vessel.place);
