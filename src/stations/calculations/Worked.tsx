"use client";
import { type ReactNode, useEffect, useState } from "react";
import type { CalculationError, Description, FieldInfo } from "@/core/calculations";
import { AnyWhy } from "@/desk";
import { AreaField, Bench, Button, SelectField, TextField } from "@/ui";
import { ROOM_NAMES, wordCalculationError } from "@/ui/words";
import { type Asked, askWorker, cancelWork } from "@/workers";
import { AnswerList } from "./AnswerList";
import { type Messages, messagesOf, readForm, type Texts, textsOf } from "./form";

const UNITLESS = new Set(["", "1", "share"]);

/** One calculation as a bench: its equation, its example to change, and the answer as it is typed. */
export function Worked({ calculation: c, list }: { calculation: Description; list: ReactNode }) {
  const [texts, setTexts] = useState<Texts>(() => textsOf(c.inputs, c.example));
  const { input, messages } = readForm(c.inputs, texts);
  const readable = Object.keys(messages).length === 0;
  const { asked, share, stop } = useAnswer(c.name, readable ? input : null);
  const title = (field: string): string => titleIn(c.inputs, field);
  const refused = asked && !asked.ok ? asked.error : null;
  const ownFault = refused?.code === "broken" || refused?.code === "cancelled";
  const shown: Messages =
    refused && !ownFault
      ? { ...messagesOf(refused as CalculationError, (e) => wordCalculationError(e, title)), ...messages }
      : messages;
  const general = refused && ownFault ? wordCalculationError(refused) : shown[""];
  const set = (field: string) => (text: string) => setTexts({ ...texts, [field]: text });
  return (
    <Bench
      title={c.title}
      subtitle={`${ROOM_NAMES[c.room]}. ${c.range}`}
      asideLabel="The answer"
      aside={
        <>
          <h2 className="text-xl">Answer</h2>
          <div aria-live="polite">
            {general ? <p className="mt-2 text-stop">{general}</p> : null}
            {asked?.ok && readable ? (
              <AnswerList fields={c.outputs} answer={asked.value as Record<string, unknown>} main={c.answer} />
            ) : (
              <p className="mt-2 text-ink-2">
                {share !== null ? "Working it out." : ownFault ? "" : "No answer until what is marked is put right."}
              </p>
            )}
            {share !== null && share > 0 ? (
              <div className="mt-2 flex items-center gap-3">
                <progress value={share} className="flex-1" aria-label="How far it has come" />
                <Button onClick={stop}>Stop</Button>
              </div>
            ) : null}
          </div>
          {asked?.ok && readable ? <AnyWhy name={c.name} input={input} readings="the figures in the form." /> : null}
          <OtherPrograms name={c.name} input={input} />
        </>
      }
    >
      <div className="mt-3 gap-6 md:grid md:grid-cols-[230px_minmax(0,1fr)]">
        {list}
        <div className="min-w-0">
          <p className="rounded bg-panel px-3 py-2 leading-relaxed break-words">{c.equation}</p>
          <p className="mt-1 text-[14px] text-ink-2">Source: {c.source}.</p>
          <div className="mt-3 grid gap-x-4 gap-y-3 sm:grid-cols-2">
            {c.inputs.map((f) => (
              <Field
                key={f.field}
                info={f}
                text={texts[f.field] ?? ""}
                onChange={set(f.field)}
                error={shown[f.field]}
              />
            ))}
          </div>
          <Button className="mt-4" onClick={() => setTexts(textsOf(c.inputs, c.example))}>
            Back to the example
          </Button>
        </div>
      </div>
    </Bench>
  );
}

function titleIn(fields: readonly FieldInfo[], path: string): string {
  const [first = "", ...rest] = path.split(".");
  const found = fields.find((f) => f.field === first);
  if (!found) return path;
  return rest.length > 0 ? `${found.title} (${rest.join(", ")})` : found.title;
}

interface FieldProps {
  readonly info: FieldInfo;
  readonly text: string;
  readonly onChange: (text: string) => void;
  readonly error: string | undefined;
}

function Field({ info: f, text, onChange, error }: FieldProps) {
  const none = f.optional ? [{ value: "", name: "none" }] : [];
  if (f.kind === "word" || f.kind === "truth") {
    const words = f.kind === "truth" ? ["yes", "no"] : f.words;
    return (
      <SelectField
        label={f.title}
        value={text}
        options={[...none, ...words.map((w) => ({ value: w, name: w }))]}
        onChange={onChange}
        error={error}
      />
    );
  }
  if (f.kind === "list")
    return (
      <div className="sm:col-span-2">
        <AreaField
          label={f.title}
          value={text}
          onChange={onChange}
          error={error}
          hint={f.optional ? "JSON; may be left empty" : "JSON"}
        />
      </div>
    );
  return (
    <TextField
      label={f.title}
      value={text}
      onChange={onChange}
      error={error}
      decimal={f.kind !== "text"}
      hint={f.unit === "share" ? "a share: 0.25 is a quarter" : undefined}
      suffix={UNITLESS.has(f.unit) ? undefined : f.unit}
    />
  );
}

interface Answering {
  readonly asked: Asked<unknown> | null;
  /** How far it has come, 0 to 1, while it is under way; null when it is not. */
  readonly share: number | null;
  stop(): void;
}

/** The answer to what is typed, off the page; a newer one takes the older's place. */
function useAnswer(name: string, input: Record<string, unknown> | null): Answering {
  const [state, setState] = useState<{ asked: Asked<unknown> | null; share: number | null }>({
    asked: null,
    share: null,
  });
  const picture = `calculation ${name}`;
  const key = input === null ? null : JSON.stringify(input);
  useEffect(() => {
    if (key === null) return;
    let gone = false;
    setState((s) => ({ ...s, share: 0 }));
    void askWorker(name, JSON.parse(key), picture, (share) => !gone && setState((s) => ({ ...s, share }))).then(
      (asked) => !gone && setState({ asked, share: null }),
    );
    return () => {
      gone = true;
    };
  }, [name, key, picture]);
  return { ...state, stop: () => cancelWork(picture) };
}

/** How to ask the same from elsewhere on this machine. */
function OtherPrograms({ name, input }: { name: string; input: unknown }) {
  return (
    <details className="mt-3 rounded-md border border-rule bg-card px-3">
      <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[17px] font-semibold">
        From another program
      </summary>
      <p className="text-[14px]">On this machine, while the app is served:</p>
      <pre className="my-2 overflow-x-auto rounded bg-floor px-2 py-1.5 text-[13px]">
        {`POST /api/calc/${name}\nContent-Type: application/json\n\n${JSON.stringify(input, null, 1)}`}
      </pre>
      <p className="pb-3 text-[14px]">
        All of them:{" "}
        <a href="/api/openapi.json" className="underline">
          OpenAPI document
        </a>
        ,{" "}
        <a href="/api/calc" className="underline">
          list
        </a>
        .
      </p>
    </details>
  );
}
