"use client";
import type { VesselView } from "@/core/readings";
import { useUnits } from "@/desk";
import { Choice } from "@/ui";
import { mostlyWords } from "@/ui/words";
import { type ReadStop, roomIn, type StopTexts } from "./stopForm";

interface Props {
  readonly containers: readonly VesselView[];
  readonly read: ReadStop;
  readonly onChange: (more: Partial<StopTexts>) => void;
}

/** Which container it goes into, with what is in each and how much it still takes safely. */
export function IntoFields({ containers, read, onChange }: Props) {
  const units = useUnits();
  return (
    <section aria-labelledby="into-title" className="mt-4">
      <h2 id="into-title" className="text-xl">
        Into
      </h2>
      <Choice
        label="Container"
        options={containers.map((v) => ({
          value: v.vessel.id,
          name: v.vessel.name,
          detail: `${v.litres < 0.05 ? "empty" : `${units.litres(v.litres)} ${mostlyWords(v.components)}`}${v.vessel.apart ? ", for engine oil" : ""}; room for ${units.litres(roomIn(v))}`,
        }))}
        value={read.to?.vessel.id ?? ""}
        onChange={(to) => onChange({ to })}
      />
    </section>
  );
}
