import { controlClass, Labelled, type LabelledProps } from "./Labelled";

interface Props extends LabelledProps {
  readonly value: string;
  readonly onChange: (value: string) => void;
}

const MOST_ROWS = 10;

/** Several lines of typing: a list, as data. */
export function AreaField({ value, onChange, ...labels }: Props) {
  return (
    <Labelled {...labels}>
      {(belongs) => (
        <textarea
          {...belongs}
          value={value}
          rows={Math.min(MOST_ROWS, Math.max(2, value.split("\n").length))}
          spellCheck={false}
          onChange={(e) => onChange(e.target.value)}
          className={`${controlClass(labels.error)} py-2 font-mono text-[14px]`}
        />
      )}
    </Labelled>
  );
}
