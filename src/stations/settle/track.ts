import type { Settling, Track, VesselView } from "@/core/readings";

/** Between two steps of a row, linear; its ends beyond them. */
export function alongRow(row: readonly number[], step: number): number {
  const i = Math.min(row.length - 1, Math.max(0, Math.floor(step)));
  const low = row[i] ?? 0;
  const high = row[Math.min(row.length - 1, i + 1)] ?? low;
  return low + (high - low) * Math.min(1, Math.max(0, step - i));
}

/** The vessel with its fronts where they stand at a step: what its drawing needs, and nothing reckoned anew. */
export function vesselAtStep(v: VesselView, track: Track | undefined, step: number): VesselView {
  if (!track || !v.settling) return v;
  const fronts = v.settling.fronts.map((f, i) => ({
    ...f,
    clearedAboveMm: alongRow(track.fronts[i]?.mm ?? [f.clearedAboveMm], step),
  }));
  return { ...v, settling: { ...v.settling, fronts } satisfies Settling };
}
