import { litresAt, type Moment } from "../../driving/rig";
import { FLUIDS, isFluidId, likeOf } from "../../fluids";
import type { Vehicle } from "../../ledger";
import { type RiddenTank, vesselOfTank } from "./ridden";

/** What a tank holds as the trip has left it: of the other's fuel, what it had before too. */
export interface TankTruth {
  readonly litres: number;
  readonly capacityLitres: number;
  /** Waste oil, fat and engine oil in it; what was thinned into it is not. */
  readonly oilShare: number;
  readonly dieselShare: number;
  /** The tank's own fuel as far as it still is; for a drawing. */
  readonly main: RiddenTank["components"][number]["component"];
}

type Parts = RiddenTank["components"];

/** A share of a tank by what its fluids are. */
function shareOf(parts: Parts, counts: (family: string) => boolean): number {
  const all = parts.reduce((sum, p) => sum + p.litres, 0);
  if (all <= 0) return 0;
  const some = parts.reduce(
    (sum, p) => (isFluidId(p.component) && counts(FLUIDS[likeOf(p.component)].family) ? sum + p.litres : sum),
    0,
  );
  return some / all;
}

const isOil = (family: string): boolean => family === "vegetable" || family === "fat" || family === "engine";
const isThinner = (family: string): boolean => family === "petroleum";

export const oilShareOf = (parts: Parts): number => shareOf(parts, isOil);
export const dieselShareOf = (parts: Parts): number => shareOf(parts, isThinner);

/** Each tank of a rig, by its part's id. */
export function tankTruths(
  vehicle: Vehicle,
  { run }: Moment,
  tank: (id: ReturnType<typeof vesselOfTank>) => RiddenTank | undefined,
): Readonly<Record<string, TankTruth>> {
  const before = run.stores.tanks.map((id) => tank(vesselOfTank(vehicle, id)));
  return Object.fromEntries(
    run.stores.tanks.map((id, row) => {
      const litres = litresAt(run, row);
      const total = run.stores.tanks.reduce((sum, _, o) => sum + (litres[o] ?? 0), 0);
      const mixed = (share: (parts: Parts) => number): number =>
        total > 0
          ? before.reduce((sum, t, o) => sum + (litres[o] ?? 0) * share(t?.components ?? []), 0) / total
          : share(before[row]?.components ?? []);
      const [most] = [...(before[row]?.components ?? [])].sort((a, b) => b.litres - a.litres);
      return [
        id,
        {
          litres: total,
          capacityLitres: before[row]?.capacityLitres ?? 0,
          oilShare: mixed(oilShareOf),
          dieselShare: mixed(dieselShareOf),
          main: most?.component ?? "diesel",
        },
      ] as const;
    }),
  );
}
