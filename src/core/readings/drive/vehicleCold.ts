import { type MixPart, type PurgeMark, purgeMark, scaledMix } from "../../blending";
import type { FluidTable } from "../../fluids";
import type { Quality, Settings, VehicleState, VesselId } from "../../ledger";
import { covered } from "../covered";
import { type Cold, coldOf } from "../vessel/cold";
import { mixOf, type Thickness } from "../vessel/mixture";

/** As much of a tank as the cold is judged by. */
export interface ColdTank {
  readonly components: Parameters<typeof mixOf>[0];
  readonly thickness: Thickness;
  readonly quality: Quality;
}

/** A vehicle that stands out on the coldest hour. Null where a tank is empty, or where it has none such. */
export interface VehicleCold {
  /** What it starts on: a single tank, or the diesel of two. */
  readonly start: Cold | null;
  /** The heated oil, cold in its tank. */
  readonly oil: Cold | null;
  /** What the last stop left in the line. */
  readonly line: Cold | null;
  /** How far its line must be purged for tonight. */
  readonly mark: PurgeMark | null;
}

interface Asked {
  readonly tank: (id: VesselId) => ColdTank | undefined;
  readonly settings: Settings;
  readonly fluids: FluidTable;
}

export function vehicleCold(
  { vehicle, residualOilShare }: VehicleState,
  { tank, settings, fluids }: Asked,
): VehicleCold {
  const mixIn = (t: ColdTank | undefined): MixPart[] => (t ? mixOf(t.components, t.thickness, fluids) : []);
  const judged = (t: ColdTank | undefined): Cold | null => coldOf(mixIn(t), t?.quality.coldJars ?? [], settings);
  if (vehicle.kind === "single") return { start: judged(tank(vehicle.tank)), oil: null, line: null, mark: null };
  const [dieselTank, oilTank] = [tank(vehicle.dieselTank), tank(vehicle.oilTank)];
  const [diesel, oil] = [mixIn(dieselTank), mixIn(oilTank)];
  const both = diesel.length > 0 && oil.length > 0;
  const left = residualOilShare ?? 0;
  const inLine = both && left > 0 ? [...scaledMix(oil, left), ...scaledMix(diesel, 1 - left)] : [];
  return {
    start: judged(dieselTank),
    oil: judged(oilTank),
    line: coldOf(inLine, [], settings),
    mark: both
      ? (covered(() => purgeMark(oil, diesel, settings.tonightLowCelsius, settings.pumpLimitMm2PerS)) ?? null)
      : null,
  };
}
