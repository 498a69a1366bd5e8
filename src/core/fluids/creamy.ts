/** A pale layer that a hand on a jar can see: so much of the lot is fat, where nobody has measured. */
export const CREAMY_FAT_SHARE = 0.1;
