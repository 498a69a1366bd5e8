"use client";
import { useState } from "react";
import { type Interval, SERVICES, type Service, USUAL_INTERVALS } from "@/core/driving";
import type { Vehicle } from "@/core/ledger";
import { formatFigure, parsePlain } from "@/core/units";
import { LogStep, useUnits } from "@/desk";
import { SelectField, TextField } from "@/ui";
import { SERVICE_NAMES } from "@/ui/words/upkeep";

/** After how long each thing is done on this vehicle, where its owner does it otherwise. */
export function Intervals({ vehicle }: { vehicle: Vehicle }) {
  const units = useUnits();
  const [what, setWhat] = useState<Service>("filter");
  const now = vehicle.upkeep?.[what] ?? USUAL_INTERVALS[what];
  return (
    <details className="mt-3 max-w-[760px]">
      <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[17px] font-semibold">
        After how long
      </summary>
      <p className="text-[15px] text-ink-2">
        Usual figures, without a source: what the maker says, and what your filters look like, go before them. The first
        two filters on oil come early whatever stands here.
      </p>
      <SelectField
        label="Of what"
        value={what}
        onChange={(w) => setWhat(w as Service)}
        options={SERVICES.map((s) => ({ value: s, name: SERVICE_NAMES[s] }))}
      />
      <Form key={`${what} ${JSON.stringify(now)} ${units.distance.unit}`} vehicle={vehicle} what={what} now={now} />
    </details>
  );
}

function Form({ vehicle, what, now }: { vehicle: Vehicle; what: Service; now: Interval }) {
  const units = useUnits();
  const [km, setKm] = useState(now.km === undefined ? "" : units.distance.text(now.km));
  const [hours, setHours] = useState(now.hours === undefined ? "" : formatFigure(now.hours));
  const [months, setMonths] = useState(now.months === undefined ? "" : formatFigure(now.months));
  const read = { km: units.distance.parse(km), hours: parsePlain(hours), months: parsePlain(months) };
  const texts = { km, hours, months };
  const bad = (of: keyof typeof texts): string | undefined => {
    const r = read[of];
    return texts[of] !== "" && !(r.ok && r.value > 0) ? "More than nought, or nothing at all." : undefined;
  };
  const own: Interval = {
    ...(read.km.ok && km !== "" && { km: read.km.value }),
    ...(read.hours.ok && hours !== "" && { hours: read.hours.value }),
    ...(read.months.ok && months !== "" && { months: read.months.value }),
  };
  const isBad = (["km", "hours", "months"] as const).some((of) => bad(of) !== undefined);
  const isNone = Object.keys(own).length === 0;
  return (
    <>
      <div className="mt-2 grid grid-cols-3 gap-2">
        <TextField
          label="Distance"
          decimal
          suffix={units.distance.unit}
          value={km}
          onChange={setKm}
          error={bad("km")}
        />
        <TextField label="Hours" decimal suffix="h" value={hours} onChange={setHours} error={bad("hours")} />
        <TextField
          label="Months"
          decimal
          value={months}
          onChange={setMonths}
          error={bad("months") ?? (isNone ? "One of the three at the least." : undefined)}
        />
      </div>
      <LogStep
        draft={{ kind: "vehicle", data: { ...vehicle, upkeep: { ...vehicle.upkeep, [what]: own } } }}
        said={`${SERVICE_NAMES[what]}: kept.`}
        action="Keep it so"
        disabled={isBad || isNone}
      />
    </>
  );
}
