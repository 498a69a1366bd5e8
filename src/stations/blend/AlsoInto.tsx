"use client";
import type { VesselView } from "@/core/readings";
import { useUnits } from "@/desk";

interface Props {
  readonly others: readonly VesselView[];
  readonly more: readonly string[];
  readonly onMore: (ids: readonly string[]) => void;
}

/** Other empty cans, filled with the same mix in one go. */
export function AlsoInto({ others, more, onMore }: Props) {
  const units = useUnits();
  return (
    <fieldset>
      <legend className="text-[14px] text-ink-2">And these cans, alike</legend>
      {others.map(({ vessel, capacityLitres }) => (
        <label key={vessel.id} className="flex min-h-[var(--target)] cursor-pointer items-center gap-3">
          <input
            type="checkbox"
            className="h-5 w-5 accent-go"
            checked={more.includes(vessel.id)}
            onChange={(e) => onMore(e.target.checked ? [...more, vessel.id] : more.filter((id) => id !== vessel.id))}
          />
          {vessel.name}, holds {units.litres(capacityLitres)}
        </label>
      ))}
    </fieldset>
  );
}
