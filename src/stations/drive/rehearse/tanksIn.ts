import { litresAt, type Moment, type Rig } from "@/core/driving/rig";
import type { DrawnTank } from "../loop/LoopDrawing";

/** The lesson's tanks, to be drawn. */
export function tanksIn(
  rig: Rig,
  { run }: Moment,
  capacities: Readonly<Record<string, number>>,
): Record<string, DrawnTank> {
  return Object.fromEntries(
    run.stores.tanks.map((id, row) => {
      const part = rig.parts.find((p) => p.id === id);
      const litres = litresAt(run, row).reduce((sum, l) => sum + l, 0);
      const holds = part?.kind === "tank" ? part.holds : "oil";
      return [
        id,
        {
          litres,
          capacityLitres: capacities[id] ?? run.capacities[row] ?? 60,
          main: holds === "oil" ? "canola" : "diesel",
        },
      ];
    }),
  );
}
