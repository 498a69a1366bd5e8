import { useId } from "react";

interface Props {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly value: string; readonly name: string }[];
  readonly onChange: (value: string) => void;
  readonly error?: string | undefined;
}

/** One of many, where plates would fill the screen: the browser's own list. */
export function SelectField({ label, value, options, onChange, error }: Props) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="block text-[14px] text-ink-2">
        {label}
      </label>
      <select
        id={id}
        value={value}
        aria-invalid={error !== undefined}
        aria-describedby={error ? `${id}-note` : undefined}
        onChange={(e) => onChange(e.target.value)}
        className={`min-h-[var(--target)] w-full min-w-0 rounded-md border bg-card px-3 font-plate text-xl font-semibold text-ink ${error ? "border-stop" : "border-quiet"}`}
      >
        {options.map((o) => (
          <option key={o.value} value={o.value}>
            {o.name}
          </option>
        ))}
      </select>
      {error ? (
        <p id={`${id}-note`} className="mt-1 text-[14px] text-stop">
          {error}
        </p>
      ) : null}
    </div>
  );
}
