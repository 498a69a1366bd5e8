/** kg of CO₂ a litre of diesel that is not burned; the owner's to change. Source: physics §7. */
export const CO2_KG_PER_DIESEL_L = 2.68;

/** kg of CO₂ from fossil diesel that was not burned: litres of fuel, as diesel of the same energy, by the factor. */
export const savedCo2Kg = (litres: number, lhvMJPerL: number, dieselMJPerL: number, kgPerDieselLitre: number): number =>
  ((litres * lhvMJPerL) / dieselMJPerL) * kgPerDieselLitre;
