import { parseQuantity, type QuantityError } from "./parse";
import type { Result } from "./result";

/** A number whose unit stands beside the field and cannot be typed: a factor, a viscosity, a rating. */
export const parsePlain = (text: string): Result<number, QuantityError> =>
  parseQuantity(text, { "": { factor: 1 } }, "");
