"use client";
import type { VesselView } from "@/core/readings";
import { Choice, SelectField } from "@/ui";
import { useUnits } from "./useUnits";

interface Props {
  readonly label: string;
  readonly vessels: readonly VesselView[];
  readonly value: string;
  readonly onChange: (vessel: string) => void;
  /** What is said of each: what stands in it, or what it still takes. */
  readonly tells: "litres" | "room";
}

/** More plates than this would fill the screen. */
const MOST_PLATES = 6;

/** One vessel of however many: plates for a few, a list for more. */
export function VesselChoice({ label, vessels, value, onChange, tells }: Props) {
  const units = useUnits();
  const detail = (v: VesselView): string =>
    tells === "litres" ? units.litres(v.litres) : `room for ${units.litres(Math.max(0, v.capacityLitres - v.litres))}`;
  const options = vessels.map((v) => ({ value: v.vessel.id as string, name: v.vessel.name, detail: detail(v) }));
  return options.length <= MOST_PLATES ? (
    <Choice label={label} options={options} value={value} onChange={onChange} />
  ) : (
    <SelectField
      label={label}
      options={options.map((o) => ({ value: o.value, name: `${o.name}, ${o.detail}` }))}
      value={value}
      onChange={onChange}
    />
  );
}
