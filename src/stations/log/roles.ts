import type { VesselRole } from "@/core/ledger";
import { ROLE_NAMES } from "./presets";

/** Every role, in the order of the work; read from the names so that a new role cannot be left out. */
export const VESSEL_ROLES = Object.keys(ROLE_NAMES) as VesselRole[];
