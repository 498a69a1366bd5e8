import { type ReactNode, useId } from "react";

export interface LabelledProps {
  readonly label: string;
  readonly error?: string | undefined;
  readonly hint?: ReactNode;
}

/** What a control inside must carry to belong to its label and its message. */
export interface Belongs {
  readonly id: string;
  readonly "aria-invalid": boolean;
  readonly "aria-describedby": string | undefined;
}

/** A label over a control and a line under it: what is wrong, or else a hint. */
export function Labelled({ label, error, hint, children }: LabelledProps & { children: (b: Belongs) => ReactNode }) {
  const id = useId();
  const note = error ?? hint;
  return (
    <div>
      <label htmlFor={id} className="block text-[14px] text-ink-2">
        {label}
      </label>
      {children({
        id,
        "aria-invalid": error !== undefined,
        "aria-describedby": note ? `${id}-note` : undefined,
      })}
      {note ? (
        <p id={`${id}-note`} className={`mt-1 text-[14px] ${error ? "text-stop" : "text-ink-2"}`}>
          {note}
        </p>
      ) : null}
    </div>
  );
}

/** The look of a control that one types or picks in. */
export const controlClass = (error: string | undefined): string =>
  `w-full min-w-0 rounded-md border bg-card px-3 text-ink ${error ? "border-stop" : "border-quiet"}`;

/** Its figures, as on a plate. */
export const PLATE = "min-h-[var(--target)] font-plate text-xl font-semibold";
