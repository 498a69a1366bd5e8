// The package ships no types; jstat.d.ts beside this states what we use.
import jstat from "jstat";

export const gammaInverse = jstat.gamma.inv;
export const normalInverse = (probability) => jstat.normal.inv(probability, 0, 1);
