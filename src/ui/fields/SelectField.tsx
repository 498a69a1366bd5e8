import { controlClass, Labelled, type LabelledProps, PLATE } from "./Labelled";

interface Props extends LabelledProps {
  readonly value: string;
  readonly options: readonly { readonly value: string; readonly name: string }[];
  readonly onChange: (value: string) => void;
}

/** One of many, where plates would fill the screen: the browser's own list. */
export function SelectField({ value, options, onChange, ...labels }: Props) {
  return (
    <Labelled {...labels}>
      {(belongs) => (
        <select
          {...belongs}
          value={value}
          onChange={(e) => onChange(e.target.value)}
          className={`${controlClass(labels.error)} ${PLATE}`}
        >
          {options.map((o) => (
            <option key={o.value} value={o.value}>
              {o.name}
            </option>
          ))}
        </select>
      )}
    </Labelled>
  );
}
