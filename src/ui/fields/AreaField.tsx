import { useId } from "react";

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly error?: string | undefined;
  readonly hint?: string;
}

/** Several lines of typing: a list, as data. */
export function AreaField({ label, value, onChange, error, hint }: Props) {
  const id = useId();
  const note = error ?? hint;
  return (
    <div>
      <label htmlFor={id} className="block text-[14px] text-ink-2">
        {label}
      </label>
      <textarea
        id={id}
        value={value}
        rows={Math.min(10, Math.max(2, value.split("\n").length))}
        spellCheck={false}
        aria-invalid={error !== undefined}
        aria-describedby={note ? `${id}-note` : undefined}
        onChange={(e) => onChange(e.target.value)}
        className={`w-full min-w-0 rounded-md border bg-card px-3 py-2 font-mono text-[14px] text-ink ${error ? "border-stop" : "border-quiet"}`}
      />
      {note ? (
        <p id={`${id}-note`} className={`mt-1 text-[14px] ${error ? "text-stop" : "text-ink-2"}`}>
          {note}
        </p>
      ) : null}
    </div>
  );
}
