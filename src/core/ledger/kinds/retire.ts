import * as z from "../../zod";
import { thingKey } from "../definitions";
import type { Flaw } from "../errors";
import { BagId, BatchId, CupId, LineId, PlaceId, RecipeId, SourceId, VehicleId, VesselId } from "../ids";
import { Fluid } from "../schema/quantities";
import type { YardState } from "../state";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";
import { tanksOf } from "./vehicle";

const ThingSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("vessel"), id: VesselId }),
  z.object({ kind: z.literal("source"), id: SourceId }),
  z.object({ kind: z.literal("bag"), id: BagId }),
  z.object({ kind: z.literal("vehicle"), id: VehicleId }),
  z.object({ kind: z.literal("place"), id: PlaceId }),
  z.object({ kind: z.literal("cup"), id: CupId }),
  z.object({ kind: z.literal("fluid"), id: Fluid }),
  z.object({ kind: z.literal("line"), id: LineId }),
  z.object({ kind: z.literal("recipe"), id: RecipeId }),
  z.object({ kind: z.literal("batch"), id: BatchId }),
]);
export type Thing = z.infer<typeof ThingSchema>;

/** Under this much a container is empty: a rinse clings to every wall. */
const EMPTY_LITRES = 0.05;

/**
 * A thing that is used up, sold or given up leaves the floor and the lists; what it was part of stays in the
 * books. With a vehicle go its tanks.
 */
export const retire = defineKind({
  kind: "retire",
  title: "Retired",
  version: 1,
  upcast: {},
  data: z.object({
    what: ThingSchema,
    /** Brought back into use, where it had been retired. */
    back: z.boolean().optional(),
  }),
  moves: MOVES_NOTHING,
  speaksOf: ({ what }) => (what.kind === "vessel" ? [what.id] : []),
  apply(yard, { happenedAt, data: { what, back } }) {
    const flaw = missing(yard, what);
    if (flaw) return flaw;
    const vessels = vesselsGone(yard, what);
    const full = back ? undefined : vessels.find((id) => litresIn(yard, id) > EMPTY_LITRES);
    if (full !== undefined) return { code: "still-holds", vessel: full, litres: litresIn(yard, full) };
    for (const key of [thingKey(what.kind, what.id), ...vessels.map((id) => thingKey("vessel", id))])
      if (back) yard.retired.delete(key);
      else yard.retired.set(key, happenedAt);
    return undefined;
  },
  called: { what: null, back: "Brought back into use" },
});

function missing(yard: YardState, what: Thing): Flaw | undefined {
  switch (what.kind) {
    case "vessel":
      return undefined;
    case "source":
      return yard.sources.has(what.id) ? undefined : { code: "unknown-source", source: what.id };
    case "bag":
      return yard.bags.has(what.id) ? undefined : { code: "unknown-bag", bag: what.id };
    case "vehicle":
      return yard.vehicles.has(what.id) ? undefined : { code: "unknown-vehicle", vehicle: what.id };
    case "place":
      return yard.places.has(what.id) ? undefined : { code: "unknown-place", place: what.id };
    case "cup":
      return yard.cups.has(what.id) ? undefined : { code: "unknown-cup", cup: what.id };
    case "fluid":
      return yard.ownFluids.has(what.id) ? undefined : { code: "unknown-fluid", fluid: what.id };
    case "recipe":
      return yard.recipes.has(what.id) ? undefined : { code: "unknown-recipe", recipe: what.id };
    case "batch":
      return yard.batches.has(what.id) ? undefined : { code: "unknown-batch", batch: what.id };
    case "line":
      return yard.lines.has(what.id) ? undefined : { code: "unknown-line", line: what.id };
  }
}

/** The vessels that go: a container itself, a vehicle's tanks. */
function vesselsGone(yard: YardState, what: Thing): readonly VesselId[] {
  if (what.kind === "vessel") return [what.id];
  const vehicle = what.kind === "vehicle" ? yard.vehicles.get(what.id)?.vehicle : undefined;
  return vehicle ? tanksOf(vehicle) : [];
}

const litresIn = (yard: YardState, id: VesselId): number => yard.vessels.get(id)?.contents.total ?? 0;
