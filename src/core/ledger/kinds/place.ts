import * as z from "../../zod";
import { PlaceId, VehicleId } from "../ids";
import { Kilograms, Name } from "../schema/quantities";
import { SpotSchema } from "../schema/where";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** What moves with its own containers: a payload, a vehicle whose tanks say how far it gets, and where it stands. */
const PlaceSchema = z.object({
  id: PlaceId,
  name: Name,
  kind: z.enum(["van", "bus", "trailer"]),
  payloadKg: Kilograms.max(100_000).meta({ is: "kg" }),
  vehicle: VehicleId.optional(),
  /** Where it stands when it is not at home: a traveller's rounds start here. */
  spot: SpotSchema.optional(),
});
/** A van, bus or trailer. */
export type Place = z.infer<typeof PlaceSchema>;

export const place = defineKind({
  kind: "place",
  title: "Place",
  version: 1,
  upcast: {},
  data: PlaceSchema,
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { data }) {
    yard.places.set(data.id, data);
    return undefined;
  },
  called: {
    id: null,
    name: "Its name",
    kind: ["Kind", { trailer: "Trailer", van: "Van", bus: "Bus" }],
    payloadKg: "May carry",
    vehicle: "Driven by",
    spot: null,
  },
});
