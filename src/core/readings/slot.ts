/** Forecasts are told to ten minutes: within them, what has not changed need not be reckoned again. */
const SLOT_MS = 600_000;

/** The end of the ten minutes that a moment lies in. */
export const slotOf = (now: string): string => new Date(Math.ceil(Date.parse(now) / SLOT_MS) * SLOT_MS).toISOString();
