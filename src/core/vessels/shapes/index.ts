import type { ShapeModel } from "../shape";
import { box } from "./box";
import { coneCylinder } from "./coneCylinder";
import { cylinder } from "./cylinder";
import { dishedTank } from "./dishedTank";
import { ellipticTank } from "./ellipticTank";
import { lyingCylinder } from "./lyingCylinder";
import { squareCarton } from "./squareCarton";
import { table } from "./table";
import { taperedPail } from "./taperedPail";
import { tote } from "./tote";

/** Every shape there is, as they are offered. A new one is its file and a line here; all else follows. */
export const SHAPE_LIST = [
  cylinder,
  box,
  taperedPail,
  squareCarton,
  coneCylinder,
  lyingCylinder,
  ellipticTank,
  dishedTank,
  tote,
  table,
] as const;

type ShapeOf<M> = M extends ShapeModel<infer S> ? S : never;
export type Shape = ShapeOf<(typeof SHAPE_LIST)[number]>;
export type ShapeKind = Shape["kind"];

const MODELS = Object.fromEntries(SHAPE_LIST.map((m) => [m.kind, m]));

/** The model of a shape's own kind; the one cast that a table of kinds needs. */
export const modelOf = (shape: Shape): ShapeModel<Shape> => MODELS[shape.kind] as unknown as ShapeModel<Shape>;
