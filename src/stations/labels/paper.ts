/** Papers as sold: sheets of self-adhesive labels with their margins and gaps, and rolls for small printers. */

/** A paper to print on: how large a label is, and what its page is called in the style sheet. */
export interface Paper {
  readonly key: string;
  readonly name: string;
  readonly detail: string;
  /** Classes of the sheet and of one label: sizes in millimetres, so that print is to scale. */
  readonly sheet: string;
  readonly label: string;
  readonly large: boolean;
}

/** Millimetres are written out in full so that the style sheet finds them. */
export const PAPERS: readonly Paper[] = [
  {
    key: "a4-8",
    name: "A4, 8 labels",
    detail: "99.1 × 67.7 mm",
    sheet: "page-a4-8 grid-cols-[repeat(2,99.1mm)] gap-x-[2.5mm]",
    label: "h-[67.7mm] w-[99.1mm] break-inside-avoid",
    large: true,
  },
  {
    key: "a4-21",
    name: "A4, 21 labels",
    detail: "63.5 × 38.1 mm",
    sheet: "page-a4-21 grid-cols-[repeat(3,63.5mm)] gap-x-[2.5mm]",
    label: "h-[38.1mm] w-[63.5mm] break-inside-avoid",
    large: false,
  },
  {
    key: "roll-62",
    name: "Label printer",
    detail: "62 × 29 mm",
    sheet: "page-roll-62 grid-cols-[62mm]",
    label: "h-[29mm] w-[62mm] not-last:break-after-page",
    large: false,
  },
  {
    key: "roll-100",
    name: "Label printer",
    detail: "100 × 50 mm",
    sheet: "page-roll-100 grid-cols-[100mm]",
    label: "h-[50mm] w-[100mm] not-last:break-after-page",
    large: true,
  },
];
