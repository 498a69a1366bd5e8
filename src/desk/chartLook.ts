/** What every chart looks like, by day and by night: colours that a canvas cannot take from the page's own. */
export interface ChartLook {
  readonly ink: string;
  readonly grid: string;
  /** What was measured, or is so. */
  readonly strong: string;
  readonly stop: string;
  readonly font: { readonly family: string; readonly size: number };
  /** A drawing of numbers that are there: no animation, and nothing to hover over that the text does not say. */
  readonly still: {
    readonly animation: false;
    readonly responsive: true;
    readonly maintainAspectRatio: false;
    readonly parsing: false;
    readonly events: [];
  };
}

export const chartLook = (night: boolean): ChartLook => ({
  ink: night ? "#bcd0cb" : "#3c504c",
  grid: night ? "#35534f" : "#cbd5d2",
  strong: night ? "#eef5f3" : "#10211f",
  stop: night ? "#ff9db0" : "#b4123f",
  font: { family: getComputedStyle(document.body).fontFamily, size: 13 },
  still: { animation: false, responsive: true, maintainAspectRatio: false, parsing: false, events: [] },
});
