import { describe, expect, it } from "vitest";
import { rigFromShelf } from "@/core/driving/rig";
import { usualRecipe } from "@/core/kettle/recipe.testing";
import { Chance, Doors, startDrafts } from "./doors.testing";

const start = startDrafts(rigFromShelf("plain"), usualRecipe);

describe("whatever door one comes through", () => {
  it("nothing that must not meet stands together, and nothing unfit stands where it is burned from: 3,000 acts", () => {
    for (let seed = 1; seed <= 15; seed++) {
      const doors = new Doors(new Chance(seed), start, true);
      for (let act = 0; act < 200; act++) {
        const before = doors.came.taken;
        doors.tryOne();
        if (doors.came.taken > before) expect(doors.amiss(), `seed ${seed}, act ${act}`).toEqual([]);
      }
      expect(doors.came.refused).toBeGreaterThan(10);
      expect(doors.came.taken).toBeGreaterThan(40);
    }
  });

  it("what is there all the same is in the books, with the word that was overridden, or was found", () => {
    for (let seed = 100; seed < 104; seed++) {
      const doors = new Doors(new Chance(seed), start, false);
      for (let act = 0; act < 150; act++) {
        doors.tryOne();
        expect(doors.unowned(), `seed ${seed}, act ${act}`).toEqual([]);
      }
    }
  });
});
