/** What a container is known by before its name is read. How each is drawn is in `ui/drawing/containers`. */
export const VESSEL_LOOKS = {
  pail: "Pail",
  jerrycan: "Jerrycan",
  carton: "Square carton",
  drum: "Drum",
  lying: "Lying drum or tank",
  tote: "Tote",
  cone: "Cone",
  kettle: "Kettle",
  tank: "Tank",
  tub: "Tub",
  bottle: "Bottle",
} as const;
export type VesselLook = keyof typeof VESSEL_LOOKS;
export const VESSEL_LOOK_IDS = Object.keys(VESSEL_LOOKS) as [VesselLook, ...VesselLook[]];
