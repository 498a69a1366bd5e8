"use client";
import type { VesselView } from "@/core/readings";
import { heightAtLitres } from "@/core/vessels";
import { useUnits } from "@/desk";

interface Props {
  readonly vessel: VesselView;
  readonly gotLitres: number;
  readonly lineMm: number;
}

const NAMES = { sludge: "sludge", water: "water", fat: "fat" } as const;
/** A pour is not stopped to the millimetre. */
const SLACK_MM = 5;

/** A draw that went below its own line brings along what lies there: said before it is logged. */
export function BeyondLine({ vessel: v, gotLitres, lineMm }: Props) {
  const units = useUnits();
  const left = v.litres - gotLitres;
  if (v.broken || left < 0) return null;
  const levelMm = heightAtLitres(v.vessel, Math.min(left, v.capacityLitres));
  if (levelMm >= lineMm - SLACK_MM) return null;
  const reached = v.layers.flatMap((l) =>
    l.kind !== "oil" && l.kind !== "scum" && l.toMm > levelMm ? [`${NAMES[l.kind]} up to ${units.mm(l.toMm)}`] : [],
  );
  return (
    <p role="status" className="mt-1 text-[15px] text-stop">
      That took it down to {units.mm(levelMm)}, below the line at {units.mm(lineMm)}.{" "}
      {reached.length > 0
        ? `Some of what lies there came along: ${reached.join(", ")}.`
        : "What still hangs low came along."}
    </p>
  );
}
