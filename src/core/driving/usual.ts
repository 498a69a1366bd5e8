/** How an engine warms until trips say better: what it would settle at above the air, and how fast. Source: physics §6. */
export const TYPICAL_RISE_K = 130;
export const TYPICAL_TAU_MINUTES = 12;
