import type { Arrangement } from "./arrangement";
import { loop } from "./loop";
import { oilTank } from "./oilTank";

/** Every arrangement there is, as they are offered. */
const ARRANGEMENTS = [loop, oilTank] as const;

export type ArrangementId = (typeof ARRANGEMENTS)[number]["id"];
export const ARRANGEMENT_IDS = ARRANGEMENTS.map((a) => a.id) as [ArrangementId, ...ArrangementId[]];

const BY_ID = Object.fromEntries(ARRANGEMENTS.map((a) => [a.id, a])) as Record<ArrangementId, Arrangement>;
export const arrangementOf = (id: ArrangementId): Arrangement => BY_ID[id];
