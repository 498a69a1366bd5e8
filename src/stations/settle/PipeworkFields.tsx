"use client";
import type { VesselView } from "@/core/readings";
import { type NumberInput, useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { Choice, TextField } from "@/ui";
import { thicknessWords } from "@/ui/words";
import { type DrawPlan, whyDraw } from "./drawPlan";
import type { PipeField, usePipework } from "./usePipework";

interface Props {
  readonly pipework: ReturnType<typeof usePipework>;
  readonly vessel: VesselView;
  readonly plan: DrawPlan | null;
  readonly celsius: number;
}

/** How it is drawn: a hose over the rim, or a hole in the side. */
export function PipeworkFields({ pipework: p, vessel, plan, celsius }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const field = (label: string, of: PipeField, input: NumberInput) => (
    <TextField
      label={label}
      value={input.text}
      onChange={(t) => p.set(of, input, t)}
      error={input.error}
      decimal
      suffix={input.unit}
      hint={input.echo}
    />
  );
  return (
    <details className="mt-2">
      <summary className="min-h-[var(--target)] cursor-pointer content-center text-[15px]">
        Through a {units.mm(p.kept.diameterMm)} {p.kept.way}
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
        {field("Inside, across", "diameterMm", p.bore)}
        {p.kept.way === "hose" ? (
          <>
            {field("Hose, long", "lengthMm", p.length)}
            {field("Its end below the line", "dropMm", p.drop)}
          </>
        ) : (
          field("Hole at, if it is bored", "holeMm", p.hole)
        )}
      </div>
      {plan ? (
        <Why
          name="drain-time"
          title="Why so long?"
          input={whyDraw(vessel, plan, celsius, view)}
          readings={thicknessWords(vessel.thickness)}
        />
      ) : null}
    </details>
  );
}
