import type { ComponentId } from "../../fluids";
import type { OwnFluid, PriceState, Settings } from "../../ledger";

/** As much of a yard as prices are read from. */
export interface Priced {
  readonly prices: Readonly<Record<string, PriceState>>;
  readonly ownFluids: readonly OwnFluid[];
  readonly settings: Settings;
}

/** A price, and since when it is so; null: nobody has said when. */
export interface PriceSaid {
  readonly perLitre: number;
  readonly at: string | null;
}

/**
 * What a litre costs when so many are bought: as was said or paid last, cheaper from where the owner's steps begin. A fluid
 * of one's own as its figures say, diesel as the yard's mark; null where nobody has said.
 */
export function priceOf({ prices, ownFluids, settings }: Priced, what: ComponentId, litres = 0): PriceSaid | null {
  const said = prices[what];
  if (said) {
    const step = [...said.steps]
      .sort((a, b) => a.fromLitres - b.fromLitres)
      .findLast((s) => litres > 0 && s.fromLitres <= litres);
    return { perLitre: step?.pricePerLitre ?? said.pricePerLitre, at: said.at };
  }
  const own = ownFluids.find((f) => f.id === what)?.pricePerLitre;
  if (own !== undefined) return { perLitre: own, at: null };
  return what === "diesel" ? { perLitre: settings.fuelPricePerLitre, at: null } : null;
}
