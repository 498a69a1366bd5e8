export {
  type CalculationError,
  calculate,
  calculateAny,
  calculationNamed,
  type InputOf,
  isCalculation,
  type OutputOf,
} from "./calculate";
export { type Calculation, type Progress, ROOMS, type Room } from "./calculation";
export type { FieldIssue } from "./issues";
export { CALCULATIONS, type CalculationName } from "./registry";
