import { caughtShare, INSECT_SCREEN_UM, meshThatHolds, umOfMesh } from "../../filtration";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { input, maybe, whole } from "../fields";

export const sieve = calculation({
  name: "sieve",
  room: "filtration",
  title: "Mesh number and micron",
  equation: "US sieve number → opening in µm, by table;  a bag of m holds 1 − 2^(−(d/m)²) of size d",
  source: "ASTM E11",
  range: `US sieves 20 to 400. A mesh number is not a micron: finer meshes have higher numbers. Insect screen is about ${INSECT_SCREEN_UM} µm.`,
  input: z.strictObject({
    mesh: whole("US sieve number", "1", 1, 1000),
    grainUm: input("Grain", "µm", 0.1, 5000),
  }),
  output: z.strictObject({
    um: maybe("Opening", "µm"),
    heldShare: maybe("Of such grains it holds", "share"),
    meshThatHolds: maybe("Coarsest sieve that holds the grain", "1"),
  }),
  example: { mesh: 200, grainUm: 90 },
  answer: "um",
  heavy: false,
  run(i) {
    const um = umOfMesh(i.mesh);
    return {
      um,
      heldShare: um === null ? null : caughtShare(i.grainUm, um),
      meshThatHolds: meshThatHolds(i.grainUm),
    };
  },
});
