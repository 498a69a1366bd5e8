import * as z from "../../zod";
import { EntryId } from "../ids";
import { Text } from "../schema/quantities";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** Takes an entry back. Voids are resolved before projecting; a void moves nothing itself. */
export const voiding = defineKind({
  kind: "void",
  title: "Voided",
  version: 1,
  upcast: {},
  data: z.object({ entry: EntryId, reason: Text }),
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply: () => undefined,
  called: { entry: null, reason: "Why" },
});
