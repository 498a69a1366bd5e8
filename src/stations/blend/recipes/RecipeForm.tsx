"use client";
import { useState } from "react";
import { FLUID_IDS, type FluidId } from "@/core/fluids";
import type { Recipe } from "@/core/ledger";
import { asRecipeId } from "@/core/ledger/named";
import { formatNumber, parsePlain } from "@/core/units";
import { useTell } from "@/desk";
import { useYard } from "@/store";
import { AreaField, Button, SelectField, TextField } from "@/ui";
import { fluidChoices } from "@/ui/words";
import { SeasonChoice } from "../SeasonChoice";

interface Props {
  readonly known: Recipe | undefined;
  readonly onDone: (id: string | null) => void;
  readonly mayLeave: boolean;
}

interface Typed {
  readonly fluid: FluidId;
  readonly percent: string;
}

const FIRST: readonly Typed[] = [
  { fluid: "canola", percent: "" },
  { fluid: "kerosene", percent: "" },
];
const MOST_PARTS = 12;
/** Shares are told to a tenth of a per cent. */
const SLACK_PERCENT = 0.5;

const percentOf = (p: Typed): number | null => {
  const read = parsePlain(p.percent);
  return read.ok ? read.value : null;
};

/** A recipe by its shares. They add up, or it says by how much they do not and what would mend it. */
export function RecipeForm({ known, onDone, mayLeave }: Props) {
  const { view, newId } = useYard();
  const tell = useTell();
  const [name, setName] = useState(known?.name ?? "");
  const [season, setSeason] = useState<string>(known?.season ?? "any");
  const [note, setNote] = useState(known?.note ?? "");
  const [parts, setParts] = useState<readonly Typed[]>(
    known?.parts.map((p) => ({ fluid: p.fluid, percent: formatNumber(p.share * 100, 1).replace(/\.0$/, "") })) ?? FIRST,
  );
  const [wrong, setWrong] = useState<string>();
  const sum = parts.reduce((all, p) => all + (percentOf(p) ?? 0), 0);
  const off = 100 - sum;
  const bad = parts.some((p) => p.percent.trim() !== "" && (percentOf(p) === null || (percentOf(p) ?? 0) < 0));
  const adds = Math.abs(off) <= SLACK_PERCENT && !bad;
  const last = parts.at(-1);
  const put = (at: number, more: Partial<Typed>): void =>
    setParts(parts.map((p, i) => (i === at ? { ...p, ...more } : p)));
  const choices = fluidChoices(view, FLUID_IDS);
  const nameOf = (id: FluidId): string => choices.find((c) => c.value === id)?.name ?? id;
  const keep = async (): Promise<void> => {
    if (name.trim() === "") return setWrong("What shall it be called?");
    if (!adds) return setWrong("The shares do not add up yet.");
    const id = known?.id ?? asRecipeId(newId());
    const refused = await tell(
      {
        kind: "recipe",
        data: {
          id,
          name: name.trim(),
          parts: parts
            .filter((p) => (percentOf(p) ?? 0) > 0)
            .map((p) => ({ fluid: p.fluid, share: (percentOf(p) ?? 0) / sum })),
          season: season as "any",
          ...(note.trim() !== "" && { note: note.trim() }),
        },
      },
      `${name.trim()} is kept.`,
    );
    setWrong(refused ?? undefined);
    if (refused === null) onDone(id);
  };
  return (
    <div className="mt-3 flex max-w-[560px] flex-col gap-3">
      <TextField label="Its name" value={name} onChange={setName} />
      <SeasonChoice value={season} onChange={setSeason} />
      <fieldset>
        <legend className="text-[14px] text-ink-2">Parts</legend>
        {parts.map((p, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a row is its place: the same fluid may stand twice while one types
          <div key={i} className="mt-1 grid grid-cols-[1fr_120px] gap-2">
            <SelectField
              label={`Part ${i + 1}`}
              value={p.fluid}
              options={choices}
              onChange={(f) => put(i, { fluid: f as FluidId })}
            />
            <TextField
              label="Share"
              value={p.percent}
              onChange={(percent) => put(i, { percent })}
              decimal
              suffix="%"
              error={p.percent.trim() !== "" && percentOf(p) === null ? "A number, please." : undefined}
            />
          </div>
        ))}
        <div className="mt-2 flex flex-wrap gap-2">
          <Button
            disabled={parts.length >= MOST_PARTS}
            onClick={() => setParts([...parts, { fluid: "diesel", percent: "" }])}
          >
            Another part
          </Button>
          {parts.length > 1 ? <Button onClick={() => setParts(parts.slice(0, -1))}>One part less</Button> : null}
        </div>
      </fieldset>
      <div role="status">
        {adds ? (
          <p className="text-go">The shares add up.</p>
        ) : (
          <p className="text-stop">
            The shares come to {formatNumber(sum, 1)} %: {formatNumber(Math.abs(off), 1)} %{" "}
            {off > 0 ? "are missing" : "too much"}.
          </p>
        )}
      </div>
      {!adds && last && (percentOf(last) ?? 0) + off >= 0 ? (
        <Button onClick={() => put(parts.length - 1, { percent: formatNumber((percentOf(last) ?? 0) + off, 1) })}>
          Make {nameOf(last.fluid).toLowerCase()} {formatNumber((percentOf(last) ?? 0) + off, 1)} %
        </Button>
      ) : null}
      <AreaField label="Note, if you like" value={note} onChange={setNote} />
      {wrong ? (
        <p role="alert" className="text-stop">
          {wrong}
        </p>
      ) : null}
      <div className="flex gap-2">
        <Button look="go" onClick={() => void keep()}>
          Keep it
        </Button>
        {mayLeave ? <Button onClick={() => onDone(null)}>Cancel</Button> : null}
      </div>
    </div>
  );
}
