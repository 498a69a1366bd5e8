"use client";
import { useState } from "react";
import type { VesselView } from "@/core/advice";
import type { Draft } from "@/core/ledger";
import { Interlock, useClearance, useNumber, useTell, useUnits } from "@/desk";
import { Button, TextField } from "@/ui";
import { type DipDraft, type DipField, LINE_NAMES, LINES } from "./useDip";

const FIELDS: readonly DipField[] = [...LINES, "scumMm"];

/** The lines of a dip, typed here or dragged on the drawing; only what was read is logged. */
export function DipForm({ vessel: v, dip }: { vessel: VesselView; dip: DipDraft }) {
  const units = useUnits();
  const tell = useTell();
  const celsius = useNumber("", units.parseCelsius);
  const [refused, setRefused] = useState<string | null>(null);
  const nothing = Object.keys(dip.read).length === 0 && celsius.value === null;
  const wrong = Object.keys(dip.errors).length > 0 || (celsius.text.trim() !== "" && celsius.value === null);
  const draft: Draft = {
    kind: "dip",
    data: {
      vessel: v.vessel.id,
      ...dip.read,
      ...(celsius.value !== null && { celsius: celsius.value }),
      ...(v.settling?.readyAt && { forecast: { readyAt: v.settling.readyAt } }),
    },
  };
  const clearance = useClearance(nothing || wrong ? null : draft);
  const odd = (clearance?.warnings.length ?? 0) > 0;
  const log = async (): Promise<void> => {
    const problem = await tell(draft, `Dipped ${v.vessel.name}. The forecast rests on it now.`);
    setRefused(problem);
    if (problem === null) dip.stop();
  };
  return (
    <section aria-labelledby="dip-title">
      <h2 id="dip-title" className="text-xl">
        Dip {v.vessel.name}
      </h2>
      <p className="text-[14px] text-ink-2">
        Drag a line on the drawing, or type it: mm from the bottom. Leave empty what you did not read.
      </p>
      <div className="mt-1 grid grid-cols-2 gap-2">
        {FIELDS.map((field) => (
          <TextField
            key={field}
            label={LINE_NAMES[field]}
            value={dip.texts[field] ?? ""}
            onChange={(t) => dip.type(field, t)}
            error={dip.errors[field]}
            decimal
            suffix="mm"
          />
        ))}
        <TextField
          label="Oil at"
          value={celsius.text}
          onChange={celsius.set}
          error={celsius.error}
          decimal
          suffix={units.celsius(0).split(" ")[1]}
        />
      </div>
      <Interlock clearance={clearance} />
      <div aria-live="polite">{refused ? <p className="mt-2 text-stop">{refused}</p> : null}</div>
      <div className="mt-3 flex gap-2">
        <Button look="go" wide disabled={nothing || wrong} onClick={() => void log()}>
          {odd ? "Keep it as read" : "Log the dip"}
        </Button>
        <Button onClick={dip.stop}>{odd ? "Drop it" : "Cancel"}</Button>
      </div>
    </section>
  );
}
