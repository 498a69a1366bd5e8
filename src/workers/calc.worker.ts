import * as Comlink from "comlink";
import { type CalculationError, calculateAny, type Explanation, explain } from "@/core/calculations";
import type { Result } from "@/core/units";

/** The registry off the page. Everything here is plain data both ways. */
const api = {
  calculate: (name: string, input: unknown, progress: (share: number) => void): Result<unknown, CalculationError> =>
    calculateAny(name, input, progress),
  explain: (name: string, input: unknown): Result<Explanation, CalculationError> => explain(name, input),
};

export type CalcApi = typeof api;
Comlink.expose(api);
