export {
  areaAtHeightM2,
  bendsMm,
  capacityLitres,
  coneTopMm,
  heightAtLitres,
  holdsLitres,
  isBroken,
  litresAtHeight,
  lookOf,
  maxHeightMm,
  type VesselForm,
  widthAtHeightMm,
} from "./litres";
export { modelOf, SHAPE_LIST, type Shape, type ShapeKind } from "./shapes";
