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

/** A model cannot answer what it was asked, for a reason a range does not say. A domain error at the same door. */
export class Refused extends Error {
  constructor(
    readonly field: string,
    readonly reason: string,
  ) {
    super(`${field}: ${reason}`);
    this.name = "Refused";
  }
}

/** Passes a number inside [min, max] through; NaN is outside every range. */
export function requireRange(field: string, value: number, min: number, max: number): number {
  if (!(value >= min && value <= max)) throw new OutOfRange(field, value, min, max);
  return value;
}
