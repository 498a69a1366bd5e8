import { type DipReading, type JarReading, partsOf, type VesselId, type YardState } from "../../ledger";

/** What has happened to a vessel: asked for by whoever lists it, since it grows without end. */
export interface VesselPast {
  /** Since it was stirred, oldest first. */
  readonly dips: readonly DipReading[];
  readonly jars: readonly JarReading[];
  /** The lots in it, largest first. */
  readonly lots: readonly Lot[];
  /** Names of the sources in it, by litres, largest first. */
  readonly from: readonly string[];
}

/** Litres that came in together: a pickup or a purchase. */
export interface Lot {
  /** Of the entry that brought it in. */
  readonly id: string;
  readonly at: string;
  /** Null where it was bought or found. */
  readonly source: string | null;
  readonly litres: number;
}

/** Under this share of a vessel a lot is a rinse. */
const LEAST_SHARE = 0.01;

/** Null where there is no such vessel. */
export function pastOf(yard: YardState, vessel: VesselId): VesselPast | null {
  const state = yard.vessels.get(vessel);
  if (!state) return null;
  const lots = lotsIn(yard, state.contents);
  return { dips: state.dips, jars: state.jars, lots, from: sourceNames(lots) };
}

function lotsIn(yard: YardState, contents: Parameters<typeof partsOf>[0]): Lot[] {
  const litres = new Map<string, number>();
  for (const part of partsOf(contents, yard.parts))
    litres.set(part.origin, (litres.get(part.origin) ?? 0) + part.litres);
  return [...litres]
    .filter(([, l]) => l > contents.total * LEAST_SHARE)
    .sort(([, a], [, b]) => b - a)
    .flatMap(([id, l]) => {
      const origin = yard.origins.get(id);
      if (!origin) return [];
      const source = origin.source === null ? undefined : yard.sources.get(origin.source)?.source.name;
      return [{ id, at: origin.at, source: source ?? null, litres: l }];
    });
}

function sourceNames(lots: readonly Lot[]): string[] {
  const litres = new Map<string, number>();
  for (const lot of lots) if (lot.source) litres.set(lot.source, (litres.get(lot.source) ?? 0) + lot.litres);
  return [...litres].sort(([, a], [, b]) => b - a).map(([name]) => name);
}
