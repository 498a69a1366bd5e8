import { input } from "../fields";

/** After so long, 63 % of what will fall out of a blend has. */
export const tauHours = input("Time constant", "h", 0.1, 10_000);
