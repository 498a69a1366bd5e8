"use client";
import type { FieldInfo } from "@/core/calculations";
import { useUnits } from "@/desk";
import { type Units, wordFigure } from "@/ui/words";

interface Props {
  readonly fields: readonly FieldInfo[];
  readonly answer: Readonly<Record<string, unknown>>;
  readonly main: string;
}

/** The figures of an answer: the one it is judged by large, the others under it, lists as tables. */
export function AnswerList({ fields, answer, main }: Props) {
  const units = useUnits();
  const first = fields.find((f) => f.field === main);
  const rest = fields.filter((f) => f !== first);
  return (
    <>
      {first ? (
        <p className="font-plate text-[34px] leading-tight font-semibold">
          {word(first, answer[main], units)}{" "}
          <span className="text-[19px] font-medium text-ink-2">{first.title.toLowerCase()}</span>
        </p>
      ) : null}
      <dl>
        {rest.map((f) => (
          <div
            key={f.field}
            className={
              isPlain(answer[f.field])
                ? "flex items-baseline justify-between gap-3 border-t border-rule py-2"
                : "border-t border-rule py-2"
            }
          >
            <dt className="text-[15px]">{f.title}</dt>
            <dd className="text-right font-plate text-[17px] font-semibold">
              <Value info={f} value={answer[f.field]} units={units} />
            </dd>
          </div>
        ))}
      </dl>
    </>
  );
}

const isPlain = (value: unknown): boolean =>
  value === null || typeof value !== "object" || (Array.isArray(value) && value.length === 0);

function Value({ info, value, units }: { info: FieldInfo; value: unknown; units: Units }) {
  if (Array.isArray(value) && value.some((v) => typeof v === "object" && v !== null))
    return <Rows info={info} rows={value as Record<string, unknown>[]} units={units} />;
  if (value !== null && typeof value === "object" && !Array.isArray(value)) {
    const entries = Object.entries(value);
    return (
      <dl className="text-[15px] font-normal">
        {entries.map(([key, v]) => {
          const part = info.parts.find((p) => p.field === key);
          return (
            <div key={key} className="flex justify-between gap-3">
              <dt>{part?.title ?? key}</dt>
              <dd>{v !== null && typeof v === "object" ? JSON.stringify(v) : word(part, v, units)}</dd>
            </div>
          );
        })}
      </dl>
    );
  }
  return <>{word(info, value, units)}</>;
}

function Rows({ info, rows, units }: { info: FieldInfo; rows: readonly Record<string, unknown>[]; units: Units }) {
  const keys = info.parts.length > 0 ? info.parts.map((p) => p.field) : Object.keys(rows[0] ?? {});
  const part = (key: string): FieldInfo | undefined => info.parts.find((p) => p.field === key);
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-[14px] font-normal">
        <thead>
          <tr>
            {keys.map((key) => (
              <th key={key} className="px-1 py-1 text-left font-normal text-ink-2">
                {part(key)?.title ?? key}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={JSON.stringify(row)} className="border-t border-rule">
              {keys.map((key) => (
                <td key={key} className="px-1 py-1 text-left">
                  {word(part(key), row[key], units)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function word(info: FieldInfo | undefined, value: unknown, units: Units): string {
  if (value === null || value === undefined) return "none";
  if (typeof value === "number") return wordFigure(value, info?.unit ?? "", units);
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (Array.isArray(value))
    return value.length === 0
      ? "none"
      : value.map((v) => (typeof v === "number" ? wordFigure(v, info?.unit ?? "", units) : String(v))).join(", ");
  return String(value).replaceAll("-", " ");
}
