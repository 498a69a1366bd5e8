/** A model was asked outside the range its source covers. The door in front of it turns this into a domain error. */
export class OutOfRange extends Error {
  constructor(
    readonly field: string,
    readonly value: number,
    readonly min: number,
    readonly max: number,
  ) {
    super(`${field} ${value} is outside ${min} to ${max}`);
    this.name = "OutOfRange";
  }
}

/** Passes a number inside [min, max] through; NaN is outside every range. */
export function requireRange(field: string, value: number, min: number, max: number): number {
  if (!(value >= min && value <= max)) throw new OutOfRange(field, value, min, max);
  return value;
}
