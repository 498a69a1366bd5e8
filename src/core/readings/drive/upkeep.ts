import { FILTER_DROP_KPA, type Interval, intervalOf, SERVICES, type Service, type Since, usedUp } from "../../driving";
import { isHeated } from "../../driving/rig";
import type { Vehicle, VehicleState } from "../../ledger";
import { MS_PER_DAY } from "../../units";

/** One thing to look after: how much of its time is used up, and by what. */
export interface Due {
  readonly what: Service;
  readonly interval: Interval;
  readonly since: Since;
  /** When it was last done; null: not since it is in the book. */
  readonly doneAt: string | null;
  /** 1 when due. */
  readonly share: number;
  readonly by: keyof Since | "drop";
  /** How many filters were changed since it burns oil: the first come early. */
  readonly isEarly: boolean;
}

const DAYS_PER_MONTH = 30.44;
const HAS_NONE: Readonly<Partial<Record<Service, (v: Vehicle) => boolean>>> = {
  heater: (v) => !isHeated(v.rig),
  sock: (v) => !v.rig.parts.some((p) => p.kind === "sock" || p.kind === "pick-up"),
  filter: (v) => !v.rig.parts.some((p) => p.kind === "filter"),
};

/** Everything that is looked after on a vehicle, the most used up first. */
export function upkeepOf(state: VehicleState, now: string): Due[] {
  const { vehicle } = state;
  const begun = state.oilSince ?? (state.past[0] ? { at: state.past[0].at, km: 0, hours: 0 } : null);
  if (!begun) return [];
  return SERVICES.filter((what) => !HAS_NONE[what]?.(vehicle))
    .flatMap((what): Due[] => {
      const done = state.services.filter((s) => s.what === what);
      const last = done.at(-1) ?? null;
      const onOil = done.filter((s) => s.at >= begun.at).length;
      const interval = intervalOf(what, vehicle.upkeep?.[what], onOil);
      const from = last ?? begun;
      const since: Since = {
        km: state.km - from.km,
        hours: state.hours - from.hours,
        months: (Date.parse(now) - Date.parse(from.at)) / MS_PER_DAY / DAYS_PER_MONTH,
      };
      const used = usedUp(interval, since);
      if (!used) return [];
      const drop = what === "filter" && state.lastDropKPa !== null ? state.lastDropKPa / FILTER_DROP_KPA : 0;
      const isEarly = what === "filter" && onOil < 2;
      const common = { what, interval, since, doneAt: last?.at ?? null, isEarly };
      return drop > used.share ? [{ ...common, share: drop, by: "drop" }] : [{ ...common, ...used }];
    })
    .sort((a, b) => b.share - a.share);
}
