import { rigFromShelf } from "@/core/driving/rig";
import { usualRecipe } from "@/core/kettle/recipe.testing";
import { Chance, Doors, startDrafts } from "@/store/doors.testing";
import type { Finding } from "./lab";

const ACTS_A_YARD = 250;

/** Random acts through the store's one door, in many yards: nobody owns up to anything, and nothing may be amiss. */
export function everyDoor(acts: number): Finding {
  const start = startDrafts(rigFromShelf("plain"), usualRecipe);
  const came = { taken: 0, refused: 0, impossible: 0 };
  const faults: string[] = [];
  for (let seed = 1; seed <= acts / ACTS_A_YARD; seed++) {
    const doors = new Doors(new Chance(seed), start, true);
    for (let act = 0; act < ACTS_A_YARD; act++) {
      doors.tryOne();
      const amiss = doors.amiss();
      if (amiss.length === 0) continue;
      faults.push(`seed ${seed}, act ${act}: ${amiss.join(", ")}`);
      break;
    }
    came.taken += doors.came.taken;
    came.refused += doors.came.refused;
    came.impossible += doors.came.impossible;
  }
  return {
    name: "Random acts by every door: verbs, corrections, voids, other dates, vessels said to be others",
    figures: `${acts} tried: ${came.taken} taken, ${came.refused} refused by the gates, ${came.impossible} that did not add up`,
    faults,
  };
}
