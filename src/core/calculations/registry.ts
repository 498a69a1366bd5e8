import { blend } from "./blending/blend";
import { coldStop } from "./blending/coldStop";
import { heat } from "./blending/heat";
import { thinner } from "./blending/thinner";
import { topUp } from "./blending/topUp";
import type { AnyCalculation } from "./calculation";
import { carbon } from "./costs/carbon";
import { payback } from "./costs/payback";
import { wayCost } from "./costs/wayCost";
import { exchanger } from "./driving/exchanger";
import { heater } from "./driving/heater";
import { purge } from "./driving/purge";
import { purgeFit } from "./driving/purgeFit";
import { returnContamination } from "./driving/returnContamination";
import { switchOver } from "./driving/switchOver";
import { warmUp } from "./driving/warmUp";
import { warmUpFit } from "./driving/warmUpFit";
import { bagLife } from "./filtration/bagLife";
import { bagTrend } from "./filtration/bagTrend";
import { cascade } from "./filtration/cascade";
import { filterFit } from "./filtration/filterFit";
import { filterGravity } from "./filtration/filterGravity";
import { filterLitres } from "./filtration/filterLitres";
import { filterTime } from "./filtration/filterTime";
import { sieve } from "./filtration/sieve";
import { flowCup } from "./fluids/flowCup";
import { hydrometer } from "./fluids/hydrometer";
import { litresAt15 } from "./fluids/litresAt15";
import { viscosity } from "./fluids/viscosity";
import { waterDensity } from "./fluids/waterDensity";
import { acidStage } from "./kettle/acidStage";
import { batch } from "./kettle/batch";
import { catalyst } from "./kettle/catalyst";
import { drying } from "./kettle/drying";
import { fuelMarks } from "./kettle/fuelMarks";
import { methanol } from "./kettle/methanol";
import { methanolPurity } from "./kettle/methanolPurity";
import { methanolRecovery } from "./kettle/methanolRecovery";
import { reaction } from "./kettle/reaction";
import { soapTitration } from "./kettle/soapTitration";
import { titration } from "./kettle/titration";
import { weighTest } from "./kettle/weighTest";
import { fillingRate } from "./rounds/fillingRate";
import { round } from "./rounds/round";
import { centrifuge } from "./settling/centrifuge";
import { drainTime } from "./settling/drainTime";
import { drawOff } from "./settling/drawOff";
import { fining } from "./settling/fining";
import { settleClarity } from "./settling/settleClarity";
import { settleClear } from "./settling/settleClear";
import { settleFit } from "./settling/settleFit";
import { settleForecast } from "./settling/settleForecast";
import { settlerFull } from "./settling/settlerFull";
import { upflow } from "./settling/upflow";
import { upflowRate } from "./settling/upflowRate";
import { vesselHeight } from "./vessels/vesselHeight";
import { vesselLitres } from "./vessels/vesselLitres";
import { interlock } from "./yard/interlock";
import { ledger } from "./yard/ledger";

/** Every calculation of the house, room by room in working order. A new one is its file and its line here. */
export const CALCULATIONS = [
  flowCup,
  hydrometer,
  litresAt15,
  viscosity,
  waterDensity,
  vesselHeight,
  vesselLitres,
  fillingRate,
  round,
  centrifuge,
  drainTime,
  drawOff,
  fining,
  settleClear,
  settleClarity,
  settleFit,
  settleForecast,
  settlerFull,
  upflow,
  upflowRate,
  bagLife,
  bagTrend,
  cascade,
  filterFit,
  filterGravity,
  filterLitres,
  filterTime,
  sieve,
  blend,
  coldStop,
  heat,
  thinner,
  topUp,
  acidStage,
  batch,
  catalyst,
  drying,
  fuelMarks,
  methanol,
  methanolPurity,
  methanolRecovery,
  reaction,
  soapTitration,
  titration,
  weighTest,
  exchanger,
  heater,
  purge,
  purgeFit,
  returnContamination,
  switchOver,
  warmUp,
  warmUpFit,
  carbon,
  payback,
  wayCost,
  interlock,
  ledger,
] as const;

type Declared = (typeof CALCULATIONS)[number];
export type CalculationName = Declared["name"];
export type CalculationOf<N extends CalculationName> = Extract<Declared, { readonly name: N }>;

/** The same, for whoever treats them all alike. */
export const EVERY_CALCULATION = CALCULATIONS as unknown as readonly AnyCalculation[];
