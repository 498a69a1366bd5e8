import { type MixPart, mixRho15KgPerL, mixViscosityMm2PerS, scaledMix, withUsedFactor } from "../../blending";
import type { Stage } from "../../driving/rehearsal";
import { type FluidTable, fluidIn } from "../../fluids";
import { loopOf, type Settings, type VehicleState, type VesselId } from "../../ledger";
import { covered } from "../covered";
import { mixOf } from "../vessel/mixture";
import { GATE_CELSIUS, type RiddenTank, vesselOfTank, warmingOf } from "./ridden";
import { marksOf } from "./vehicleCold";

interface Asked {
  readonly tank: (id: VesselId) => RiddenTank | undefined;
  readonly settings: Settings;
  readonly fluids: FluidTable;
}

/** A vehicle as a rehearsal plays on it: its own loop, engine and oil; plain canola where its tank is empty. */
export function stageOf(state: VehicleState, { tank, settings, fluids }: Asked): Stage {
  const { vehicle } = state;
  const mixIn = (id: VesselId | null, instead: "canola" | "diesel"): MixPart[] => {
    const at = id === null ? undefined : tank(id);
    const mix = at ? mixOf(at.components, at.thickness, fluids) : [];
    return mix.length > 0 ? mix : withUsedFactor([{ fluid: instead, litres: 1 }], fluids, settings.usedFactor);
  };
  const oil = mixIn(vehicle.kind === "dual" ? vehicle.oilTank : vehicle.tank, "canola");
  // A lesson says for itself what is in the diesel: here it is clean.
  const diesel: MixPart[] = [{ fluid: fluidIn(fluids, "diesel"), litres: 1, usedFactor: 1 }];
  const { engine } = warmingOf(state, 0);
  const tanks = vehicle.rig.parts.filter((p) => p.kind === "tank");
  return {
    rig: vehicle.rig,
    burnLitresPerMinute: loopOf(vehicle).burnLitresPerMinute,
    capacities: Object.fromEntries(
      tanks.map((p) => [p.id, tank(vesselOfTank(vehicle, p.id))?.capacityLitres ?? USUAL_TANK_LITRES]),
    ),
    thermostatCelsius: engine.thermostatCelsius,
    tauMinutes: engine.tauMinutes,
    riseK: engine.riseK,
    gateCelsius: vehicle.gateCelsius ?? GATE_CELSIUS,
    limitMm2PerS: marksOf(settings, vehicle).pumpLimitMm2PerS,
    rho15KgPerL: mixRho15KgPerL(oil),
    nuAt: (share, celsius) => {
      const mix = [...(share > 0 ? scaledMix(oil, share) : []), ...(share < 1 ? scaledMix(diesel, 1 - share) : [])];
      return covered(() => mixViscosityMm2PerS(mix, celsius)) ?? Number.POSITIVE_INFINITY;
    },
  };
}

const USUAL_TANK_LITRES = 60;
