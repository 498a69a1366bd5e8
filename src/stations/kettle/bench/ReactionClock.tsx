"use client";
import dynamic from "next/dynamic";
import type { InputOf } from "@/core/calculations";
import { ranMinutes, type Stage } from "@/core/kettle";
import type { BatchState } from "@/core/ledger";
import { oilOf } from "@/core/readings/kettle/book";
import { learnedOf } from "@/core/readings/kettle/past";
import { stageState } from "@/core/readings/kettle/stages";
import { formatNumber } from "@/core/units";
import { useAsked, useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { counted } from "@/ui/words";
import { clockAsked } from "./clock";

const ReactionChart = dynamic(() => import("./ReactionChart"), {
  ssr: false,
  loading: () => <div className="h-[150px]" />,
});

const REFERENCE = { celsius: 55, molarRatio: 6 };
/** Never past methanol's boil. */
const HOTTER_CELSIUS = 62;
const LONGER_MINUTES = 60;

interface Props {
  readonly batch: BatchState;
  readonly stage: Stage;
}

/** The reaction clock: how far it is against the reference recipe, and what would change it. An index, never a yield. */
export default function ReactionClock({ batch, stage }: Props) {
  const { view, now } = useYard();
  const units = useUnits();
  const oil = oilOf(batch);
  const asked = clockAsked(batch, stage, oil, view.fluids) as InputOf<"reaction">;
  const mine = useAsked("reaction", asked);
  const reference = useAsked("reaction", { oil: asked.oil, ...REFERENCE, minutes: asked.minutes });
  const state = stageState(batch, stage);
  const ran = state.begunAt === null ? null : ranMinutes(state, now());
  const learned = learnedOf(view.batches);
  if (mine === null || reference === null) return <p className="text-ink-2">Working the reaction out.</p>;
  if (!mine.ok || !reference.ok) return <p className="text-ink-2">No clock for this oil.</p>;
  const { index } = mine.value;
  const at = ran === null ? null : between(asked.minutes, index, ran);
  return (
    <section aria-labelledby="clock-title" className="max-w-[420px]">
      <h2 id="clock-title" className="text-[17px] font-semibold">
        Reaction, as an index
      </h2>
      <ReactionChart
        minutes={asked.minutes}
        index={index}
        reference={reference.value.index}
        nowMinute={ran}
        night={view.settings.theme === "night"}
        label={`${at === null ? "Not begun" : `Now ${formatNumber(at, 2)}`} of the reference recipe; at the end ${formatNumber(index.at(-1) ?? 0, 2)}`}
      />
      <p className="text-[14px] text-ink-2">
        Full line: this batch{asked.logged ? ", at the temperatures you read" : ""}. Dashes: six to one,{" "}
        {units.celsius(REFERENCE.celsius)}. A laboratory model of one phase: for comparing times and recipes, never a
        yield. Real kettles end higher, because glycerol drops out.
      </p>
      <WhatIf asked={asked} end={batch.batch.recipe.mixMinutes} celsiusWords={units.celsius} />
      <p className="mt-1 text-[15px]">
        {learned.conversion
          ? `Your own ${counted(learned.batches, "batch", "batches")}: ${formatNumber(learned.conversion[1] * 100, 0)} % turned by solubility (${formatNumber(learned.conversion[0] * 100, 0)} to ${formatNumber(learned.conversion[2] * 100, 0)}).`
          : "After three batches with a solubility test, what yours really reach stands here."}
        {learned.drainedToExpected
          ? ` Glycerol came at ${formatNumber(learned.drainedToExpected[1] * 100, 0)} % of what was expected.`
          : ""}
      </p>
      <Why
        name="reaction"
        input={asked}
        readings={
          asked.logged ? `${counted(asked.logged.length, "reading")} of your thermometer` : "the recipe's temperature"
        }
        more={<Glycerides minutes={asked.minutes} of={mine.value} />}
      />
    </section>
  );
}

/** Linear between the minutes that were asked. */
function between(minutes: readonly number[], values: readonly number[], at: number): number {
  const after = minutes.findIndex((m) => m >= at);
  if (after <= 0) return values[after < 0 ? values.length - 1 : 0] ?? 0;
  const [m0 = 0, m1 = 1] = [minutes[after - 1], minutes[after]];
  const [v0 = 0, v1 = 0] = [values[after - 1], values[after]];
  return v0 + ((v1 - v0) * (at - m0)) / Math.max(1e-9, m1 - m0);
}

function WhatIf({
  asked,
  end,
  celsiusWords,
}: {
  asked: InputOf<"reaction">;
  end: number;
  celsiusWords: (c: number) => string;
}) {
  const rows: readonly { readonly name: string; readonly input: InputOf<"reaction"> }[] = [
    { name: "As it is", input: { ...asked, minutes: [end] } },
    { name: "An hour longer", input: { ...asked, minutes: [end + LONGER_MINUTES] } },
    {
      name: `At ${celsiusWords(HOTTER_CELSIUS)}`,
      input: { ...without(asked), celsius: HOTTER_CELSIUS, minutes: [end] },
    },
    {
      name: "A fifth more methanol",
      input: { ...asked, molarRatio: Math.min(30, asked.molarRatio * 1.2), minutes: [end] },
    },
    {
      name: "A second step",
      input: {
        ...asked,
        molarRatio: asked.molarRatio * 0.8,
        minutes: [end * 2],
        second: { atMinute: end, molarRatio: asked.molarRatio * 0.2, glycerolShare: 0.95, methanolShare: 0.5 },
      },
    },
  ];
  return (
    <ul aria-label="What would change it" className="mt-1">
      {rows.map((r) => (
        <WhatIfRow key={r.name} name={r.name} input={r.input} />
      ))}
    </ul>
  );
}

const without = ({ logged: _, ...rest }: InputOf<"reaction">): InputOf<"reaction"> => rest;

function WhatIfRow({ name, input }: { name: string; input: InputOf<"reaction"> }) {
  const asked = useAsked("reaction", input);
  return (
    <li className="flex justify-between border-t border-rule py-1 text-[15px]">
      {name} <b className="font-plate">{asked?.ok ? formatNumber(asked.value.finalIndex, 2) : "…"}</b>
    </li>
  );
}

/** Oil, and what is half-way: as shares of the oil begun with. */
function Glycerides({
  minutes,
  of,
}: {
  minutes: readonly number[];
  of: { triglyceride: number[]; diglyceride: number[]; monoglyceride: number[] };
}) {
  return (
    <table className="mt-2 w-full text-[14px]">
      <caption className="text-left">What the model has left, as shares of the oil</caption>
      <thead>
        <tr>
          <th className="text-left">Minute</th>
          <th>Oil</th>
          <th>Two thirds of it</th>
          <th>One third of it</th>
        </tr>
      </thead>
      <tbody>
        {minutes.map((m, i) =>
          i % 3 === 0 ? (
            <tr key={m} className="border-t border-rule">
              <td>{m}</td>
              {[of.triglyceride, of.diglyceride, of.monoglyceride].map((list, j) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: three fixed columns
                <td key={j} className="text-center">
                  {formatNumber((list[i] ?? 0) * 100, 1)} %
                </td>
              ))}
            </tr>
          ) : null,
        )}
      </tbody>
    </table>
  );
}
