"use client";
import { type Control, changedControl, MOST_POSITIONS, type Rig, withoutControl } from "@/core/driving/rig";
import { Button, TextField } from "@/ui";
import { POSITION_WORDS, positionWords } from "../driver/words";

interface Props {
  readonly control: Control;
  readonly rig: Rig;
  readonly onChange: (rig: Rig) => void;
}

const POSITIONS = Object.keys(POSITION_WORDS).filter((p) => p !== "auto");

/** One switch or hand valve: what it is called, and where it can stand. The first is where it is left. */
export function ControlRow({ control, rig, onChange }: Props) {
  const toggle = (position: string): void => {
    const positions = control.positions.includes(position)
      ? control.positions.filter((p) => p !== position)
      : [...control.positions, position];
    if (positions.length >= 2 && positions.length <= MOST_POSITIONS)
      onChange(changedControl(rig, { ...control, positions }));
  };
  return (
    <li className="border-t border-rule">
      <details>
        <summary className="min-h-[var(--target)] cursor-pointer content-center text-[16px]">
          <b className="font-plate">{control.name}</b>{" "}
          <span className="text-[14px] text-ink-2">{control.positions.map(positionWords).join(" · ")}</span>
        </summary>
        <div className="pb-3">
          <TextField
            label="What it is called"
            value={control.name}
            error={control.name.trim() === "" ? "It needs a name." : undefined}
            onChange={(name) => onChange(changedControl(rig, { ...control, name: name.slice(0, 60) }))}
          />
          <fieldset className="mt-2">
            <legend className="text-[14px] text-ink-2">It stands at, two to four; the first is where it is left</legend>
            <div className="flex flex-wrap gap-1">
              {POSITIONS.map((p) => (
                <button
                  key={p}
                  type="button"
                  aria-pressed={control.positions.includes(p)}
                  onClick={() => toggle(p)}
                  className="min-h-[var(--target)] rounded-md border border-quiet bg-card px-3 font-plate text-[16px] font-semibold aria-pressed:border-go aria-pressed:shadow-[inset_0_0_0_2px_var(--go)]"
                >
                  {positionWords(p)}
                </button>
              ))}
            </div>
          </fieldset>
          <Button className="mt-2" onClick={() => onChange(withoutControl(rig, control.id))}>
            Take {control.name} out
          </Button>
        </div>
      </details>
    </li>
  );
}
