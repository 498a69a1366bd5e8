/**
 * A vessel's inside, without its rim. One kind a file in `shapes/`; adding a kind is that file and a line in
 * `shapes/index.ts`. Lengths in mm, heights measured from the inside bottom.
 */
export type Shape =
  | { readonly kind: "cylinder"; readonly diameterMm: number }
  | { readonly kind: "lying-cylinder"; readonly diameterMm: number; readonly lengthMm: number }
  | { readonly kind: "box"; readonly lengthMm: number; readonly widthMm: number }
  | {
      readonly kind: "cone-cylinder";
      readonly diameterMm: number;
      readonly coneHeightMm: number;
      readonly outletDiameterMm: number;
    }
  | { readonly kind: "table"; readonly points: readonly (readonly [mm: number, litres: number])[] };

export type ShapeKind = Shape["kind"];

export interface ShapeModel<S extends Shape> {
  /** Litres below a height, 0 at 0, never falling. */
  litres(shape: S, heightMm: number): number;
  /** The height of some litres, where it closes; a root is searched where it does not. */
  heightMm?(shape: S, litres: number): number;
  /** Width of the drawing at a height: what a person standing in front of it sees. */
  widthMm(shape: S, heightMm: number): number;
  /** Where the tallest possible liquid stands, if the shape itself limits it. */
  maxHeightMm(shape: S): number;
}

const MM3_PER_LITRE = 1e6;
export const litresFromMm3 = (mm3: number): number => mm3 / MM3_PER_LITRE;
export const mm3FromLitres = (litres: number): number => litres * MM3_PER_LITRE;
