import { type ComponentId, componentOf, type FluidFamily } from "../../fluids";
import { CREAMY_FAT_SHARE } from "../../fluids/creamy";

interface Held {
  readonly litres: number;
  readonly components: readonly { readonly component: ComponentId; readonly litres: number }[];
}

/** Litres of one family of fluids, as a share of all that is in a vessel. */
export function shareOfFamily({ litres, components }: Held, family: FluidFamily): number {
  const those = components.reduce((sum, c) => (componentOf(c.component).family === family ? sum + c.litres : sum), 0);
  return litres > 0 ? those / litres : 0;
}

/**
 * Creamy oil, by whatever door it came: it stays apart, stands until its fat has sunk, and is drawn above its line.
 * An owner's limit is for what he burns; what was called creamy is creamy beside any limit.
 */
export const isCreamy = (held: Held, { fatLimitShare }: { readonly fatLimitShare: number }): boolean =>
  shareOfFamily(held, "fat") > Math.min(fatLimitShare, 0.9 * CREAMY_FAT_SHARE);

/** Oil drained from an engine that went through such a bag is a part to blend with; coarser and its soot wears the pump. */
export const ENGINE_OIL_BAG_UM = 10;
