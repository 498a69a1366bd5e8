export {
  areaAtHeightM2,
  bendsMm,
  capacityLitres,
  coneTopMm,
  heightAtLitres,
  holdsLitres,
  isBroken,
  litresAtHeight,
  maxHeightMm,
  usualLook,
  type VesselForm,
  widthAtHeightMm,
} from "./litres";
export { VESSEL_LOOK_IDS, VESSEL_LOOKS, type VesselLook } from "./looks";
export { pourMarkMm } from "./pourMark";
export { scaledTo } from "./scale";
export { modelOf, SHAPE_LIST, type Shape, type ShapeKind } from "./shapes";
