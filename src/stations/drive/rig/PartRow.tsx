"use client";
import {
  changedPart,
  isValve,
  type Mover,
  type Rig,
  type RigPart,
  type ValvePart,
  withoutPart,
} from "@/core/driving/rig";
import { formatFigure, formatNumber, parsePlain } from "@/core/units";
import { useUnits } from "@/desk";
import { Button, SelectField, TextField } from "@/ui";
import type { Units } from "@/ui/words";
import { positionWords } from "../driver/words";
import { Figure } from "./Figure";
import { fineLitres, kindName } from "./faultWords";

interface Props {
  readonly part: RigPart;
  readonly rig: Rig;
  readonly onChange: (rig: Rig) => void;
}

const MOVER_WORDS: Readonly<Record<Mover, string>> = {
  hand: "By hand",
  solenoid: "Solenoid, rests without power",
  motor: "Motor, stays without power",
};

/** One part: what it is in a line, and opened, all that can be said of it. */
export function PartRow({ part, rig, onChange }: Props) {
  const units = useUnits();
  const put = (changed: RigPart): void => onChange(changedPart(rig, changed));
  return (
    <li className="border-t border-rule">
      <details>
        <summary className="min-h-[var(--target)] cursor-pointer content-center text-[16px]">
          <b className="font-plate">{part.name}</b>{" "}
          <span className="text-[14px] text-ink-2">{partWords(part, rig, units)}</span>
        </summary>
        <div className="grid grid-cols-2 gap-2 pb-3">
          <TextField
            label="Its name"
            value={part.name}
            error={part.name.trim() === "" ? "It needs a name." : undefined}
            onChange={(name) => put({ ...part, name: name.slice(0, 60) })}
          />
          <PartFigures part={part} units={units} onChange={put} />
          {isValve(part) ? <ValveFields part={part} rig={rig} onChange={put} /> : null}
          {part.kind === "tank" ? (
            <SelectField
              label="It holds"
              value={part.holds}
              options={[
                { value: "diesel", name: "Diesel, or what it starts on" },
                { value: "oil", name: "Oil, or its only fuel" },
              ]}
              onChange={(holds) => put({ ...part, holds: holds as "diesel" | "oil" })}
            />
          ) : null}
          {part.kind === "gauge" ? (
            <SelectField
              label="It reads"
              value={part.reads}
              options={[
                { value: "temperature", name: "Temperature" },
                { value: "pressure", name: "Pressure" },
                { value: "restriction", name: "Filter drop" },
              ]}
              onChange={(reads) => put({ ...part, reads: reads as typeof part.reads })}
            />
          ) : null}
          <Button className="col-span-2" onClick={() => onChange(withoutPart(rig, part.id))}>
            Take {part.name} out
          </Button>
        </div>
      </details>
    </li>
  );
}

/** What a part is, after its name. */
function partWords(part: RigPart, rig: Rig, u: Units): string {
  switch (part.kind) {
    case "tank":
      return part.holds === "diesel" ? "tank, diesel" : "tank, oil";
    case "pick-up":
      return part.uaWPerK > 0 ? `${formatFigure(part.uaWPerK)} W/K of coolant` : "no heat";
    case "filter":
      return `filter, ${formatFigure(part.ratingUm)} µm, ${fineLitres(u, part.litres)}`;
    case "trap":
      return `water trap, ${fineLitres(u, part.litres)}`;
    case "heater":
      return `${formatNumber(part.watts, 0)} W`;
    case "exchanger":
      return `${formatFigure(part.uaWPerK)} W/K, ${fineLitres(u, part.litres)}`;
    case "lift-pump":
    case "injection-pump":
      return `${u.litres(part.litresPerMinute)} a minute`;
    case "three-way":
    case "shut-off": {
      const control = rig.controls.find((c) => c.id === part.turned.control);
      return `${kindName(part.kind).toLowerCase()}, ${control ? `turned at ${control.name} ${part.turned.at.map(positionWords).join(", ")}` : "on no switch"}${part.isReversed ? ", wrong way round" : ""}`;
    }
    case "gauge":
    case "tee":
    case "check":
    case "sock":
      return kindName(part.kind).toLowerCase();
  }
}

