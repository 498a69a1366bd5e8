"use client";
import type { VesselView } from "@/core/readings";
import { Choice } from "@/ui";
import { useUnits } from "./useUnits";

interface Props {
  readonly targets: readonly VesselView[];
  readonly value: string;
  readonly onChange: (vessel: string) => void;
}

const MOST_SHOWN = 6;

/** Where oil goes: the vessels meant for it, each with its room. */
export function IntoChoice({ targets, value, onChange }: Props) {
  const units = useUnits();
  return (
    <Choice
      label="Into"
      options={targets.slice(0, MOST_SHOWN).map((t) => ({
        value: t.vessel.id,
        name: t.vessel.name,
        detail: `room for ${units.litres(t.capacityLitres - t.litres)}`,
      }))}
      value={value}
      onChange={onChange}
    />
  );
}
