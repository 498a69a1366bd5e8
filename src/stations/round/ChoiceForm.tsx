"use client";
import type { RoundChoice } from "@/core/readings";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { Choice, TextField } from "@/ui";
import { type ChoiceTexts, NO_PLACE, type ReadChoice } from "./choice";

interface Props {
  readonly texts: ChoiceTexts;
  readonly read: ReadChoice;
  readonly onChange: (more: Partial<ChoiceTexts>) => void;
}

/** Who drives, when, and what the round may take. */
export function ChoiceForm({ texts: t, read, onChange }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const more = read.onceDrawnLitres - read.settlingLitres;
  return (
    <div className="mt-4 flex flex-col gap-3">
      <Choice
        label="With"
        options={[
          ...view.places.map((p) => ({ value: p.place.id, name: p.place.name, detail: "its own containers" })),
          { value: NO_PLACE, name: "A car", detail: "containers from home" },
        ]}
        value={t.by}
        onChange={(by) => onChange({ by, payload: "" })}
      />
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label="Leaves at"
          value={t.leaves}
          onChange={(leaves) => onChange({ leaves })}
          error={read.errors.leaves}
        />
        <TextField
          label="Hours there are"
          value={t.hours}
          onChange={(hours) => onChange({ hours })}
          error={read.errors.hours}
          decimal
          suffix="h"
        />
      </div>
      <Choice
        label="Day"
        options={[
          { value: "today", name: "Today" },
          { value: "tomorrow", name: "Tomorrow" },
        ]}
        value={t.day}
        onChange={(day) => onChange({ day: day as ChoiceTexts["day"] })}
      />
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label="Payload left"
          value={t.payload}
          onChange={(payload) => onChange({ payload })}
          error={read.errors.payload}
          hint={t.payload === "" ? units.kg(read.payloadKg) : undefined}
          decimal
          suffix={units.mass.unit}
        />
        <TextField
          label="Can settle"
          value={t.settling}
          onChange={(settling) => onChange({ settling })}
          error={read.errors.settling}
          hint={
            t.settling === ""
              ? `${units.litres(read.settlingLitres)}${more > 1 ? `; ${units.litres(read.onceDrawnLitres)} once the clear oil is drawn off` : ""}`
              : undefined
          }
          decimal
          suffix={units.volume.unit}
        />
      </div>
      <Choice
        label="Ends"
        options={[
          { value: "home", name: "At home" },
          { value: "start", name: "Where it began" },
          { value: "last-stop", name: "At the last stop", detail: "travelling on" },
        ]}
        value={t.ends}
        onChange={(ends) => onChange({ ends: ends as RoundChoice["ends"] })}
      />
    </div>
  );
}
