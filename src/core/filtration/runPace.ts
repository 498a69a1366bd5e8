/** Minutes a litre and a Pa·s: of the clean bag, and what each litre on it adds. */
export interface RunFit {
  readonly clean: number;
  readonly perLitre: number;
  /** Runs that it rests on; 0: typical figures of the rating. */
  readonly runs: number;
}

/** Minutes that so many litres take through a bag which carries some already. */
export const minutesThrough = (fit: RunFit, litres: number, carriedLitres: number, viscosityPaS: number): number =>
  litres * viscosityPaS * (fit.clean + fit.perLitre * (carriedLitres + litres / 2));
