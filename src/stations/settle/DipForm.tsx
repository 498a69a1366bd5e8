"use client";
import type { Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { NumberField, useAmount, useUnits } from "@/desk";
import { offBook } from "@/desk/form";
import { useYard } from "@/store";
import { TextField } from "@/ui";
import { KeepOrDrop } from "./KeepOrDrop";
import { type DipDraft, type DipField, LINE_NAMES, LINES } from "./useDip";

const FIELDS: readonly DipField[] = [...LINES, "scumMm"];

/** The lines of a dip, typed here or dragged on the drawing; only what was read is logged. */
export function DipForm({ vessel: v, dip }: { vessel: VesselView; dip: DipDraft }) {
  const units = useUnits();
  const celsius = useAmount(units.temperature, null);
  const nothing = Object.keys(dip.read).length === 0 && celsius.value === null;
  const wrong = Object.keys(dip.errors).length > 0 || (celsius.text.trim() !== "" && celsius.value === null);
  const { shedCelsius } = useYard().view.settings;
  const off = wrong ? null : offBook(v, dip.read.oilMm, celsius.value ?? shedCelsius);
  const draft: Draft = {
    kind: "dip",
    data: {
      vessel: v.vessel.id,
      ...dip.read,
      ...(celsius.value !== null && { celsius: celsius.value }),
      ...(v.settling?.readyAt && { forecast: { readyAt: v.settling.readyAt } }),
    },
  };
  return (
    <section aria-labelledby="dip-title">
      <h2 id="dip-title" className="text-xl">
        Dip {v.vessel.name}
      </h2>
      <p className="text-[14px] text-ink-2">
        Drag a line on the drawing, or type it: {units.length.unit} from the bottom. Leave empty what you did not read.
      </p>
      <div className="mt-1 grid grid-cols-2 gap-2">
        {FIELDS.map((field) => (
          <TextField
            key={field}
            label={LINE_NAMES[field]}
            value={dip.texts[field] ?? ""}
            onChange={(t) => dip.type(field, t)}
            error={dip.errors[field]}
            hint={dip.read[field] === undefined ? undefined : units.length.echo(dip.read[field])}
            decimal
            suffix={units.length.unit}
          />
        ))}
        <NumberField label="Oil at" of={celsius} />
      </div>
      <KeepOrDrop
        draft={nothing || wrong ? null : draft}
        said={`Dipped ${v.vessel.name}. The forecast rests on it now.`}
        action="Log the dip"
        further={
          off && {
            name: `Log it, and book ${units.litres(Math.abs(off.overLitres))} ${off.overLitres < 0 ? "missing" : "found"}`,
            drafts: [off.stockTake],
          }
        }
        onDone={dip.stop}
      />
    </section>
  );
}
