import type { Rig } from "./parts";

/** Whether anything on a rig warms its fuel. */
export const isHeated = (rig: Rig): boolean =>
  rig.parts.some((p) => p.kind === "heater" || ((p.kind === "exchanger" || p.kind === "pick-up") && p.uaWPerK > 0));
