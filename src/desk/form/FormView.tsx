"use client";
import { type FormEvent, useEffect, useRef, useState } from "react";
import type { Draft } from "@/core/ledger";
import { useYard } from "@/store";
import { Button, Caution, TextField } from "@/ui";
import { focusChanged } from "../focusChanged";
import { Interlock, isSilent } from "../Interlock";
import { despite, useClearance, wordsAgainst } from "../useClearance";
import { useKept } from "../useKept";
import { useTellAt } from "../useTell";
import { useUnits } from "../useUnits";
import { useWhen } from "../useWhen";
import { WhenField } from "../WhenField";
import { FieldView } from "./FieldView";
import { useForm } from "./useForm";
import type { Field, Form } from "./verb";

interface Props {
  readonly form: Form;
  readonly given: Readonly<Record<string, string>>;
  /** With what was written. */
  readonly onDone: (drafts: readonly Draft[]) => void;
  /** When it happened and its note, where they are known: an entry that is put right keeps them unless they are changed. */
  readonly was?: { readonly happenedAt: string; readonly note: string };
  readonly submit?: string;
  /** Under what name it is kept while it is half filled in; absent: it is not. */
  readonly keptAs?: string | undefined;
}

const NOTHING: Readonly<Record<string, string>> = {};

/** A form's questions, with answers filled in where the yard knows them, and one button that writes what they say. */
export function FormView({ form: of, given, onDone, was, submit: submitLabel = "Log it", keptAs }: Props) {
  const { view, newId } = useYard();
  const units = useUnits();
  const tell = useTellAt();
  const [kept, keep, forget] = useKept(`log ${keptAs ?? "nothing"} ${JSON.stringify(given)}`, NOTHING);
  const [before] = useState(keptAs === undefined ? NOTHING : kept);
  const form = useForm(of, given, before, view, units, (touched) => keptAs !== undefined && keep(touched));
  const [refused, setRefused] = useState<string | null>(null);
  const [atField, setAtField] = useState<{ readonly name: string; readonly words: string } | null>(null);
  const [ids] = useState(() => newIds(newId));
  const when = useWhen(was?.happenedAt);
  const [note, setNote] = useState(was?.note ?? "");
  const here = useRef<HTMLFormElement>(null);
  useFirstFocus(here);

  const noted = <D extends Draft>(draft: D): D => (note === "" ? draft : { ...draft, note });
  const wrong = when.wrong ?? (form.complete ? of.wrong?.(form.values) : undefined);
  const drafts = form.complete && wrong === undefined ? listOf(of.build(form.values, view, ids())) : null;
  const written = drafts?.map((d) => noted(when.stamp(d))) ?? null;
  const clearance = useClearance(written);
  const refusals = wordsAgainst(clearance);
  const odd = clearance?.warnings.some((w) => w.code.startsWith("reading-")) ?? false;

  const submit = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    if (!written) {
      form.showAll();
      // What is wrong with the time stands at its field.
      setRefused((when.wrong === undefined ? wrong : undefined) ?? "Something above is still open.");
      requestAnimationFrame(() => here.current?.querySelector<HTMLElement>(FIRST_WRONG)?.focus());
      return;
    }
    // The Log says what has happened: the interlocks' word is kept with it, in the open.
    const open = despite(written, refusals);
    const reason = await tell(open, of.said(form.values, view, units));
    const at = form.fields.find((f) => f.name === reason?.field);
    setRefused(at ? null : (reason?.words ?? null));
    setAtField(at && reason ? { name: at.name, words: reason.words } : null);
    if (reason !== null) return;
    forget();
    onDone(open);
    focusChanged(open);
  };
  const show = (f: Field) => (
    <FieldView
      key={f.name}
      field={f}
      form={{
        ...form,
        errors: atField ? { ...form.errors, [atField.name]: atField.words } : form.errors,
        set(name, text) {
          setRefused(null);
          setAtField(null);
          form.set(name, text);
        },
      }}
    />
  );

  return (
    <form ref={here} onSubmit={(e) => void submit(e)} className="flex flex-col gap-4" noValidate>
      {of.caution ? <Caution>{of.caution}</Caution> : null}
      {Object.keys(before).length > 0 ? (
        <p className="flex items-center justify-between gap-2 text-[14px] text-ink-2">
          As you left it.
          <Button look="quiet" onClick={form.reset}>
            Start afresh
          </Button>
        </p>
      ) : null}
      {form.fields.filter((f) => !isReadAt(f)).map(show)}
      <WhenField when={when} />
      <details>
        <summary className="min-h-[var(--target)] cursor-pointer content-center text-ink-2">
          {form.fields.some(isReadAt) ? "Read warm or cold, or a note" : "A note"}
        </summary>
        <div className="flex flex-col gap-3 pt-1">
          {form.fields.filter(isReadAt).map(show)}
          <TextField label="Note" value={note} onChange={setNote} />
        </div>
      </details>
      <div aria-live="polite">
        {refused ? <p className="rounded-md border-2 border-stop px-3 py-2 text-stop">{refused}</p> : null}
      </div>
      <div className="sticky -bottom-3 -mx-4 -mb-3 bg-panel px-4 pt-1 pb-2">
        {/* Beside the button, so that its reason is never out of sight. */}
        <div className={isSilent(clearance) ? "" : "pb-2"}>
          <Interlock clearance={clearance} />
        </div>
        <Button type="submit" look={refusals.length > 0 ? "stop" : "go"} wide>
          {refusals.length > 0 ? "It has happened: log it all the same" : odd ? "Keep it as read" : submitLabel}
        </Button>
      </div>
    </form>
  );
}

const FIRST_WRONG = "[aria-invalid=true]";
const FIRST_FIELD = "input:not([type=datetime-local]), select, [role=radio][tabindex='0'], textarea";

/** A form that is opened is to be filled in: its first field has the focus, not the button that closes it. */
function useFirstFocus(here: { readonly current: HTMLFormElement | null }): void {
  useEffect(() => {
    // After the sheet, which takes the focus for its first button.
    const timer = setTimeout(() => here.current?.querySelector<HTMLElement>(FIRST_FIELD)?.focus(), 0);
    return () => clearTimeout(timer);
  }, [here]);
}

const listOf = (drafts: Draft | readonly Draft[]): readonly Draft[] =>
  Array.isArray(drafts) ? (drafts as readonly Draft[]) : [drafts as Draft];

/** The ids of what is made, the same each time the form is read: it is read with every key that is pressed. */
function newIds(newId: () => string): () => () => string {
  const made: string[] = [];
  return () => {
    let next = 0;
    return () => {
      if (next === made.length) made.push(newId());
      next += 1;
      return made[next - 1] as string;
    };
  };
}

/** The temperature that litres were read at: seldom known, so it waits with the other details. */
const isReadAt = (f: Field): boolean => /(^|\.)celsius$/.test(f.name);
