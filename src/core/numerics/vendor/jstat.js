// The package ships no types; jstat.d.ts beside this states what we use.
import jstat from "jstat";

export const gammaInverse = jstat.gamma.inv;
export const normalInverse = (probability) => jstat.normal.inv(probability, 0, 1);
export const studentCdf = jstat.studentt.cdf;
export const studentInverse = jstat.studentt.inv;