function PartFigures({ part, units, onChange }: { part: RigPart; units: Units; onChange: (p: RigPart) => void }) {
  const plain = (value: number): string => formatFigure(value);
  return (
    <>
      {"litres" in part ? (
        <Figure
          label="It holds"
          value={part.litres}
          unit={units.volume.unit}
          text={units.volume.text}
          parse={units.volume.parse}
          least={0}
          most={20}
          onChange={(litres) => onChange({ ...part, litres })}
        />
      ) : null}
      {"ratingUm" in part ? (
        <Figure
          label="Rated"
          value={part.ratingUm}
          unit="µm"
          text={plain}
          parse={parsePlain}
          least={0.1}
          most={2000}
          onChange={(ratingUm) => onChange({ ...part, ratingUm })}
        />
      ) : null}
      {"uaWPerK" in part ? (
        <Figure
          label="Warms, by coolant"
          value={part.uaWPerK}
          unit="W/K"
          text={plain}
          parse={parsePlain}
          least={0}
          most={1000}
          onChange={(uaWPerK) => onChange({ ...part, uaWPerK })}
        />
      ) : null}
      {"watts" in part ? (
        <Figure
          label="Power"
          value={part.watts}
          unit="W"
          text={plain}
          parse={parsePlain}
          least={0}
          most={20_000}
          onChange={(watts) => onChange({ ...part, watts })}
        />
      ) : null}
      {"litresPerMinute" in part ? (
        <Figure
          label="Moves, a minute"
          value={part.litresPerMinute}
          unit={units.volume.unit}
          text={units.volume.text}
          parse={units.volume.parse}
          least={0.01}
          most={100}
          onChange={(litresPerMinute) => onChange({ ...part, litresPerMinute })}
        />
      ) : null}
    </>
  );
}

/** What moves a valve, at which positions it is turned, and whether it sits the wrong way round. */
function ValveFields({ part, rig, onChange }: { part: ValvePart; rig: Rig; onChange: (p: RigPart) => void }) {
  const control = rig.controls.find((c) => c.id === part.turned.control);
  const toggle = (position: string): void => {
    const at = part.turned.at.includes(position)
      ? part.turned.at.filter((p) => p !== position)
      : [...part.turned.at, position];
    onChange({ ...part, turned: { ...part.turned, at } });
  };
  return (
    <>
      <SelectField
        label="Moved"
        value={part.moved}
        options={(Object.keys(MOVER_WORDS) as Mover[]).map((m) => ({ value: m, name: MOVER_WORDS[m] }))}
        onChange={(moved) => onChange({ ...part, moved: moved as Mover })}
      />
      <SelectField
        label="By the switch"
        value={control?.id ?? ""}
        options={[
          ...(control ? [] : [{ value: "", name: "None yet" }]),
          ...rig.controls.map((c) => ({ value: c.id, name: c.name })),
        ]}
        onChange={(id) => {
          const next = rig.controls.find((c) => c.id === id);
          if (next) onChange({ ...part, turned: { control: id, at: next.positions.slice(-1) } });
        }}
      />
      {control ? (
        <fieldset className="col-span-2">
          <legend className="text-[14px] text-ink-2">Turned at</legend>
          <div className="flex flex-wrap gap-1">
            {control.positions.map((p) => (
              <button
                key={p}
                type="button"
                aria-pressed={part.turned.at.includes(p)}
                onClick={() => toggle(p)}
                className="min-h-[var(--target)] rounded-md border border-quiet bg-card px-3 font-plate text-[16px] font-semibold aria-pressed:border-go aria-pressed:shadow-[inset_0_0_0_2px_var(--go)]"
              >
                {positionWords(p)}
              </button>
            ))}
          </div>
        </fieldset>
      ) : null}
      <label className="col-span-2 flex min-h-[var(--target)] items-center gap-2 text-[16px]">
        <input
          type="checkbox"
          checked={part.isReversed === true}
          className="h-5 w-5"
          onChange={(e) => onChange({ ...part, isReversed: e.target.checked || undefined })}
        />
        Plumbed the wrong way round
      </label>
    </>
  );
}
