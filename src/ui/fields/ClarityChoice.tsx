"use client";
import { ClarityJar } from "../drawing/ClarityJar";
import { CLARITY } from "../words/settling";
import { Choice } from "./Choice";

interface Props {
  readonly label: string;
  /** "1" clear to "5" as stirred. */
  readonly value: string;
  readonly onChange: (step: string) => void;
  readonly error?: string | undefined;
}

/** How clear a jar is against the light, by what one can still read through it. */
export const ClarityChoice = ({ label, value, onChange, error }: Props) => (
  <Choice
    label={label}
    options={CLARITY.map((c) => ({
      value: String(c.step),
      name: c.name,
      detail: c.detail,
      picture: <ClarityJar step={c.step} />,
    }))}
    value={value}
    onChange={onChange}
    error={error}
  />
);
