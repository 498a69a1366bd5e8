"use client";
import { type FormEvent, useState } from "react";
import type { Draft } from "@/core/ledger";
import { MS_PER_MINUTE } from "@/core/units";
import { useYard } from "@/store";
import { Button, Caution, Choice, MomentField, readMoment, SelectField, TextField } from "@/ui";
import { fullMoment } from "@/ui/words";
import { Interlock } from "../Interlock";
import { amountHint } from "../NumberField";
import { useClearance } from "../useClearance";
import { useTell } from "../useTell";
import { useUnits } from "../useUnits";
import { shown, typedOf, useForm } from "./useForm";
import type { Field, Form } from "./verb";

interface Props {
  readonly form: Form;
  readonly given: Readonly<Record<string, string>>;
  readonly onDone: () => void;
  /** When it happened and its note, where they are known: an entry that is put right keeps them unless they are changed. */
  readonly was?: { readonly happenedAt: string; readonly note: string };
  readonly submit?: string;
}

/** A form's questions, with answers filled in where the yard knows them, and one button that writes the entry. */
export function FormView({ form: of, given, onDone, was, submit: submitLabel = "Log it" }: Props) {
  const { view, newId } = useYard();
  const units = useUnits();
  const tell = useTell();
  const form = useForm(of, given, view, units);
  const [refused, setRefused] = useState<string | null>(null);
  const [id] = useState(newId);
  const firstWhen = was ? onTheClock(was.happenedAt) : "";
  const [when, setWhen] = useState(firstWhen);
  const [note, setNote] = useState(was?.note ?? "");

  const show = (f: Field) => <FieldView key={f.name} field={f} form={form} />;

  // Untouched it is when it was, or now; an entry that is put right must not lose its time.
  const isAsItWas = when === firstWhen;
  const read = isAsItWas ? null : when === "" && !was ? null : readMoment(when);
  const noTime = read !== null && !read.ok ? read.wrong : undefined;
  const happenedAt = read?.ok ? read.iso : was?.happenedAt;
  const draft: Draft | null =
    form.complete && noTime === undefined
      ? {
          ...of.build(form.values, view, () => id),
          ...(happenedAt !== undefined && { happenedAt }),
          ...(note !== "" && { note }),
        }
      : null;
  const clearance = useClearance(draft);
  const refusals = clearance?.refusals.map((r) => r.code) ?? [];

  const submit = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    if (!draft) {
      setRefused(noTime ?? "Something is missing above.");
      return;
    }
    // The Log says what has happened: the interlocks' word is kept with it, in the open.
    const open =
      refusals.length > 0 ? { ...draft, despite: [...new Set([...(draft.despite ?? []), ...refusals])] } : draft;
    const reason = await tell(open, of.said(form.values, view, units));
    setRefused(reason);
    if (reason === null) onDone();
  };

  return (
    <form onSubmit={(e) => void submit(e)} className="flex flex-col gap-4">
      {of.caution ? <Caution>{of.caution}</Caution> : null}
      {form.fields.filter((f) => !isReadAt(f)).map(show)}
      <details>
        <summary className="min-h-[var(--target)] cursor-pointer content-center text-ink-2">
          Earlier than now, read warm, or a note
        </summary>
        <div className="flex flex-col gap-3 pt-1">
          {form.fields.filter(isReadAt).map(show)}
          <MomentField
            label="When it happened"
            value={when}
            onChange={setWhen}
            error={noTime}
            hint={read?.ok ? fullMoment(read.iso) : when === "" ? "Now, unless you say otherwise" : undefined}
          />
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
          {refusals.length > 0 ? "It has happened: log it all the same" : submitLabel}
        </Button>
      </div>
    </form>
  );
}

const labelOf = (f: Field): string => (f.optional && f.kind !== "choice" ? `${f.label} (if you know)` : f.label);

/** What a datetime-local field holds: the reader's own clock, to the minute. */
function onTheClock(isoTime: string): string {
  const d = new Date(isoTime);
  return new Date(d.getTime() - d.getTimezoneOffset() * MS_PER_MINUTE).toISOString().slice(0, 16);
}

/** What nobody has chosen must not look chosen. */
const NOT_CHOSEN = [{ value: "", name: "Choose one" }];

/** The temperature that litres were read at: seldom known, so it waits with the other details. */
const isReadAt = (f: Field): boolean => /(^|\.)celsius$/.test(f.name);

function FieldView({ field, form }: { field: Field; form: ReturnType<typeof useForm> }) {
  const { view } = useYard();
  const units = useUnits();
  const value = form.texts[field.name] ?? "";
  const set = (text: string): void => form.set(field.name, text);
  const error = form.errors[field.name];
  if (field.kind === "choice" && field.listed) {
    const options = field.options(view, form.values);
    const chosen = options.some((o) => o.value === value);
    return (
      <SelectField
        label={labelOf(field)}
        options={chosen ? options : [...NOT_CHOSEN, ...options]}
        value={value}
        onChange={set}
        error={error}
      />
    );
  }
  if (field.kind === "choice")
    return (
      <Choice
        label={labelOf(field)}
        options={field.options(view, form.values)}
        value={value}
        onChange={set}
        error={error}
      />
    );
  if (field.kind === "text") return <TextField label={field.label} value={value} onChange={set} error={error} />;
  const chips = field.chips?.(view, form.values) ?? [];
  const asText = (n: number): string => shown(field.kind, n, units);
  const typed = typedOf(field.kind, units);
  const suffix = field.suffix ?? typed.unit;
  const read = form.values.maybe(field.name);
  const echo = read === undefined || error ? null : typed.echo(read);
  const room = field.room?.(view, form.values);
  return (
    <div>
      <TextField
        label={field.kind === "litres" ? units.asked(labelOf(field)) : labelOf(field)}
        value={value}
        onChange={set}
        error={error}
        hint={amountHint(echo, room, read, units)}
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
