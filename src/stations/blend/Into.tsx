"use client";
import { memo } from "react";
import type { VesselView } from "@/core/readings";
import { useUnits } from "@/desk";
import { Choice, TextField } from "@/ui";
import { AlsoInto } from "./AlsoInto";

interface Props {
  readonly target: VesselView;
  readonly targets: readonly VesselView[];
  readonly onTarget: (id: string) => void;
  /** Whose engine is to burn what is mixed in a can. */
  readonly tank: VesselView | null;
  readonly tanks: readonly VesselView[];
  readonly onTank: (id: string) => void;
  readonly fillText: string;
  readonly fillWrong: string | undefined;
  readonly fillEcho: string | undefined;
  readonly onFill: (text: string) => void;
  readonly others: readonly VesselView[];
  readonly more: readonly string[];
  readonly onMore: (ids: readonly string[]) => void;
}

/** What it is mixed in, for which engine, and how full. Not drawn anew as a divider moves. */
export const Into = memo(function Into(p: Props) {
  const units = useUnits();
  return (
    <div className="grid max-w-[860px] gap-x-5 gap-y-2 sm:grid-cols-2">
      <Choice
        label="Mix it in"
        options={p.targets.map((t) => ({
          value: t.vessel.id,
          name: t.vessel.name,
          detail: `${units.litres(t.litres)} in it`,
        }))}
        value={p.target.vessel.id}
        onChange={p.onTarget}
      />
      {p.tanks.length < 2 ? null : (
        <Choice
          label="For"
          options={p.tanks.map((t) => ({ value: t.vessel.id, name: t.vessel.name }))}
          value={p.tank?.vessel.id ?? ""}
          onChange={p.onTank}
        />
      )}
      <TextField
        label="Fill it to"
        value={p.fillText}
        onChange={p.onFill}
        error={p.fillWrong}
        decimal
        hint={p.fillEcho}
        suffix={units.volume.unit}
      />
      {p.others.length > 0 ? <AlsoInto others={p.others} more={p.more} onMore={p.onMore} /> : null}
    </div>
  );
});
