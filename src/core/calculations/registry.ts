import { blend } from "./blending/blend";
import { blendStocks } from "./blending/blendStocks";
import { coldMargin } from "./blending/coldMargin";
import { coldStop } from "./blending/coldStop";
import { fatCrystals } from "./blending/fatCrystals";
import { gumDrop } from "./blending/gumDrop";
import { gumFit } from "./blending/gumFit";
import { heat } from "./blending/heat";
import { safeUntil } from "./blending/safeUntil";
import { seasons } from "./blending/seasons";
import { thinner } from "./blending/thinner";
import { topUp } from "./blending/topUp";
import { unmixed } from "./blending/unmixed";
import type { AnyCalculation } from "./calculation";
import { breakEven } from "./costs/breakEven";
import { carbon } from "./costs/carbon";
import { payback } from "./costs/payback";
import { tornado } from "./costs/tornado";
import { wayCost } from "./costs/wayCost";
import { ways } from "./costs/ways";
import { exchanger } from "./driving/exchanger";
import { exchangerSize } from "./driving/exchangerSize";
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
import { ageing } from "./keeping/ageing";
import { waterInOil } from "./keeping/waterInOil";
import { acidStage } from "./kettle/acidStage";
import { acidThinned } from "./kettle/acidThinned";
import { batch } from "./kettle/batch";
import { batchCourse } from "./kettle/batchCourse";
import { catalyst } from "./kettle/catalyst";
import { drying } from "./kettle/drying";
import { fuelMarks } from "./kettle/fuelMarks";
import { methanol } from "./kettle/methanol";
import { methanolPurity } from "./kettle/methanolPurity";
import { methanolRecovery } from "./kettle/methanolRecovery";
import { methanolRecoveryAt } from "./kettle/methanolRecoveryAt";
import { reaction } from "./kettle/reaction";
import { soapTitration } from "./kettle/soapTitration";
import { titration } from "./kettle/titration";
import { titrationTries } from "./kettle/titrationTries";
import { wash } from "./kettle/wash";
import { washFit } from "./kettle/washFit";
import { weighTest } from "./kettle/weighTest";
import { battery } from "./pumping/battery";
import { suction } from "./pumping/suction";
import { suctionLimit } from "./pumping/suctionLimit";
import { fillingRate } from "./rounds/fillingRate";
import { round } from "./rounds/round";
import { centrifuge } from "./settling/centrifuge";
import { drainTime } from "./settling/drainTime";
import { drawOff } from "./settling/drawOff";
import { fining } from "./settling/fining";
import { settleClarity } from "./settling/settleClarity";
import { settleClear } from "./settling/settleClear";
import { settleConvecting } from "./settling/settleConvecting";
import { settleFit } from "./settling/settleFit";
import { settleForecast } from "./settling/settleForecast";
import { settlerFull } from "./settling/settlerFull";
import { upflow } from "./settling/upflow";
import { upflowRate } from "./settling/upflowRate";
import { pourMark } from "./vessels/pourMark";
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
  pourMark,
  fillingRate,
  round,
  centrifuge,
  drainTime,
  drawOff,
  fining,
  settleClear,
  settleClarity,
  settleConvecting,
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
  suction,
  suctionLimit,
  battery,
  blend,
  coldStop,
  coldMargin,
  fatCrystals,
  gumDrop,
  gumFit,
  heat,
  thinner,
  topUp,
  blendStocks,
  unmixed,
  seasons,
  safeUntil,
  acidStage,
  acidThinned,
  batch,
  batchCourse,
  catalyst,
  drying,
  fuelMarks,
  methanol,
  methanolPurity,
  methanolRecovery,
  methanolRecoveryAt,
  reaction,
  soapTitration,
  titration,
  titrationTries,
  wash,
  washFit,
  weighTest,
  waterInOil,
  ageing,
  exchanger,
  exchangerSize,
  heater,
  purge,
  purgeFit,
  returnContamination,
  switchOver,
  warmUp,
  warmUpFit,
  carbon,
  payback,
  breakEven,
  wayCost,
  ways,
  tornado,
  interlock,
  ledger,
] as const;

type Declared = (typeof CALCULATIONS)[number];
export type CalculationName = Declared["name"];
export type CalculationOf<N extends CalculationName> = Extract<Declared, { readonly name: N }>;

/** The same, for whoever treats them all alike. */
export const EVERY_CALCULATION = CALCULATIONS as unknown as readonly AnyCalculation[];
