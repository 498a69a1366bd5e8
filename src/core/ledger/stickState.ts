/** What is odd about a dip. Those that cannot be are kept in the books but neither drawn nor reckoned with. */
export type DipDoubt = "above-rim" | "fat-above-oil" | "water-above-fat" | "clear-above-oil" | "nothing-there";

export interface DipReading {
  readonly at: string;
  readonly oilMm?: number | undefined;
  readonly fatMm?: number | undefined;
  readonly waterMm?: number | undefined;
  readonly clearMm?: number | undefined;
  readonly scumMm?: number | undefined;
  readonly celsius?: number | undefined;
  /** Litres that stood there by the book. */
  readonly litres: number;
  readonly doubts: readonly DipDoubt[];
}

export interface JarReading {
  readonly at: string;
  /** 1 clear to 5 as stirred. */
  readonly step: number;
  readonly atMm: number;
  readonly celsius?: number | undefined;
  readonly litres: number;
  readonly doubts: readonly DipDoubt[];
}
