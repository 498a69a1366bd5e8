"use client";
import { useUnits } from "@/desk";
import { Button, MomentField, SelectField, TextField } from "@/ui";
import { fullMoment } from "@/ui/words";
import { presetOptions } from "../presets";
import { type ReadRow, type Row, usualLitres } from "./rows";
import { NOTHING, SINCE, type SinceId, WHATS, type WhatId, whatOf } from "./whats";

interface Props {
  readonly row: Row;
  readonly read: ReadRow;
  readonly number: number;
  /** The names of sources that are known or typed already. */
  readonly sources: readonly string[];
  readonly onChange: (more: Partial<Row>) => void;
  readonly onMore: () => void;
  readonly onDrop: (() => void) | null;
}

const WHAT_OPTIONS = [
  ...Object.entries(WHATS).map(([value, { name }]) => ({ value, name: name as string })),
  { value: NOTHING, name: "Nothing, it is empty" },
];
const SINCE_OPTIONS = Object.entries(SINCE).map(([value, { name }]) => ({ value, name: name as string }));

/** Containers of one kind with the same in them: what, how many, how much, since when, from whom. */
export function RowFields({ row, read, number, sources, onChange, onMore, onDrop }: Props) {
  const units = useUnits();
  const what = whatOf(row.what);
  const litres = (field: "holds" | "litres", label: string, usual: number) => (
    <TextField
      label={label}
      value={row[field] ?? units.volume.text(usual)}
      onChange={(text) => onChange({ [field]: text })}
      error={read.errors[field]}
      hint={units.volume.echo(field === "holds" ? read.holdsLitres : read.litres)}
      decimal
      suffix={units.volume.unit}
    />
  );
  return (
    <fieldset className="rounded-md border border-quiet bg-panel px-3 pt-1 pb-3">
      <legend className="px-1 font-plate text-[18px] font-semibold">Container {number}</legend>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2 md:grid-cols-4">
        <SelectField
          label="Kind"
          value={row.preset}
          options={presetOptions(units).map(({ value, name, detail }) => ({ value, name: `${name}, ${detail}` }))}
          onChange={(preset) => onChange({ preset, holds: null, litres: null })}
        />
        <TextField
          label="How many of them"
          value={row.count}
          onChange={(count) => onChange({ count })}
          error={read.errors.count}
          decimal
        />
        {litres("holds", "Each holds", read.holdsLitres)}
        <SelectField
          label="In it"
          value={row.what}
          options={WHAT_OPTIONS}
          onChange={(id) => onChange({ what: id as WhatId })}
        />
        {what ? litres("litres", "How much in each", usualLitres(read.holdsLitres)) : null}
        {what ? (
          <SelectField
            label="It stands since"
            value={row.since}
            options={SINCE_OPTIONS}
            onChange={(since) => onChange({ since: since as SinceId })}
          />
        ) : null}
        {what && row.since === "day" ? (
          <MomentField
            label="Since when"
            value={row.day}
            onChange={(day) => onChange({ day })}
            error={read.errors.day}
            hint={row.day === "" ? undefined : fullMoment(read.at)}
          />
        ) : null}
        {what?.isCollected ? (
          <>
            <TextField
              label="From (if you know)"
              value={row.from}
              onChange={(from) => onChange({ from })}
              error={read.errors.from}
            />
            {sources.length > 0 ? (
              <div className="col-span-2 flex flex-wrap items-end gap-1.5">
                {sources.slice(0, 4).map((name) => (
                  <Button key={name} aria-pressed={row.from === name} onClick={() => onChange({ from: name })}>
                    {name}
                  </Button>
                ))}
              </div>
            ) : null}
          </>
        ) : null}
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={onMore}>Another like it</Button>
        {onDrop ? (
          <Button look="quiet" onClick={onDrop}>
            Take it out<span className="sr-only">: container {number}</span>
          </Button>
        ) : null}
      </div>
    </fieldset>
  );
}
