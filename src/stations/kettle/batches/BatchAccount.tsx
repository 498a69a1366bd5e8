"use client";
import { pctOfMolPerL } from "@/core/kettle";
import type { BatchState } from "@/core/ledger";
import { priceOf } from "@/core/readings/blend/prices";
import { type BatchCost, batchBook, oilOf, type PhaseLine } from "@/core/readings/kettle/book";
import { formatMinutes, formatNumber } from "@/core/units";
import { useLog, useUnits, Why, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button, Row, Termed } from "@/ui";
import { FUEL_TEST_WORDS, PHASE_WORDS, readWords, WASTE_WORDS } from "@/ui/words/kettle";
import { WitnessJar } from "../bench/BatchOver";

const LINES: Readonly<Record<PhaseLine["phase"], string>> = {
  oil: "Oil in",
  charged: "Methanol, lye and water in",
  "acid-water": "Acid water out",
  glycerol: "Glycerol phase out",
  "wash-water": "Wash water out",
  vapour: "Dried off",
  fuel: "Fuel",
};

/** One batch: every phase in litres and kilograms, expected and seen; and what it cost. */
export function BatchAccount({ batch }: { batch: BatchState }) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const book = batchBook(batch, view.settings, view.fluids, (c) => priceOf(view, c)?.perLitre ?? null);
  const { recipe } = batch.batch;
  const phases = [...new Set(batch.splits.map((s) => s.phase))];
  return (
    <div className="mt-2 max-w-[860px]">
      <h2 className="text-2xl">{batch.batch.name}</h2>
      <p className="text-ink-2">
        {units.litres(recipe.oilLitres)}
        {recipe.untitratedKit === undefined
          ? ` at ${formatNumber(pctOfMolPerL(recipe.acidMolPerL, 0.92), 1)} % acid`
          : `, not titrated, by the marks of ${recipe.untitratedKit}`}
        , {formatNumber(recipe.doseGPerL, 1)} g/L {recipe.base}, {formatNumber(recipe.methanolShare * 100, 1)} %
        methanol.
      </p>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by key */}
      <section aria-label="Balance" tabIndex={0} className="mt-2 overflow-x-auto">
        <table className="w-full min-w-[520px] text-[16px]">
          <thead>
            <tr>
              <th className="text-left">Phase</th>
              <th className="text-right">Expected</th>
              <th className="text-right">By weight</th>
              <th className="text-right">Seen</th>
            </tr>
          </thead>
          <tbody>
            {book.lines.map((l) => (
              <tr key={l.phase} className="border-t border-rule">
                <td>{LINES[l.phase]}</td>
                <td className="text-right font-plate font-semibold">{units.litres(l.expectedLitres)}</td>
                <td className="text-right font-plate">{units.kg(l.expectedKg)}</td>
                <td className="text-right font-plate font-semibold">
                  {l.seenLitres === null ? "–" : units.litres(l.seenLitres)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <p className="mt-1">
        Yield: {formatNumber(book.expectedYield * 100, 0)} % expected,{" "}
        <b>{book.seenYield === null ? "not known yet" : `${formatNumber(book.seenYield * 100, 0)} % seen`}</b>.
      </p>
      <div className="mt-4 grid gap-x-8 md:grid-cols-2">
        <Cost cost={book.cost} expected={book.expectedCost} />
        <section aria-labelledby="tests-title">
          <h3 id="tests-title" className="text-xl">
            Tests
          </h3>
          {batch.tests.length === 0 ? <p className="text-ink-2">None yet.</p> : null}
          <ul>
            {batch.tests.map((t) => (
              <li key={`${t.test} ${t.at}`} className="border-t border-rule py-1.5">
                {FUEL_TEST_WORDS[t.test]}: <b>{readWords(t.test, t.value)}</b>
              </li>
            ))}
          </ul>
          {batch.ended ? null : (
            <YardLink href={`/kettle?batch=${batch.batch.id}`} className="font-semibold text-go underline">
              Go on with it
            </YardLink>
          )}
          {batch.batch.is === "trial" && batch.verdict === "passed" ? (
            <YardLink href={`/batch?of=${batch.batch.id}`} className="mt-2 block font-semibold text-go underline">
              Scale it up
            </YardLink>
          ) : null}
        </section>
      </div>
      {phases.length > 0 ? (
        <section aria-labelledby="waste-title" className="mt-4">
          <h3 id="waste-title" className="text-xl">
            What is left over, and where it may go
          </h3>
          <ul>
            {phases.map((p) => (
              <li key={p} className="border-t border-rule py-2">
                <b>{PHASE_WORDS[p]}.</b> <Termed>{WASTE_WORDS[p]}</Termed>
              </li>
            ))}
          </ul>
          <Button onClick={() => log.open("dispose")}>Dispose: where and when</Button>
        </section>
      ) : null}
      <WitnessJar batch={batch} />
      <Why
        name="batch"
        input={{
          oil: oilOf(batch),
          oilLitres: recipe.oilLitres,
          ffaPct: pctOfMolPerL(recipe.demandMolPerL ?? recipe.acidMolPerL, 0.92),
          methanolLitres:
            book.course.weighing.first.methanolLitres + (book.course.weighing.second?.methanolLitres ?? 0),
          base: recipe.base,
          catalystG: book.course.weighing.first.lyeG + (book.course.weighing.second?.lyeG ?? 0),
          catalystPurity: recipe.basePurity,
          conversion: recipe.conversion,
        }}
        title="Why these kilograms?"
        readings="its recipe"
      />
    </div>
  );
}

function Cost({ cost: c, expected: e }: { cost: BatchCost; expected: BatchCost }) {
  const units = useUnits();
  const both = (seen: number, expected: number): string => `${units.money(seen)} of ${units.money(expected)}`;
  return (
    <section aria-labelledby="cost-title">
      <h3 id="cost-title" className="text-xl">
        What it cost, of what was expected
      </h3>
      <p className="font-plate text-[32px] leading-none font-semibold">
        {c.perLitre === null ? units.money(c.total) : units.money(units.pricePerLitre.of(c.perLitre))}{" "}
        <span className="text-[17px] font-medium text-ink-2">
          {c.perLitre === null ? "so far" : `a ${units.oneLitre} of fuel`}
        </span>
      </p>
      <dl className="mt-1">
        <Row name="Methanol and lye, as paid" value={both(c.chemicals, e.chemicals)} />
        <Row name="Energy" value={both(c.energy, e.energy)} />
        <Row name="Getting rid of what is left" value={both(c.disposal, e.disposal)} />
        <Row name={`Hands, ${formatMinutes(c.hours * 60)}`} value={both(c.work, e.work)} />
        <Row name="Methanol that came back" value={units.money(-c.recovered)} />
        <Row name="In all" value={both(c.total, e.total)} />
      </dl>
    </section>
  );
}
