/** Forecasts are told to ten minutes: within them, what has not changed need not be reckoned again. */
const SLOT_MS = 600_000;

/** The end of the ten minutes that a moment lies in. */
export const slotOf = (now: string): string => new Date(Math.ceil(Date.parse(now) / SLOT_MS) * SLOT_MS).toISOString();

/** Their beginning: what is due now has been due since then, and is told so all through. */
export const slotBegan = (now: string): string =>
  new Date(Math.floor(Date.parse(now) / SLOT_MS) * SLOT_MS).toISOString();
