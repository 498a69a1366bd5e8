import { maxHeightMm, VESSEL_LOOK_IDS, VESSEL_LOOKS } from "../../vessels";
import * as z from "../../zod";
import { PlaceId, VesselId } from "../ids";
import { ROLES, VESSEL_ROLES } from "../roles";
import { Iso, Millimetres, Name, Share } from "../schema/quantities";
import { ShapeSchema } from "../schema/shape";
import { emptyVessel } from "../state";
import { MADE_FOR, VESSEL_MATERIALS } from "../words";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

type VesselMaterial = keyof typeof VESSEL_MATERIALS;
type MadeFor = keyof typeof MADE_FOR;

/** How a displacement settler is piped: where it is fed from, where it runs over to, and what it shall hold back. */
const SettlerSchema = z.object({
  header: VesselId.optional(),
  overflow: VesselId.optional(),
  cutUm: z.number().min(1).max(500),
  sludgeMostMm: Millimetres.positive().meta({ is: "mm" }),
  hoursADay: z.number().min(0.5).max(24),
});
export type Settler = z.infer<typeof SettlerSchema>;

const VesselSchema = z.object({
  id: VesselId,
  name: Name,
  role: z.enum(VESSEL_ROLES),
  shape: ShapeSchema,
  rimMm: Millimetres.min(1).meta({ is: "mm" }),
  /** What it is known by at a glance, where that is not what its shape usually is. */
  look: z.enum(VESSEL_LOOK_IDS).optional(),
  /** Aboard a van, bus or trailer; absent: at home. */
  place: PlaceId.optional(),
  /** Kept for engine and gearbox oil. */
  apart: z.boolean().optional(),
  /** Made for so much pressure; absent: for none. */
  ratedKPa: z.number().positive().max(2000).meta({ is: "kpa" }).optional(),
  /** What it is made of, or its worst fitting; absent: nobody has looked. */
  material: z.enum(Object.keys(VESSEL_MATERIALS) as [VesselMaterial, ...VesselMaterial[]]).optional(),
  /** Shut, with its vent led away; absent: open. */
  isClosed: z.boolean().optional(),
  /** Besides oil, what it is made for; absent: for oil, or nobody has said. */
  madeFor: z.enum(Object.keys(MADE_FOR) as [MadeFor, ...MadeFor[]]).optional(),
  /** Its cap lets vapour out and no flame in; absent: nobody has said. */
  isVented: z.boolean().optional(),
  /** Bonded and earthed for good, by a strap that stays on; absent: by a clip at each pour. */
  isEarthed: z.boolean().optional(),
  /** Kept for food: nothing that poisons goes into it. */
  isForFood: z.boolean().optional(),
  /** Of its own heater; absent: it has none. */
  heaterKw: z.number().positive().max(50).optional(),
  /** Of chemicals: what the label says of what stands in it. */
  pack: z
    .object({ purity: Share.min(0.2).meta({ is: "share" }), openedAt: Iso.optional(), expiresAt: Iso.optional() })
    .optional(),
  /** Only a displacement settler has this. */
  settler: SettlerSchema.optional(),
});
export type Vessel = z.infer<typeof VesselSchema>;

/** A container, as it is from now on. One whose rim lies above its own shape cannot be drawn or filled. */
export const vessel = defineKind({
  kind: "vessel",
  title: "Vessel",
  version: 1,
  upcast: {},
  data: VesselSchema,
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { data }) {
    const { place, id } = data;
    if (place !== undefined && !yard.places.has(place)) return { code: "unknown-place", place };
    const known = yard.vessels.get(id);
    // A broken one that is in the book already stays in the yard with what it holds, and its fault is told; a new one is
    // refused for the same fault.
    yard.vessels.set(id, known ? { ...known, vessel: data } : emptyVessel(data));
    const mostMm = maxHeightMm(data.shape);
    return data.rimMm > mostMm ? { code: "rim-above-shape", vessel: id, mostMm } : undefined;
  },
  called: {
    id: null,
    name: "Its name",
    role: ["What for", Object.fromEntries(VESSEL_ROLES.map((r) => [r, ROLES[r].name]))],
    shape: null,
    look: ["It is a", VESSEL_LOOKS],
    rimMm: "Height to the rim, inside",
    place: "Kept aboard",
    apart: "For engine and gearbox oil",
    ratedKPa: "Made for a pressure of",
    material: ["Made of, or its worst fitting", VESSEL_MATERIALS],
    isClosed: "Shut, its vent led away",
    madeFor: ["Made for", MADE_FOR],
    isVented: "Has a vented cap",
    isEarthed: "Bonded and earthed for good",
    isForFood: "Kept for food",
    heaterKw: "Its heater, kW",
    "pack.purity": "Purity by its label",
    "pack.openedAt": null,
    "pack.expiresAt": null,
    settler: null,
  },
});
