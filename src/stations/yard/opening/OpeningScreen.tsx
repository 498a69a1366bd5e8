"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { useHref, useKept, useTell, useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button, buttonClass } from "@/ui";
import { RowFields } from "./RowFields";
import { draftsOf, freshRow, type Row, readRow } from "./rows";

const FIRST: readonly Row[] = [freshRow("1")];

/** A shed that is half full when its book begins: all that stands there, many at once, each since it has stood. */
export function OpeningScreen() {
  const { view, now, newId } = useYard();
  const units = useUnits();
  const tell = useTell();
  const router = useRouter();
  const href = useHref();
  const [rows, keep, forget] = useKept("what stood there", FIRST);
  const [refused, setRefused] = useState<string | null>(null);
  const read = rows.map((r) => readRow(r, now(), units));
  const count = read.reduce((sum, r) => sum + r.count, 0);
  const litres = read.reduce((sum, r, i) => (rows[i]?.what === "nothing" ? sum : sum + r.count * r.litres), 0);
  const typed = rows.map((r) => r.from.trim()).filter(Boolean);
  const sources = [...new Set([...typed, ...view.sources.map((s) => s.source.name)])];
  const change = (next: readonly Row[]): void => {
    setRefused(null);
    keep(next);
  };
  const nextKey = String(Math.max(...rows.map((r) => Number(r.key))) + 1);

  const book = async (): Promise<void> => {
    if (read.some((r) => Object.keys(r.errors).length > 0)) {
      setRefused("Something above is not right yet. Nothing was lost.");
      document.querySelector<HTMLElement>("[aria-invalid=true]")?.focus();
      return;
    }
    const drafts = draftsOf(rows, view, now(), units, newId);
    const reason = await tell(drafts, `${containers(count)} and ${units.litres(litres)} are in the book.`);
    setRefused(reason);
    if (reason !== null) return;
    forget();
    router.push(href("/"));
  };

  return (
    <div className="mx-auto w-full max-w-[920px] px-4 py-4">
      <h1 className="text-[27px] leading-tight">What stands there already</h1>
      <p className="mt-1 text-ink-2">
        Roughly is good enough: a guess at the litres and at how long it has stood. A dip or a tape puts it right later.
      </p>
      <form
        className="mt-3 flex flex-col gap-3"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          void book();
        }}
      >
        {rows.map((row, i) => (
          <RowFields
            key={row.key}
            row={row}
            read={read[i] ?? readRow(row, now(), units)}
            number={i + 1}
            sources={sources}
            onChange={(more) => change(rows.map((r) => (r === row ? { ...r, ...more } : r)))}
            onMore={() => change([...rows.slice(0, i + 1), freshRow(nextKey, row), ...rows.slice(i + 1)])}
            onDrop={rows.length > 1 ? () => change(rows.filter((r) => r !== row)) : null}
          />
        ))}
        <div>
          <Button onClick={() => change([...rows, freshRow(nextKey)])}>Another kind</Button>
        </div>
        <div aria-live="polite">{refused ? <p className="text-stop">{refused}</p> : null}</div>
        <div className="sticky bottom-0 -mx-4 flex flex-wrap items-center gap-3 border-t border-rule bg-floor px-4 py-2 max-md:bottom-[76px]">
          <Button type="submit" look="go" className="min-w-[220px] flex-1 text-xl">
            Put {containers(count)} in the book
          </Button>
          <p className="font-plate text-[18px]">{units.litres(litres)} in all</p>
          <YardLink href="/" className={buttonClass("quiet")}>
            Not now
          </YardLink>
        </div>
      </form>
    </div>
  );
}

const containers = (n: number): string => (n === 1 ? "one container" : `${n} containers`);
