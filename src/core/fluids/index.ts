export {
  type ComponentId,
  componentDensity15,
  componentName,
  expansionPerK,
  isMuck,
  litres15PerLitre,
  type MuckId,
} from "./component";
export {
  byComponent,
  type FluidPart,
  fuelParts,
  measuredLitres,
  type Part,
  totalLitres,
} from "./composition";
export { densityKgPerL, hydrometerRho15KgPerL, waterDensityKgPerM3 } from "./density";
export { type FireHazard, type FluidLitres, fireHazard, flashPointCelsius, holdsPetrol, isPetrol } from "./flash";
export { type CupReading, calibrateCup, cupViscosity, type FlowCup } from "./flowCup";
export {
  FLUID_IDS,
  FLUIDS,
  type Fluid,
  type FluidFamily,
  type FluidFigures,
  type FluidId,
  type FluidTable,
  fluidTable,
  isFluidId,
  type OwnFluids,
} from "./table";
export { dynamicViscosityPaS, kinematicViscosityMm2PerS, requireCovered, waltherAt } from "./viscosity";
export { fromWalther, type WaltherLine, walther, waltherLine } from "./walther";
