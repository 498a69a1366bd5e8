import type { Rig } from "../parts";
import type { ShelfRig } from "./arrangement";
import { backPurge } from "./backPurge";
import { following } from "./following";
import { looped } from "./looped";
import { oneValve } from "./oneValve";
import { plain } from "./plain";
import { plainHeated } from "./plainHeated";
import { selector } from "./selector";
import { thermostat } from "./thermostat";
import { threeHand } from "./threeHand";
import { threePosition } from "./threePosition";
import { toOilTank } from "./toOilTank";
import { unheated } from "./unheated";

/** Every arrangement to begin with, as they are offered. */
const SHELF = [
  plain,
  plainHeated,
  unheated,
  looped,
  oneValve,
  toOilTank,
  following,
  threePosition,
  threeHand,
  selector,
  thermostat,
  backPurge,
] as const;

export type ShelfId = (typeof SHELF)[number]["id"];
export const SHELF_IDS = SHELF.map((s) => s.id) as [ShelfId, ...ShelfId[]];
const BY_ID = Object.fromEntries(SHELF.map((s): [string, ShelfRig] => [s.id, s])) as Record<ShelfId, ShelfRig>;
export const shelfOf = (id: ShelfId): ShelfRig => BY_ID[id];
export const isShelfId = (id: string): id is ShelfId => Object.hasOwn(BY_ID, id);

/** An arrangement as it stands on the shelf. */
export const rigFromShelf = (id: ShelfId): Rig => ({ from: id, ...BY_ID[id].rig });

const hasTwoTanks = (s: ShelfRig): boolean => s.rig.parts.filter((p) => p.kind === "tank").length > 1;
/** Those for a vehicle with so many tanks. */
export const shelfFor = (tanks: 1 | 2): readonly ShelfRig[] => SHELF.filter((s) => hasTwoTanks(s) === (tanks === 2));
