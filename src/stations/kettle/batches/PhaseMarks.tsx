"use client";
import { parsePlain } from "@/core/units";
import { NumberField, type NumberInput, useNote, useNumber } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";

/** How things part between the layers in one's own kettles: typical to begin with, without a source. */
export function PhaseMarks() {
  const m = useYard().view.settings.phases;
  const note = useNote();
  const percent = (share: number): string => String(Math.round(share * 1000) / 10);
  const methanol = useNumber(percent(m.methanolToGlycerolShare), parsePlain);
  const soap = useNumber(percent(m.soapToGlycerolShare), parsePlain);
  const partition = useNumber(String(m.soapPartition), parsePlain);
  const water = useNumber(String(m.waterInWashedPpm), parsePlain);
  const lost = useNumber(percent(m.fuelToWaterShare), parsePlain);
  const fields: readonly (readonly [NumberInput, string, string, number, number])[] = [
    [methanol, "Left-over methanol that goes down with the glycerol", "%", 0, 100],
    [soap, "Soap that goes down with the glycerol", "%", 0, 100],
    [partition, "Soap in wash water, times that in fuel", "", 0.1, 1000],
    [water, "Water that washed fuel keeps", "ppm", 100, 20_000],
    [lost, "Fuel that a wash takes with it", "%", 0, 30],
  ];
  const keep = (): void => {
    const wrong = fields.find(([f, , , min, max]) => f.value === null || f.value < min || f.value > max);
    if (wrong) wrong[0].refuse(`Between ${wrong[3]} and ${wrong[4]}.`);
    else
      note(
        {
          kind: "settings",
          data: {
            phases: {
              methanolToGlycerolShare: (methanol.value ?? 0) / 100,
              soapToGlycerolShare: (soap.value ?? 0) / 100,
              soapPartition: partition.value ?? m.soapPartition,
              waterInWashedPpm: water.value ?? m.waterInWashedPpm,
              fuelToWaterShare: (lost.value ?? 0) / 100,
            },
          },
        },
        "Kept. What was split before stays as it was.",
      );
  };
  return (
    <details className="mt-3 rounded-md border border-rule bg-card px-3 text-[15px]">
      <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[17px] font-semibold">
        How things part in your kettles
      </summary>
      <div className="grid gap-2">
        {fields.map(([of, label, suffix]) => (
          <NumberField key={label} label={label} of={of} suffix={suffix} />
        ))}
      </div>
      <Button className="my-2" onClick={keep}>
        Keep it
      </Button>
    </details>
  );
}
