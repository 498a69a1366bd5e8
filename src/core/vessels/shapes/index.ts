import type { Shape, ShapeKind, ShapeModel } from "../shape";
import { box } from "./box";
import { coneCylinder } from "./coneCylinder";
import { cylinder } from "./cylinder";
import { lyingCylinder } from "./lyingCylinder";
import { table } from "./table";

const MODELS: { [K in ShapeKind]: ShapeModel<Extract<Shape, { kind: K }>> } = {
  cylinder,
  "lying-cylinder": lyingCylinder,
  box,
  "cone-cylinder": coneCylinder,
  table,
};

/** The model of a shape's own kind; the one cast that a table of kinds needs. */
export const modelOf = (shape: Shape): ShapeModel<Shape> => MODELS[shape.kind] as ShapeModel<Shape>;
