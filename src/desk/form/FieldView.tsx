"use client";
import { useContext } from "react";
import { useYard } from "@/store";
import { Button, Choice, SelectField, TextField } from "@/ui";
import { amountHint } from "../NumberField";
import { useUnits } from "../useUnits";
import { AddContext } from "./AddContext";
import { type FormState, shown, typedOf } from "./useForm";
import type { Field } from "./verb";

interface Props {
  readonly field: Field;
  readonly form: FormState & { set(name: string, text: string): void };
}

export const labelOf = (f: Field): string => (f.optional && f.kind !== "choice" ? `${f.label} (if you know)` : f.label);

/** One question of a form, with what is wrong with its answer. */
export function FieldView({ field, form }: Props) {
  const value = form.texts[field.name] ?? "";
  const set = (text: string): void => form.set(field.name, text);
  const error = form.errors[field.name];
  if (field.kind === "choice") return <ChoiceView field={field} form={form} />;
  if (field.kind === "text") return <TextField label={labelOf(field)} value={value} onChange={set} error={error} />;
  return <AmountView field={field} form={form} />;
}

/** What nobody has chosen must not look chosen. */
const NOT_CHOSEN = [{ value: "", name: "Choose one" }];

function ChoiceView({ field, form }: Props & { field: Extract<Field, { kind: "choice" }> }) {
  const { view } = useYard();
  const add = useContext(AddContext);
  const value = form.texts[field.name] ?? "";
  const set = (text: string): void => form.set(field.name, text);
  const error = form.errors[field.name];
  const options = field.options(view, form.values);
  const chosen = options.some((o) => o.value === value);
  const { adds } = field;
  return (
    <div>
      {field.listed ? (
        <SelectField
          label={labelOf(field)}
          options={chosen ? options : [...NOT_CHOSEN, ...options]}
          value={value}
          onChange={set}
          error={error}
        />
      ) : (
        <Choice label={labelOf(field)} options={options} value={value} onChange={set} error={error} />
      )}
      {adds && add ? (
        <Button
          className="mt-2"
          look={options.length === 0 ? "go" : "quiet"}
          onClick={() => add(adds.verb, adds.given?.(view, form.values) ?? {}, set)}
        >
          {adds.name}
        </Button>
      ) : null}
    </div>
  );
}

type AmountField = Exclude<Field, { kind: "choice" | "text" }>;

function AmountView({ field, form }: Props & { field: AmountField }) {
  const { view } = useYard();
  const units = useUnits();
  const value = form.texts[field.name] ?? "";
  const set = (text: string): void => form.set(field.name, text);
  const error = form.errors[field.name];
  const chips = field.chips?.(view, form.values) ?? [];
  const asText = (n: number): string => shown(field.kind, n, units);
  const typed = typedOf(field.kind, units);
  const suffix = field.suffix ?? typed.unit;
  const read = form.values.maybe(field.name);
  const echo = read === undefined || error ? null : typed.echo(read);
  return (
    <div>
      <TextField
        label={field.kind === "litres" ? units.asked(labelOf(field)) : labelOf(field)}
        value={value}
        onChange={set}
        error={error}
        hint={amountHint(echo, field.room?.(view, form.values), read, units)}
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
