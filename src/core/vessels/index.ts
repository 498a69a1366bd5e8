export {
  areaAtHeightM2,
  bendsMm,
  capacityLitres,
  coneTopMm,
  heightAtLitres,
  isBroken,
  litresAtHeight,
  lookOf,
  maxHeightMm,
  type VesselForm,
  widthAtHeightMm,
} from "./litres";
export { modelOf, SHAPE_LIST, type Shape, type ShapeKind } from "./shapes";
