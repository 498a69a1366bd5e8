/** What a litre of fuel takes, in the owner's money and hours. */
export interface LitreCost {
  readonly oilPerLitre: number;
  readonly thinnerShare: number;
  readonly thinnerPerLitre: number;
  /** The thinner is bought at the same pump: its price moves with the one that is asked for. */
  readonly thinnerIsPumpFuel: boolean;
  readonly otherPerLitre: number;
  readonly hoursPerLitre: number;
  readonly wagePerHour: number;
  /** MJ in a litre of this over MJ in a litre of diesel. */
  readonly energyRatio: number;
}

export interface BreakEven {
  readonly costPerLitre: number;
  /** Above this price of diesel it pays; null where it never does, the thinner costing what it saves. */
  readonly pumpPrice: number | null;
}

/** Price of pump diesel at which home-made fuel costs the same by energy. Source: physics §7. */
export function breakEven(c: LitreCost): BreakEven {
  const besideThinner = (1 - c.thinnerShare) * c.oilPerLitre + c.otherPerLitre + c.hoursPerLitre * c.wagePerHour;
  const costPerLitre = besideThinner + c.thinnerShare * c.thinnerPerLitre;
  if (!c.thinnerIsPumpFuel) return { costPerLitre, pumpPrice: costPerLitre / c.energyRatio };
  const saved = c.energyRatio - c.thinnerShare;
  return { costPerLitre, pumpPrice: saved > 0 ? besideThinner / saved : null };
}
