import { STAGES } from "../../kettle";
import * as z from "../../zod";
import { noBatch } from "../batches";
import { BagId, BatchId, SourceId, VesselId } from "../ids";
import { changeVessel } from "../transfer";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

/** Base64 of at most about 200 kB: a picture is made small before it is kept, so that a yard stays a file. */
const MOST_CHARACTERS = 270_000;

const PhotoSchema = z.object({
  of: z.discriminatedUnion("kind", [
    z.object({ kind: z.literal("source"), id: SourceId }),
    z.object({ kind: z.literal("vessel"), id: VesselId }),
    z.object({ kind: z.literal("bag"), id: BagId }),
    z.object({ kind: z.literal("batch"), id: BatchId, stage: z.enum([...STAGES, "jar"]) }),
  ]),
  type: z.enum(["image/jpeg", "image/webp", "image/png"]),
  base64: z
    .string()
    .regex(/^[A-Za-z0-9+/]+={0,2}$/)
    .max(MOST_CHARACTERS),
});

/** The bytes stay with the entry; the yard remembers which entry. */
export const photo = defineKind({
  kind: "photo",
  title: "Photo",
  version: 1,
  upcast: {},
  data: PhotoSchema,
  moves: MOVES_NOTHING,
  speaksOf: ({ of }) => (of.kind === "vessel" ? [of.id] : []),
  apply(yard, { id, happenedAt, data: { of } }) {
    if (of.kind === "batch") {
      const batch = yard.batches.get(of.id);
      if (!batch) return noBatch(of.id);
      const photos = [...batch.photos, { stage: of.stage, at: happenedAt, entry: id }];
      yard.batches.set(of.id, { ...batch, photos });
      return undefined;
    }
    if (of.kind === "vessel") {
      changeVessel(yard, of.id, { photo: id });
      return undefined;
    }
    if (of.kind === "bag") {
      const bag = yard.bags.get(of.id);
      if (!bag) return { code: "unknown-bag", bag: of.id };
      yard.bags.set(of.id, { ...bag, photo: id });
      return undefined;
    }
    const known = yard.sources.get(of.id);
    if (!known) return { code: "unknown-source", source: of.id };
    yard.sources.set(of.id, { ...known, photo: id });
    return undefined;
  },
  called: { "": null },
});
