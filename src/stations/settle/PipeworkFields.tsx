"use client";
import type { VesselView } from "@/core/advice";
import { Why } from "@/desk";
import { Choice, TextField } from "@/ui";
import { thicknessWords } from "@/ui/words";
import { type DrawPlan, whyDraw } from "./drawPlan";
import type { usePipework } from "./usePipework";

interface Props {
  readonly pipework: ReturnType<typeof usePipework>;
  readonly vessel: VesselView;
  readonly plan: DrawPlan | null;
  readonly celsius: number;
}

/** How it is drawn: a hose over the rim, or a hole in the side. */
export function PipeworkFields({ pipework: p, vessel, plan, celsius }: Props) {
  return (
    <details className="mt-2">
      <summary className="min-h-[var(--target)] cursor-pointer content-center text-[15px]">
        Through a {p.kept.diameterMm} mm {p.kept.way}
      </summary>
      <Choice
        label="Drawn through"
        narrow
        options={[
          { value: "hose", name: "Hose", detail: "over the rim" },
          { value: "hole", name: "Hole", detail: "in the side" },
        ]}
        value={p.kept.way}
        onChange={(way) => p.keep({ ...p.kept, way: way as "hose" | "hole" })}
      />
      <div className="mt-2 grid grid-cols-2 gap-2">
        <TextField
          label="Inside, across"
          value={p.bore.text}
          onChange={(t) => p.set("diameterMm", p.bore, t)}
          error={p.bore.error}
          decimal
          suffix="mm"
        />
        {p.kept.way === "hose" ? (
          <>
            <TextField
              label="Hose, long"
              value={p.length.text}
              onChange={(t) => p.set("lengthMm", p.length, t)}
              error={p.length.error}
              decimal
              suffix="mm"
            />
            <TextField
              label="Its end below the line"
              value={p.drop.text}
              onChange={(t) => p.set("dropMm", p.drop, t)}
              error={p.drop.error}
              decimal
              suffix="mm"
            />
          </>
        ) : (
          <TextField
            label="Hole at, if it is bored"
            value={p.hole.text}
            onChange={(t) => p.set("holeMm", p.hole, t)}
            error={p.hole.error}
            decimal
            suffix="mm"
          />
        )}
      </div>
      {plan ? (
        <Why
          name="drain-time"
          title="Why so long?"
          input={whyDraw(vessel, plan, celsius)}
          readings={thicknessWords(vessel.thickness)}
        />
      ) : null}
    </details>
  );
}
