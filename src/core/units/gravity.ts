/** Standard gravity, exact by definition. */
export const GRAVITY_M_PER_S2 = 9.80665;
