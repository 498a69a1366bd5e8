import { controlClass, Labelled, type LabelledProps, PLATE } from "./Labelled";

interface Props extends LabelledProps {
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly decimal?: boolean;
  readonly suffix?: string | undefined;
}

/** One line of typing, with its message at the field and nothing lost when it is wrong. */
export function TextField({ value, onChange, decimal = false, suffix, ...labels }: Props) {
  return (
    <Labelled {...labels}>
      {(belongs) => (
        <div className="flex items-center gap-2">
          <input
            {...belongs}
            type="text"
            inputMode={decimal ? "decimal" : undefined}
            autoComplete="off"
            value={value}
            onChange={(e) => onChange(e.target.value)}
            className={`${controlClass(labels.error)} ${PLATE}`}
          />
          {suffix ? <span className="text-ink-2">{suffix}</span> : null}
        </div>
      )}
    </Labelled>
  );
}
