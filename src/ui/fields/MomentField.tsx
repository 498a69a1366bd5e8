import { controlClass, Labelled, type LabelledProps, PLATE } from "./Labelled";

interface Props extends LabelledProps {
  /** As the field gives it, the reader's own clock; `PARTIAL` while it is half typed; empty where nothing is. */
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** What stands for a date of which a part is missing: the browser gives such a field no value at all. */
const PARTIAL = "?";

/** A day and a time. What is half typed is told apart from what is empty, and stays as it was typed. */
export function MomentField({ value, onChange, ...labels }: Props) {
  return (
    <Labelled {...labels}>
      {(belongs) => (
        <input
          {...belongs}
          type="datetime-local"
          max="9999-12-31T23:59"
          autoComplete="off"
          value={value === PARTIAL ? "" : value}
          onChange={(e) => onChange(e.target.validity.badInput ? PARTIAL : e.target.value)}
          onBlur={(e) => e.target.validity.badInput && onChange(PARTIAL)}
          // Enter sends the form without leaving the field: what is half typed must not go for nothing typed.
          onKeyDown={(e) => e.key === "Enter" && e.currentTarget.validity.badInput && onChange(PARTIAL)}
          className={`${controlClass(labels.error)} ${PLATE}`}
        />
      )}
    </Labelled>
  );
}

export type MomentRead = { readonly ok: true; readonly iso: string } | { readonly ok: false; readonly wrong: string };

const MOMENT = /^(\d+)-\d\d-\d\dT\d\d:\d\d/;
const FIRST_YEAR = 1900;

/** What a moment's field says, as a time in UTC; or what is wrong with it, for the field. */
export function readMoment(text: string): MomentRead {
  if (text === "") return { ok: false, wrong: "Say the day and the time." };
  const year = MOMENT.exec(text)?.[1];
  if (year === undefined) return { ok: false, wrong: "That is no whole day and time yet." };
  if (year.length !== 4 || Number(year) < FIRST_YEAR)
    return { ok: false, wrong: `The year is ${year}: it has four digits, from ${FIRST_YEAR} on.` };
  const ms = Date.parse(text);
  return Number.isNaN(ms)
    ? { ok: false, wrong: "There is no such day or time." }
    : { ok: true, iso: new Date(ms).toISOString() };
}
