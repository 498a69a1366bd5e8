import * as z from "../../zod";

/** An engine that starts by itself was locked out before anybody worked at its tank, its lines or it. */
export const LockedOut = z.boolean().optional();
export const LOCKED_OUT_CALLED = "Locked out before it was touched";
