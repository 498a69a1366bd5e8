"use client";
import type { ReactNode } from "react";
import { type BagId, ELEMENT_FORMS } from "@/core/ledger";
import type { BagView, LineView } from "@/core/readings";
import { useLog, useNote, useUnits } from "@/desk";
import { MoveButtons, SortRow, SortRows } from "@/desk/SortRows";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { nameOf } from "@/ui/words";
import { diagnosisWords } from "@/ui/words/clog";
import { ratingWords } from "@/ui/words/filter";
import { History } from "./History";
import { UsualLines } from "./UsualLines";

/** What hangs in the line, in order, to be rearranged by drag and by key; and what hangs nowhere. */
export function Hangs({ line }: { line: LineView }) {
  const { view } = useYard();
  const note = useNote();
  const ids = line.elements.map((e) => e.bag.id);
  const hung = new Set(view.lines.flatMap((l) => l.elements.map((e) => e.bag.id)));
  const loose = view.bags.filter((b) => !hung.has(b.bag.id));
  const hang = (elements: BagId[], said: string): void =>
    note({ kind: "line", data: { ...line.line, elements } }, said);
  const order = (elements: BagId[]): void => hang(elements, `${line.line.name} hangs in this order now.`);
  return (
    <section aria-labelledby="hangs" className="mt-6 max-w-[860px]">
      <h2 id="hangs" className="text-xl">
        What hangs in it
      </h2>
      <SortRows
        name="line"
        ids={ids}
        onOrder={order}
        row={(id, i) => {
          const e = line.elements[i];
          const takeOff = (): void =>
            hang(
              ids.filter((other) => other !== id),
              `${e?.bag.name} hangs nowhere now.`,
            );
          return e ? (
            <SortRow key={id} id={id} name={e.bag.name}>
              <HangRow
                element={e}
                onTakeOff={takeOff}
                moves={<MoveButtons name={e.bag.name} ids={ids} at={i} onOrder={order} />}
              />
            </SortRow>
          ) : null;
        }}
      />
      {loose.length > 0 ? (
        <div className="border-t border-rule py-2">
          <h3 className="text-[16px]">Hangs nowhere</h3>
          <div className="mt-1 flex flex-wrap gap-2">
            {loose.map((b) => (
              <Button
                key={b.bag.id}
                onClick={() => hang([...ids, b.bag.id], `${b.bag.name} hangs in ${line.line.name}.`)}
              >
                Hang {b.bag.name}
              </Button>
            ))}
          </div>
        </div>
      ) : null}
      {line.elements.length === 0 ? <UsualLines line={line} /> : null}
      <More of={line} />
    </section>
  );
}

function More({ of: { line } }: { of: LineView }) {
  const log = useLog();
  return (
    <div className="flex flex-wrap gap-2 border-t border-rule pt-2">
      <Button onClick={() => log.open("add-bag", { line: line.id })}>Add a bag, strainer or cartridge</Button>
      <Button onClick={() => log.open("change-line", { line: line.id })}>Name and heights</Button>
      <Button onClick={() => log.open("add-line")}>Add a line</Button>
    </div>
  );
}

interface RowProps {
  readonly element: BagView;
  readonly moves: ReactNode;
  readonly onTakeOff: () => void;
}

function HangRow({ element: e, moves, onTakeOff }: RowProps) {
  const log = useLog();
  const units = useUnits();
  const { view } = useYard();
  const { bag } = e;
  const words = diagnosisWords(e.diagnosis, units, (id) => nameOf(view, id));
  const isBad = e.diagnosis.verdict === "clogging" || e.diagnosis.verdict === "torn";
  return (
    <>
      <span className="min-w-[200px] flex-1 leading-tight">
        <b className="font-plate text-[18px]">{bag.name}</b>
        <br />
        <span className="text-[14px] text-ink-2">{whatWords(e, units.litres)}</span>
        {words ? <span className={`block text-[14px] ${isBad ? "text-stop" : "text-ink-2"}`}>{words}</span> : null}
      </span>
      <span className="flex flex-wrap gap-1">
        {moves}
        <Button
          look={isBad ? "go" : "plain"}
          onClick={() => log.open("bag-service", { bag: bag.id })}
          aria-label={`Wash or change: ${bag.name}`}
        >
          Wash or change
        </Button>
        <Button
          look="quiet"
          onClick={() => log.open("change-bag", { bag: bag.id })}
          aria-label={`Change what ${bag.name} is`}
        >
          What it is
        </Button>
        <Button look="quiet" onClick={onTakeOff} aria-label={`Take ${bag.name} off the line`}>
          Take off
        </Button>
        <Button
          look="quiet"
          onClick={() => log.open("retire", { thing: `bag ${bag.id}` })}
          aria-label={`Retire: ${bag.name}`}
        >
          Retire
        </Button>
      </span>
      <History element={e} />
    </>
  );
}

/** Both scales of its rating, its area, its age and its washes, what earlier lives came to, and the stock. */
function whatWords(e: BagView, litres: (l: number) => string): string {
  const { bag, lives } = e;
  const lasted = lives.map((l) => l.litres);
  return [
    bag.form && bag.form !== "bag" ? ELEMENT_FORMS[bag.form].toLowerCase() : null,
    ratingWords(bag.ratingUm),
    `${bag.areaM2} m²`,
    `${litres(e.litres)} since ${lives.at(-1)?.how === "washed" ? `washed, ${litres(e.litresOfAge)} in all` : "new"}`,
    e.washes > 0 ? `washed ${e.washes === 1 ? "once" : `${e.washes} times`}` : null,
    lasted.length > 1 ? `earlier ones lasted ${litres(Math.min(...lasted))} to ${litres(Math.max(...lasted))}` : null,
    e.spares === null ? null : `${e.spares} new in stock`,
  ]
    .filter((w) => w !== null)
    .join(", ");
}
