"use client";
import { useUnits } from "@/desk";
import { Button, Choice, TextField } from "@/ui";
import type { CountedBy, ReadStop, StopTexts } from "./stopForm";

interface Props {
  readonly texts: StopTexts;
  readonly read: ReadStop;
  readonly onChange: (more: Partial<StopTexts>) => void;
}

/** Counting, as it is done: scoops, jerrycans, or litres off the pump. */
export function CountFields({ texts: t, read, onChange }: Props) {
  const units = useUnits();
  return (
    <section aria-labelledby="count-title" className="mt-4 flex flex-col gap-2">
      <div className="flex items-baseline justify-between">
        <h2 id="count-title" className="text-xl">
          Count it
        </h2>
        <p role="status" className="font-plate text-[25px] font-semibold">
          {read.litres === null ? "–" : units.litres(read.litres)}
        </p>
      </div>
      <Choice
        label="By"
        options={[
          { value: "jerrycans", name: "Jerrycans" },
          { value: "scoops", name: "Scoops" },
          { value: "pump", name: "Pump" },
        ]}
        value={t.by}
        onChange={(by) => onChange({ by: by as CountedBy })}
        narrow
      />
      {t.by === "pump" ? (
        <TextField
          label="Litres off the pump"
          value={t.pumpLitres}
          onChange={(pumpLitres) => onChange({ pumpLitres })}
          error={read.errors.pumpLitres}
          decimal
          suffix={units.volume.unit}
        />
      ) : t.by === "scoops" ? (
        <Counter
          name="scoop"
          count={t.scoops}
          each={t.scoopLitres}
          error={read.errors.scoopLitres}
          suffix={units.volume.unit}
          onCount={(scoops) => onChange({ scoops })}
          onEach={(scoopLitres) => onChange({ scoopLitres })}
        />
      ) : (
        <Counter
          name="jerrycan"
          count={t.jerrycans}
          each={t.jerrycanLitres}
          error={read.errors.jerrycanLitres}
          suffix={units.volume.unit}
          onCount={(jerrycans) => onChange({ jerrycans })}
          onEach={(jerrycanLitres) => onChange({ jerrycanLitres })}
        />
      )}
    </section>
  );
}

interface CounterProps {
  readonly name: string;
  readonly count: number;
  readonly each: string;
  readonly error: string | undefined;
  readonly suffix: string;
  readonly onCount: (count: number) => void;
  readonly onEach: (each: string) => void;
}

/** Half a jerrycan counts too. */
const HALF = 0.5;

function Counter({ name, count, each, error, suffix, onCount, onEach }: CounterProps) {
  const add = (by: number): void => onCount(Math.max(0, count + by));
  return (
    <>
      <div className="grid grid-cols-4 gap-2">
        <Button
          onClick={() => add(-1)}
          disabled={count === 0}
          className="min-h-[64px] text-2xl"
          aria-label={`One ${name} less`}
        >
          −1
        </Button>
        <p className="flex flex-col items-center justify-center rounded-md border border-rule bg-card font-plate">
          <b className="text-[27px] leading-none">{count}</b>
          <span className="text-[14px]">{count === 1 ? name : `${name}s`}</span>
        </p>
        <Button onClick={() => add(HALF)} className="min-h-[64px] text-2xl" aria-label={`Half a ${name} more`}>
          +½
        </Button>
        <Button look="go" onClick={() => add(1)} className="min-h-[64px] text-2xl" aria-label={`One ${name} more`}>
          +1
        </Button>
      </div>
      <TextField label={`One ${name} is`} value={each} onChange={onEach} error={error} decimal suffix={suffix} />
    </>
  );
}
