"use client";
import { useState } from "react";
import type { Vessel } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { formatNumber, parsePlain } from "@/core/units";
import { NumberField, useAmount, useTell, useUnits } from "@/desk";
import { Button, TextField } from "@/ui";

interface Mark {
  readonly cups: string;
  readonly mm: string;
}
const FIRST: readonly Mark[] = [
  { cups: "", mm: "" },
  { cups: "", mm: "" },
];
const MOST_MARKS = 40;

const numberIn = (text: string): number | null => {
  const read = parsePlain(text);
  return read.ok && read.value > 0 ? read.value : null;
};

/** A sight glass made true: so many cups poured, so many millimetres it stood at. From then on heights are litres by these marks. */
export function SightGlass({ kettle }: { kettle: VesselView }) {
  const units = useUnits();
  const tell = useTell();
  const cup = useAmount(units.volume, 1);
  const [marks, setMarks] = useState<readonly Mark[]>(FIRST);
  const [wrong, setWrong] = useState<string>();
  const put = (at: number, more: Partial<Mark>): void => {
    setMarks(marks.map((m, i) => (i === at ? { ...m, ...more } : m)));
    setWrong(undefined);
  };
  const keep = async (): Promise<void> => {
    const shape = shapeOf(marks, cup.value);
    if (typeof shape === "string") return setWrong(shape);
    const rimMm = shape.points.at(-1)?.[0] ?? kettle.vessel.rimMm;
    const vessel: Vessel = { ...kettle.vessel, shape, rimMm };
    setWrong(
      (await tell({ kind: "vessel", data: vessel }, `${kettle.vessel.name} goes by its own marks from now on.`)) ??
        undefined,
    );
  };
  return (
    <details className="mt-3 rounded-md border border-rule bg-card px-3 text-[15px]">
      <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[17px] font-semibold">
        Make its sight glass true
      </summary>
      <p>
        Pour water in by a cup you trust, and read the glass as you go. The last mark is the rim.
        {kettle.vessel.shape.kind === "table" ? ` It has ${kettle.vessel.shape.points.length} marks now.` : ""}
      </p>
      <NumberField label="One cup holds" of={cup} />
      {marks.map((m, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a mark is known by its place
        <div key={i} className="mt-1 grid grid-cols-2 gap-2">
          <TextField
            label={`Cups in all, mark ${i + 1}`}
            value={m.cups}
            onChange={(cups) => put(i, { cups })}
            decimal
          />
          <TextField
            label={`Stood at, mark ${i + 1}`}
            value={m.mm}
            onChange={(mm) => put(i, { mm })}
            decimal
            suffix="mm"
          />
        </div>
      ))}
      {wrong ? <p className="text-stop">{wrong}</p> : null}
      <div className="my-2 flex flex-wrap gap-2">
        {marks.length < MOST_MARKS ? (
          <Button onClick={() => setMarks([...marks, { cups: "", mm: "" }])}>One more mark</Button>
        ) : null}
        <Button onClick={() => void keep()}>Keep these marks</Button>
      </div>
    </details>
  );
}

/** The marks as a shape, or what is wrong with them. */
export function shapeOf(
  marks: readonly Mark[],
  cupLitres: number | null,
): { readonly kind: "table"; readonly points: [number, number][] } | string {
  if (cupLitres === null || cupLitres <= 0) return "How much does the cup hold?";
  const used = marks.filter((m) => m.cups.trim() !== "" || m.mm.trim() !== "");
  const points: [number, number][] = [];
  for (const [i, m] of used.entries()) {
    const [cups, mm] = [numberIn(m.cups), numberIn(m.mm)];
    if (cups === null || mm === null) return `Mark ${i + 1} wants cups and millimetres, both more than nothing.`;
    const [lastMm, lastLitres] = points.at(-1) ?? [0, 0];
    if (mm <= lastMm || cups * cupLitres <= lastLitres)
      return `Mark ${i + 1} must lie above the one before: ${formatNumber(lastMm, 0)} mm.`;
    points.push([mm, Math.round(cups * cupLitres * 1000) / 1000]);
  }
  return points.length === 0 ? "At least one mark." : { kind: "table", points };
}
