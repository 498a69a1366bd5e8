import type { VesselLook } from "@/core/vessels";
import { bottle } from "./bottle";
import { carton } from "./carton";
import { cone } from "./cone";
import type { ContainerLook } from "./container";
import { drum } from "./drum";
import { jerrycan } from "./jerrycan";
import { kettle } from "./kettle";
import { lying } from "./lying";
import { pail } from "./pail";
import { tank } from "./tank";
import { tote } from "./tote";
import { tub } from "./tub";

/** How each kind of container is drawn besides its outline: one file a kind. */
export const CONTAINERS: Record<VesselLook, ContainerLook> = {
  pail,
  jerrycan,
  carton,
  drum,
  lying,
  tote,
  cone,
  kettle,
  tank,
  tub,
  bottle,
};
