import { type Draft, roleOf, type Vessel, VesselId, type VesselState, type YardState } from "../ledger";

/** A yard and a draft that is asked of it. */
interface Asked {
  readonly yard: YardState;
  readonly draft: Draft;
}

/** What it was before it was said to be something else; in no book. */
const AS_IT_WAS = VesselId.parse("~as it was");

/**
 * A vessel that is said to be another is like pouring all that is in it into that other: asked of a yard with both in it.
 * `stay` is the same into itself, so that only what is new is held against it. Null where nothing stands in it.
 */
export function asPour(yard: YardState, draft: Draft): { readonly into: Asked; readonly stay: Asked } | null {
  if (draft.kind !== "vessel") return null;
  const known = yard.vessels.get(draft.data.id);
  if (!known || known.contents.total === 0 || !isAnother(known.vessel, draft.data)) return null;
  const pour: Draft = {
    kind: "move",
    data: { from: AS_IT_WAS, to: draft.data.id, amount: { all: true }, layer: "mixed" },
  };
  const asked = (vessel: Vessel): Asked => ({ yard: withBoth(yard, known, vessel), draft: pour });
  return { into: asked(draft.data), stay: asked(known.vessel) };
}

/** In what the gates go by: what it is for, made of, made for. */
const isAnother = (a: Vessel, b: Vessel): boolean =>
  a.role !== b.role ||
  a.material !== b.material ||
  a.madeFor !== b.madeFor ||
  a.isForFood !== b.isForFood ||
  a.look !== b.look ||
  roleOf(a.role).receiver !== roleOf(b.role).receiver;

function withBoth(yard: YardState, known: VesselState, vessel: Vessel): YardState {
  const vessels = new Map(yard.vessels);
  vessels.set(AS_IT_WAS, { ...known, vessel: { ...known.vessel, id: AS_IT_WAS } });
  const { contents } = known;
  vessels.set(vessel.id, { ...known, vessel, contents: { ...contents, keys: [], unscaled: [], total: 0 } });
  return { ...yard, vessels };
}
