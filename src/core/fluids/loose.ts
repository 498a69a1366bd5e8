/** Settled muck lies loose: with oil caught in it, it fills about twice its own litres. */
export const LOOSE = 2;
