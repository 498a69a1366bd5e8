"use client";
import { changedHose, type Hose, hoseLitres, openPorts, type Rig, withoutHose } from "@/core/driving/rig";
import { useUnits } from "@/desk";
import { Button, SelectField } from "@/ui";
import { Figure } from "./Figure";
import { fineLitres, portLabel } from "./faultWords";

interface Props {
  readonly hose: Hose;
  readonly rig: Rig;
  readonly onChange: (rig: Rig) => void;
}

/** One hose: its ends, how long and how wide it is, and so what it holds. */
export function HoseRow({ hose, rig, onChange }: Props) {
  const units = useUnits();
  const put = (changed: Hose): void => onChange(changedHose(rig, changed));
  const ends = (now: string) => [now, ...openPorts(rig)].map((port) => ({ value: port, name: portLabel(rig, port) }));
  return (
    <li className="border-t border-rule">
      <details>
        <summary className="min-h-[var(--target)] cursor-pointer content-center text-[15px]">
          {portLabel(rig, hose.from)} → {portLabel(rig, hose.to)}{" "}
          <span className="text-[14px] text-ink-2">
            {units.mm(hose.lengthMm)}, {units.mm(hose.boreMm)} inside, {fineLitres(units, hoseLitres(hose))}
          </span>
        </summary>
        <div className="grid grid-cols-2 gap-2 pb-3">
          <Figure
            label="Long"
            value={hose.lengthMm}
            unit={units.length.unit}
            text={units.length.text}
            parse={units.length.parse}
            least={0}
            most={20_000}
            onChange={(lengthMm) => put({ ...hose, lengthMm })}
          />
          <Figure
            label="Inside"
            value={hose.boreMm}
            unit={units.length.unit}
            text={units.length.text}
            parse={units.length.parse}
            least={1}
            most={60}
            onChange={(boreMm) => put({ ...hose, boreMm })}
          />
          <SelectField
            label="From"
            value={hose.from}
            options={ends(hose.from)}
            onChange={(from) => put({ ...hose, from })}
          />
          <SelectField label="To" value={hose.to} options={ends(hose.to)} onChange={(to) => put({ ...hose, to })} />
          <Button className="col-span-2" onClick={() => onChange(withoutHose(rig, hose.id))}>
            Take this hose off
          </Button>
        </div>
      </details>
    </li>
  );
}
