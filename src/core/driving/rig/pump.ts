import type { Rig } from "./parts";

/** What a rig's injection pump moves, L/min. */
export const pumpFlowOfRig = (rig: Rig): number =>
  rig.parts.reduce((most, p) => (p.kind === "injection-pump" ? Math.max(most, p.litresPerMinute) : most), 0);
