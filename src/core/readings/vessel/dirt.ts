import { DIRT_KIND_IDS, type DirtKind } from "../../fluids";
import type { PartLitres, SourceId, YardState } from "../../ledger";

const SOME = 0.1;

/** Whose oil lies in a vessel: the worst kind of dirt among its sources, and the source that most of it is from. */
export interface Provenance {
  readonly dirt: DirtKind;
  readonly source: SourceId | null;
}

/** By litres; some of a worse kind outranks a milder one: engine oil outranks meat, and that chips. */
export function provenanceOf(yard: YardState, parts: readonly PartLitres[]): Provenance {
  const litresOf = new Map<SourceId, number>();
  let total = 0;
  for (const p of parts) {
    total += p.litres;
    const id = yard.origins.get(p.origin)?.source;
    if (id) litresOf.set(id, (litresOf.get(id) ?? 0) + p.litres);
  }
  const ofKind: Partial<Record<DirtKind, number>> = {};
  let most = 0;
  let source: SourceId | null = null;
  for (const [id, litres] of litresOf) {
    const dirt = yard.sources.get(id)?.source.dirt;
    if (dirt) ofKind[dirt] = (ofKind[dirt] ?? 0) + litres;
    if (litres > most) [most, source] = [litres, id];
  }
  const worst = DIRT_KIND_IDS.findLast((kind) => (ofKind[kind] ?? 0) / total > SOME);
  return { dirt: worst ?? DIRT_KIND_IDS[0], source };
}

export const dirtOf = (yard: YardState, parts: readonly PartLitres[]): DirtKind => provenanceOf(yard, parts).dirt;
