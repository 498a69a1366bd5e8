export { celsiusAtViscosity } from "./heat";
export { type MixPart, mixLitres, mixViscosityMm2PerS, withUsedFactor } from "./mix";
export {
  cloudPointCelsius,
  flashPointCelsius,
  mixCetane,
  mixLhvMJPerL,
  mixRho15KgPerL,
  pourPointCelsius,
} from "./properties";
export { type Ingredient, leastThinnerShare } from "./thinner";
export { type NoTopUp, type TopUp, topUp } from "./topUp";
