import type { PartLitres, SourceId, YardState } from "../../ledger";
import type { DirtKind } from "../../settling";

const SOME = 0.1;

/** Whose oil lies in a vessel: the worst kind of dirt among its sources, and the source that most of it is from. */
export interface Provenance {
  readonly dirt: DirtKind;
  readonly source: SourceId | null;
}

/** By litres; some engine oil outranks meat, and that outranks chips. */
export function provenanceOf(yard: YardState, parts: readonly PartLitres[]): Provenance {
  const litresOf = new Map<SourceId, number>();
  let total = 0;
  for (const p of parts) {
    total += p.litres;
    const id = yard.origins.get(p.origin)?.source;
    if (id) litresOf.set(id, (litresOf.get(id) ?? 0) + p.litres);
  }
  let [engine, meaty, most] = [0, 0, 0];
  let source: SourceId | null = null;
  for (const [id, litres] of litresOf) {
    const dirt = yard.sources.get(id)?.source.dirt;
    if (dirt === "engine-oil") engine += litres;
    if (dirt === "meaty-fryer") meaty += litres;
    if (litres > most) [most, source] = [litres, id];
  }
  return {
    dirt: engine / total > SOME ? "engine-oil" : meaty / total > SOME ? "meaty-fryer" : "light-fryer",
    source,
  };
}

export const dirtOf = (yard: YardState, parts: readonly PartLitres[]): DirtKind => provenanceOf(yard, parts).dirt;
