export {
  CHEMICAL_IDS,
  COMPONENT_IDS,
  type ComponentId,
  componentName,
  componentOf,
  expansionPerK,
  isComponentId,
  isFat,
  isLike,
  isMuck,
  kgOf,
  LAYER_ORDER,
  type LiesIn,
  litres15PerLitre,
  sinks,
  type TableComponentId,
} from "./component";
export {
  byComponent,
  type FluidPart,
  fuelParts,
  measuredLitres,
  type Part,
} from "./composition";
export { densityKgPerL, hydrometerRho15KgPerL, waterDensityKgPerM3 } from "./density";
export {
  DIRT_KIND_IDS,
  DIRT_KINDS,
  type DirtKind,
  dirtOfFluid,
  dirtSeenAs,
  type MuckShares,
} from "./dirtKind";
export { type FireHazard, type FluidLitres, fireHazard, flashPointCelsius, holdsPetrol, isPetrol } from "./flash";
export { type CupReading, calibrateCup, cupViscosity, type FlowCup } from "./flowCup";
export { type Liquid, OIL_J_PER_KG_K, oilOf } from "./liquid";
export { LOOSE } from "./loose";
export {
  FLUID_IDS,
  FLUIDS,
  type Fluid,
  type FluidFamily,
  type FluidFigures,
  type FluidId,
  type FluidTable,
  fluidIn,
  fluidName,
  fluidTable,
  isFluidId,
  likeOf,
  type OwnFluidId,
  type OwnFluids,
  ownFluidId,
  type SomeFigures,
  type TableFluidId,
} from "./table";
export { dynamicViscosityPaS, kinematicViscosityMm2PerS, requireCovered, waltherAt } from "./viscosity";
export { fromWalther, type WaltherLine, walther, waltherLine } from "./walther";
