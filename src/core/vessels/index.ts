export {
  areaAtHeightM2,
  capacityLitres,
  heightAtLitres,
  litresAtHeight,
  type VesselForm,
  widthAtHeightMm,
} from "./litres";
export type { Shape, ShapeKind } from "./shape";
