"use client";
import { type FormEvent, useState } from "react";
import type { Draft } from "@/core/ledger";
import { Interlock, useClearance, useTell, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, Caution, Choice, TextField } from "@/ui";
import { currencySign } from "@/ui/words";
import { shown, useVerbForm } from "./useVerbForm";
import type { Field, Verb } from "./verb";

interface Props {
  readonly verb: Verb;
  readonly given: Readonly<Record<string, string>>;
  readonly onDone: () => void;
}

/** One verb's questions, with answers filled in where the yard knows them, and one button that writes it. */
export function VerbFormView({ verb, given, onDone }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const tell = useTell();
  const form = useVerbForm(verb, given, view, units);
  const [refused, setRefused] = useState<string | null>(null);
  const [when, setWhen] = useState("");
  const [note, setNote] = useState("");

  const show = (f: Field) => <FieldView key={f.name} field={f} form={form} />;

  const draft: Draft | null = form.complete
    ? {
        ...verb.build(form.values, view),
        ...(when !== "" && { happenedAt: new Date(when).toISOString() }),
        ...(note !== "" && { note }),
      }
    : null;
  const clearance = useClearance(draft);
  const refusals = clearance?.refusals.map((r) => r.code) ?? [];

  const submit = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    if (!draft) {
      setRefused("Something is missing above.");
      return;
    }
    // The Log says what has happened: the interlocks' word is kept with it, in the open.
    const open = refusals.length > 0 ? { ...draft, despite: refusals } : draft;
    const reason = await tell(open, verb.said(form.values, view, units));
    setRefused(reason);
    if (reason === null) onDone();
  };

  return (
    <form onSubmit={(e) => void submit(e)} className="flex flex-col gap-4">
      {verb.caution ? <Caution>{verb.caution}</Caution> : null}
      {form.fields.filter((f) => !isReadAt(f)).map(show)}
      <details>
        <summary className="min-h-[var(--target)] cursor-pointer content-center text-ink-2">
          Earlier than now, read warm, or a note
        </summary>
        <div className="flex flex-col gap-3 pt-1">
          {form.fields.filter(isReadAt).map(show)}
          <TextField label="When it happened" type="datetime-local" value={when} onChange={setWhen} />
          <TextField label="Note" value={note} onChange={setNote} />
        </div>
      </details>
      {refusals.length > 0 ? null : <Interlock clearance={clearance} />}
      <div aria-live="polite">
        {refused ? <p className="rounded-md border-2 border-stop px-3 py-2 text-stop">{refused}</p> : null}
      </div>
      <div className="sticky -bottom-3 -mx-4 -mb-3 bg-panel px-4 pt-1 pb-2">
        {/* Beside the button, so that its reason is never out of sight. */}
        {refusals.length > 0 ? (
          <div className="pb-2">
            <Interlock clearance={clearance} />
          </div>
        ) : null}
        <Button type="submit" look={refusals.length > 0 ? "stop" : "go"} wide>
          {refusals.length > 0 ? "It has happened: log it all the same" : "Log it"}
        </Button>
      </div>
    </form>
  );
}

/** The temperature that litres were read at: seldom known, so it waits with the other details. */
const isReadAt = (f: Field): boolean => f.name === "celsius";

function FieldView({ field, form }: { field: Field; form: ReturnType<typeof useVerbForm> }) {
  const { view } = useYard();
  const units = useUnits();
  const value = form.texts[field.name] ?? "";
  const set = (text: string): void => form.set(field.name, text);
  const error = form.errors[field.name];
  if (field.kind === "choice")
    return (
      <Choice
        label={field.label}
        options={field.options(view, form.values)}
        value={value}
        onChange={set}
        error={error}
      />
    );
  if (field.kind === "text") return <TextField label={field.label} value={value} onChange={set} error={error} />;
  const chips = field.chips?.(view, form.values) ?? [];
  const asText = (n: number): string => (field.kind === "litres" ? shown("litres", n, units) : String(n));
  const suffix =
    field.suffix ??
    {
      litres: units.litreUnit,
      celsius: units.celsius(0).split(" ")[1] ?? "",
      mm: "mm",
      minutes: "min",
      money: currencySign(view.settings.currency).trim(),
      number: "",
    }[field.kind];
  return (
    <div>
      <TextField
        label={`${field.label}${field.optional ? " (if you know)" : ""}`}
        value={value}
        onChange={set}
        error={error}
        decimal
        suffix={suffix}
      />
      {chips.length > 0 ? (
        <div className="mt-2 flex flex-wrap gap-2">
          {chips.map((n) => (
            <Button
              key={n}
              look={asText(n) === value ? "go" : "plain"}
              aria-pressed={asText(n) === value}
              onClick={() => set(asText(n))}
            >
              {asText(n)} {suffix}
            </Button>
          ))}
        </div>
      ) : null}
    </div>
  );
}
