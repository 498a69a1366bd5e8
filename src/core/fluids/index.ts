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
export { FLUID_IDS, FLUIDS, type Fluid, type FluidFamily, type FluidId, isFluidId } from "./table";
export { dynamicViscosityPaS, fromWalther, kinematicViscosityMm2PerS, walther, waltherAt } from "./viscosity";
