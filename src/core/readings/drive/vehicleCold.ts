import { liquidOf, type MixPart, type PurgeMark, purgeMark, scaledMix } from "../../blending";
import { pumpFlowOfRig } from "../../driving/rig/pump";
import type { FluidTable } from "../../fluids";
import type { Quality, Settings, Vehicle, VehicleState, VesselId } from "../../ledger";
import { mostLitresPerMinute, suction } from "../../pumping";
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
  /** The oil of two tanks, cold as it stands: where something warms it that is no matter, where nothing does it is. */
  readonly oil: Cold | null;
  /** What the last stop left in the line. */
  readonly line: Cold | null;
  /** How far its line must be purged for tonight. */
  readonly mark: PurgeMark | null;
  /** Whether its pump draws what it must, cold, through its hose; null where nobody has said what hose that is. */
  readonly suction: ColdSuction | null;
}

export interface ColdSuction {
  readonly mostLitresPerMinute: number;
  readonly wantedLitresPerMinute: number;
  /** What drawing as much as is wanted would take, kPa. */
  readonly kPa: number;
  readonly pullKPa: number;
  /** Past Reynolds 2300 the most reads high. */
  readonly isTurbulent: boolean;
}

const MINUTES_PER_HOUR = 60;
const LAMINAR_BELOW = 2300;

function coldSuction(vehicle: Vehicle, mix: readonly MixPart[], lowCelsius: number): ColdSuction | null {
  const { suction: hose } = vehicle;
  if (!hose || mix.length === 0) return null;
  const wantedLitresPerMinute =
    vehicle.kind === "dual" ? pumpFlowOfRig(vehicle.rig) : vehicle.burnLitresPerHour / MINUTES_PER_HOUR;
  const metres = { boreMm: hose.boreMm, lengthM: hose.lengthMm / 1000, liftM: hose.liftMm / 1000 };
  return (
    covered(() => {
      const liquid = liquidOf(mix);
      const pulled = suction(liquid, lowCelsius, metres, wantedLitresPerMinute);
      return {
        mostLitresPerMinute: mostLitresPerMinute(liquid, lowCelsius, metres, hose.pullKPa),
        wantedLitresPerMinute,
        kPa: pulled.kPa,
        pullKPa: hose.pullKPa,
        isTurbulent: pulled.reynolds >= LAMINAR_BELOW,
      };
    }) ?? null
  );
}

interface Asked {
  readonly tank: (id: VesselId) => ColdTank | undefined;
  readonly settings: Settings;
  readonly fluids: FluidTable;
}

/** The yard's marks, with what this engine's own pump takes. */
export const marksOf = <S extends { readonly pumpLimitMm2PerS: number }>(settings: S, vehicle: Vehicle | null): S =>
  vehicle?.pumpLimitMm2PerS === undefined ? settings : { ...settings, pumpLimitMm2PerS: vehicle.pumpLimitMm2PerS };

export function vehicleCold(
  { vehicle, residualOilShare }: VehicleState,
  { tank, settings: yardMarks, fluids }: Asked,
): VehicleCold {
  const settings = marksOf(yardMarks, vehicle);
  const mixIn = (t: ColdTank | undefined): MixPart[] => (t ? mixOf(t.components, t.thickness, fluids) : []);
  const judged = (t: ColdTank | undefined): Cold | null => coldOf(mixIn(t), t?.quality.coldJars ?? [], settings);
  const { tonightLowCelsius: low } = settings;
  if (vehicle.kind === "single") {
    const only = tank(vehicle.tank);
    return { start: judged(only), oil: null, line: null, mark: null, suction: coldSuction(vehicle, mixIn(only), low) };
  }
  const [dieselTank, oilTank] = [tank(vehicle.dieselTank), tank(vehicle.oilTank)];
  const [diesel, oil] = [mixIn(dieselTank), mixIn(oilTank)];
  const both = diesel.length > 0 && oil.length > 0;
  const left = residualOilShare ?? 0;
  const inLine = both && left > 0 ? [...scaledMix(oil, left), ...scaledMix(diesel, 1 - left)] : [];
  return {
    start: judged(dieselTank),
    oil: judged(oilTank),
    line: coldOf(inLine, [], settings),
    suction: coldSuction(vehicle, oil, low),
    mark: both ? (covered(() => purgeMark(oil, diesel, low, settings.pumpLimitMm2PerS)) ?? null) : null,
  };
}
