import { componentOf } from "../fluids";
import { ENGINE_OIL_SHARE } from "../fluids/engineOil";
import type { Contents } from "./contents";
import { partsOf, type YardState } from "./state";

/** Engine oil is in it: no light goes through, so paper says of it what a jar says of any other. */
export function isDark(contents: Contents, table: YardState["parts"]): boolean {
  const engine = partsOf(contents, table).reduce(
    (sum, p) => (componentOf(p.component).family === "engine" ? sum + p.litres : sum),
    0,
  );
  return engine > ENGINE_OIL_SHARE * contents.total;
}
