import type { VesselLook } from "./looks";

/**
 * A vessel's inside, without its rim. One kind a file in `shapes/`; adding a kind is that file and a line in
 * `shapes/index.ts`: litres, drawings, forms and the ledger's schema follow. Lengths in mm, heights from the inside bottom.
 */
export interface ShapeModel<S extends { readonly kind: string }> {
  readonly kind: S["kind"];
  /** What a tape measures of it, in the order one measures; none where it is a table of marks. */
  readonly measures: readonly { readonly key: Exclude<keyof S, "kind">; readonly name: string }[];
  /** Litres below a height, 0 at 0, never falling. */
  litres(shape: S, heightMm: number): number;
  /** The height of some litres, where it closes; a root is searched where it does not. */
  heightMm?(shape: S, litres: number): number;
  /** Width of the drawing at a height: what a person standing in front of it sees. */
  widthMm(shape: S, heightMm: number): number;
  /** Where the tallest possible liquid stands, if the shape itself limits it. */
  maxHeightMm(shape: S): number;
  /** Heights between which its sides are drawn straight; null: they curve. */
  bendsMm(shape: S): readonly number[] | null;
  /** What a container of this shape that holds so many litres usually is, where its owner has not said. */
  look(litres: number): VesselLook;
  /** Where a cone or taper ends and the sides stand; what settles may stand so high. */
  coneTopMm?(shape: S): number;
  /** As they come; their owner's own measures go in the book later. */
  readonly presets: readonly Preset<S>[];
}

export interface Preset<S> {
  readonly name: string;
  readonly shape: S;
  readonly rimMm: number;
  /** Where it is not what its shape usually is. */
  readonly look?: VesselLook;
}

const MM3_PER_LITRE = 1e6;
export const litresFromMm3 = (mm3: number): number => mm3 / MM3_PER_LITRE;
export const mm3FromLitres = (litres: number): number => litres * MM3_PER_LITRE;

/** Up to this much is carried about. */
export const CARRIED_LITRES = 30;
