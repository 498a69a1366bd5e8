import { partsOf, type VesselId, type YardState } from "../../ledger";

/** Where a lot that is under suspicion stands now, or went. */
export interface SuspectLot {
  readonly origin: string;
  readonly at: string;
  readonly source: string | null;
  /** Of what is in the tank, its share. */
  readonly share: number;
  readonly elsewhere: readonly { readonly vessel: VesselId; readonly name: string; readonly litres: number }[];
}

const LEAST_SHARE = 0.02;
const LEAST_LITRES = 0.1;

/** From a tank back to the lots in it, and on to every other vessel that got of them. */
export function suspectLots(yard: YardState, tank: VesselId): SuspectLot[] {
  const state = yard.vessels.get(tank);
  if (!state) return [];
  const here = litresByOrigin(yard, tank);
  const lots = [...here]
    .filter(([, litres]) => litres > state.contents.total * LEAST_SHARE)
    .sort(([, a], [, b]) => b - a);
  const others = [...yard.vessels.keys()]
    .filter((id) => id !== tank)
    .map((id) => [id, litresByOrigin(yard, id)] as const);
  return lots.flatMap(([origin, litres]) => {
    const from = yard.origins.get(origin);
    if (!from) return [];
    const elsewhere = others
      .flatMap(([id, by]) => {
        const of = by.get(origin) ?? 0;
        return of > LEAST_LITRES ? [{ vessel: id, name: yard.vessels.get(id)?.vessel.name ?? id, litres: of }] : [];
      })
      .sort((a, b) => b.litres - a.litres);
    const source = from.source === null ? null : (yard.sources.get(from.source)?.source.name ?? null);
    return [{ origin, at: from.at, source, share: litres / state.contents.total, elsewhere }];
  });
}

function litresByOrigin(yard: YardState, vessel: VesselId): ReadonlyMap<string, number> {
  const litres = new Map<string, number>();
  const contents = yard.vessels.get(vessel)?.contents;
  if (contents)
    for (const part of partsOf(contents, yard.parts))
      litres.set(part.origin, (litres.get(part.origin) ?? 0) + part.litres);
  return litres;
}
