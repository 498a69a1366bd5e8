import type { PartLitres, SourceId, YardState } from "../../ledger";
import type { DirtKind } from "../../settling";

const SOME = 0.1;

/** The worst kind of dirt among the sources of what is in it, by their litres; engine oil outranks meat outranks chips. */
export function dirtOf(yard: YardState, parts: readonly PartLitres[]): DirtKind {
  const total = parts.reduce((sum, p) => sum + p.litres, 0);
  const share = (kind: DirtKind): number =>
    parts.reduce((sum, p) => (sourceOf(yard, p)?.source.dirt === kind ? sum + p.litres : sum), 0) / total;
  if (share("engine-oil") > SOME) return "engine-oil";
  return share("meaty-fryer") > SOME ? "meaty-fryer" : "light-fryer";
}

/** Whose oil most of it is. */
export function mainSource(yard: YardState, parts: readonly PartLitres[]): SourceId | null {
  const litres = new Map<SourceId, number>();
  for (const p of parts) {
    const id = sourceOf(yard, p)?.source.id;
    if (id) litres.set(id, (litres.get(id) ?? 0) + p.litres);
  }
  return [...litres].sort(([, a], [, b]) => b - a)[0]?.[0] ?? null;
}

function sourceOf(yard: YardState, part: PartLitres) {
  const origin = yard.origins.get(part.origin);
  return origin?.source ? yard.sources.get(origin.source) : undefined;
}
