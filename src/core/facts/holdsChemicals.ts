import { type ComponentId, componentOf } from "../fluids";

/** More than washed fuel keeps of what it was made with. */
const CHEMICAL_SHARE = 0.005;

/** Methanol, lye, acid, glycerol or soap stand in it: no oil, whatever else does. */
export function holdsChemicals({
  litres,
  components,
}: {
  readonly litres: number;
  readonly components: readonly { readonly component: ComponentId; readonly litres: number }[];
}): boolean {
  const chemical = components.reduce(
    (sum, c) => (componentOf(c.component).family === "chemical" ? sum + c.litres : sum),
    0,
  );
  return chemical > CHEMICAL_SHARE * litres;
}
