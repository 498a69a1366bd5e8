import { usedLifeShare } from "../../keeping";
import { type PartLitres, roleOf, type VesselState, type YardState } from "../../ledger";
import { shedBetween } from "../settle/course";
import { shareOfFamily } from "../vessel/family";

/** How much of its shelf life a lot in store has used, by the shed's own temperatures. */
export interface Keeping {
  /** When the oldest of it came: what is under a tenth of it is let be. */
  readonly since: string;
  readonly usedShare: number;
  readonly lifeDays: number;
}

const COUNTS_FROM_SHARE = 0.1;
const MOSTLY_ESTER = 0.5;

/** Null where nothing is kept in it, or where nobody knows since when. */
export function keepingOf(
  yard: YardState,
  state: VesselState,
  parts: readonly PartLitres[],
  now: string,
): Keeping | null {
  const { station } = roleOf(state.vessel.role);
  const { total } = state.contents;
  if ((station !== "store" && station !== "drive") || roleOf(state.vessel.role).fate === "sludge" || total < 0.05)
    return null;
  const litresOf = new Map<string, number>();
  for (const p of parts) litresOf.set(p.origin, (litresOf.get(p.origin) ?? 0) + p.litres);
  const came = [...litresOf].flatMap(([origin, litres]) =>
    litres >= COUNTS_FROM_SHARE * total ? (yard.origins.get(origin)?.at ?? []) : [],
  );
  const since = came.sort()[0];
  if (since === undefined || since >= now) return null;
  const { oilKeepsDays, esterKeepsDays } = yard.settings;
  const isEster = shareOfFamily({ litres: total, components: parts }, "ester") > MOSTLY_ESTER;
  const lifeDays = isEster ? esterKeepsDays : oilKeepsDays;
  return { since, usedShare: usedLifeShare(shedBetween(yard, since, now), lifeDays), lifeDays };
}
