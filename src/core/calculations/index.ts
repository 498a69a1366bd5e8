export {
  type CalculationError,
  calculate,
  calculateAny,
  calculationNamed,
  type InputOf,
  isCalculation,
  type OutputOf,
} from "./calculate";
export { type AnyCalculation, type Progress, ROOMS, type Room } from "./calculation";
export { type Description, describeCalculation, type FieldInfo } from "./describe";
export { type Effect, type Explanation, explain, type Moved } from "./explain";
export type { FieldIssue } from "./issues";
export type { Leaf } from "./leaves";
export { type CalculationName, EVERY_CALCULATION } from "./registry";
