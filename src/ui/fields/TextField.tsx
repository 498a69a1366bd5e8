import { type ReactNode, useId } from "react";

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly error?: string | undefined;
  readonly hint?: ReactNode;
  readonly type?: "text" | "datetime-local";
  readonly decimal?: boolean;
  readonly suffix?: string | undefined;
}

/** One line of typing, with its message at the field and nothing lost when it is wrong. */
export function TextField({ label, value, onChange, error, hint, type = "text", decimal = false, suffix }: Props) {
  const id = useId();
  const note = error ?? hint;
  return (
    <div>
      <label htmlFor={id} className="block text-[14px] text-ink-2">
        {label}
      </label>
      <div className="flex items-center gap-2">
        <input
          id={id}
          type={type}
          inputMode={decimal ? "decimal" : undefined}
          autoComplete="off"
          value={value}
          aria-invalid={error !== undefined}
          aria-describedby={note ? `${id}-note` : undefined}
          onChange={(e) => onChange(e.target.value)}
          className={`min-h-[var(--target)] w-full min-w-0 rounded-md border bg-card px-3 font-plate text-xl font-semibold text-ink ${error ? "border-stop" : "border-quiet"}`}
        />
        {suffix ? <span className="text-ink-2">{suffix}</span> : null}
      </div>
      {note ? (
        <p id={`${id}-note`} className={`mt-1 text-[14px] ${error ? "text-stop" : "text-ink-2"}`}>
          {note}
        </p>
      ) : null}
    </div>
  );
}
