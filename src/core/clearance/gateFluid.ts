import { type Fluid, type FluidId, likeOf } from "../fluids";
import type { YardState } from "../ledger";

/**
 * A fluid as the yard has it; one that nobody has described as the row that it is like. A gate is asked before the
 * ledger refuses what is unknown, and may not be gone round by a name.
 */
export const gateFluid = (yard: YardState, id: FluidId): Fluid => yard.fluids[id] ?? yard.fluids[likeOf(id)];
