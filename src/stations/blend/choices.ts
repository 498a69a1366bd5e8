import { mixLitres } from "@/core/blending";
import type { VesselView } from "@/core/readings";
import type { Source } from "@/core/readings/blend/plan";
import { engineOf } from "@/core/readings/drive/engineOf";
import type { YardView } from "@/core/view";
import { isDieselTank } from "@/desk/form";
import { keyOf, PUMP } from "./useMix";

/** What clings to a wall. */
export const EMPTY_LITRES = 0.05;
export const isEmptyCan = (v: VesselView): boolean => v.vessel.role === "blend" && v.litres <= EMPTY_LITRES;

/** Tanks that a can may be mixed for; those that start cold on it first. */
export const tanksFor = (view: YardView): VesselView[] =>
  view.vessels
    .filter((v) => v.vessel.role === "tank" && engineOf(v.vessel.id, view.vehicles).vehicle !== null)
    .sort((a, b) => rankOf(a, view) - rankOf(b, view));

const rankOf = (v: VesselView, view: YardView): number =>
  engineOf(v.vessel.id, view.vehicles).isHeated ? 1 : isDieselTank(view, v.vessel.id) ? 2 : 0;

export const titleOf = (target: VesselView, tank: VesselView | null, isHeated: boolean): string => {
  const what = target === tank || tank === null ? target.vessel.name : `${target.vessel.name}, for ${tank.vessel.name}`;
  return isHeated ? `${what}, heated` : `${what}, before tonight`;
};

/** The most oil, and of the thinners kerosene where there is some; else what there is, else the pump. */
export function usualSources(sources: readonly Source[]): string[] {
  const oil = sources.find((s) => s.isOil);
  const thinners = sources.filter((s) => !s.isOil && s.vessel !== null && mixLitres(s.mix) > 0.5);
  const thinner = thinners.find((s) => s.fluid === "kerosene") ?? thinners[0] ?? sources.find((s) => keyOf(s) === PUMP);
  return [oil, thinner].flatMap((s) => (s ? [keyOf(s)] : []));
}
