import * as z from "../../zod";
import { SourceId, VesselId } from "../ids";

/** Base64 of at most about 200 kB: a picture is made small before it is kept, so that a yard stays a file. */
const MOST_CHARACTERS = 270_000;

export const PhotoSchema = z.object({
  of: z.discriminatedUnion("kind", [
    z.object({ kind: z.literal("source"), id: SourceId }),
    z.object({ kind: z.literal("vessel"), id: VesselId }),
  ]),
  type: z.enum(["image/jpeg", "image/webp", "image/png"]),
  base64: z
    .string()
    .regex(/^[A-Za-z0-9+/]+={0,2}$/)
    .max(MOST_CHARACTERS),
});
