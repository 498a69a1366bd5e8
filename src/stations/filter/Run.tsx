"use client";
import { useState } from "react";
import { measuredLitres } from "@/core/fluids";
import type { Draft } from "@/core/ledger";
import { asVesselId } from "@/core/ledger/named";
import type { BagView, VesselView } from "@/core/readings";
import { bagMinutes } from "@/core/readings/filter/bagMinutes";
import { formatMinutes } from "@/core/units";
import { LogStep, NumberField, useFollowing, useUnits, VesselChoice } from "@/desk";
import { useYard } from "@/store";
import { Button, Caution, Row } from "@/ui";

interface Props {
  readonly from: VesselView;
  readonly feeds: readonly VesselView[];
  readonly into: readonly VesselView[];
  readonly bags: readonly BagView[];
}

/** Of what goes through, this much stays in the bags and on the walls. */
const LOST_SHARE = 0.012;

/** So much slower by the clock is worth a word. */
const _SLOW_BY_CLOCK = 1.5;

const paceWords = (runs: number): string =>
  runs === 0
    ? "It will take, a guess by its rating"
    : `It will take, by its ${runs === 1 ? "own run" : `own ${runs} runs`}`;

/** One run: from where, through which bags, into what, how much, how long, what was lost. */
export function Run({ from: first, feeds, into, bags }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const [fromId, setFrom] = useState<string>(first.vessel.id);
  const [toId, setTo] = useState<string>(into[0]?.vessel.id ?? "");
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const through = bags.filter((b) => !left.has(b.bag.id));
  const from = feeds.find((f) => f.vessel.id === fromId) ?? first;
  const to = into.find((t) => t.vessel.id === toId);
  // The run's litres are read in a cold shed, where they are fewer than the ledger's at 15 °C.
  const there = measuredLitres(from.components, view.settings.shedCelsius);
  const room = to ? to.capacityLitres - to.litres : 0;
  const most = Math.floor(Math.min(there, room) * 10) / 10;
  const litres = useFollowing(units.volume, most);
  const amount = litres.value ?? most;
  const terms = { settings: view.settings, fluids: view.fluids };
  const finest = through.at(-1);
  const foretold = finest ? bagMinutes(finest, amount, view.settings.shedCelsius, terms) : null;
  // Until somebody says otherwise they follow the litres.
  const minutes = useFollowing(units.duration, Math.max(1, Math.round(foretold ?? amount)));
  const loss = useFollowing(units.volume, Math.round(amount * LOST_SHARE * 10) / 10);
  const toggle = (id: string): void =>
    setLeft((old) => new Set(old.has(id) ? [...old].filter((x) => x !== id) : [...old, id]));
  const draft: Draft = {
    kind: "filter-run",
    data: {
      from: from.vessel.id,
      to: asVesselId(toId),
      bags: through.map((b) => b.bag.id),
      amount: { litres: amount, celsius: view.settings.shedCelsius },
      minutes: minutes.value ?? 0,
      lossLitres: loss.value ?? 0,
    },
  };
  const isComplete = (): boolean => {
    if (litres.value === null || litres.value <= 0) litres.refuse("Say how much ran through.");
    if (minutes.value === null) minutes.refuse("Say how long it took.");
    if (loss.value === null) loss.refuse("Say how much was lost, or none.");
    return litres.value !== null && litres.value > 0 && minutes.value !== null && loss.value !== null;
  };
  return (
    <>
      <h2 className="text-xl">A run</h2>
      <fieldset>
        <legend className="text-[14px] text-ink-2">Through, coarse first</legend>
        <div className="mt-1 flex flex-wrap gap-2">
          {bags.map((b) => (
            <Button
              key={b.bag.id}
              aria-pressed={!left.has(b.bag.id)}
              look={left.has(b.bag.id) ? "plain" : "go"}
              onClick={() => toggle(b.bag.id)}
            >
              {b.bag.name}
            </Button>
          ))}
        </div>
        {through.length === 0 ? <p className="mt-1 text-stop">Choose a bag at the least.</p> : null}
      </fieldset>
      <dl>
        <Row
          name={paceWords(finest?.fit.runs ?? 0)}
          value={foretold === null ? "not known" : `about ${formatMinutes(Math.ceil(foretold))}`}
        />
        <Row name="Oil at" value={`${units.celsius(view.settings.shedCelsius)}, the shed`} />
      </dl>
      <VesselChoice label="From" vessels={feeds} value={fromId} onChange={setFrom} tells="litres" />
      <VesselChoice label="Into" vessels={into} value={toId} onChange={setTo} tells="room" />
      <div className="mt-3 grid grid-cols-2 gap-2">
        <NumberField label={units.asked("Litres")} of={litres} room={room} />
        <NumberField label="It took" of={minutes} />
        <NumberField label="Lost" of={loss} />
      </div>
      <LogStep
        draft={through.length === 0 || toId === "" ? null : draft}
        said={`Ran ${units.litres(amount)} through ${through.length === 1 ? "1 bag" : `${through.length} bags`}.`}
        action="Log the run"
        disabled={through.length === 0 || toId === ""}
        isComplete={isComplete}
      />
      <div className="mt-3">
        <Caution>
          Never put pressure on a vessel not made for it. Bags and rags with oil in them can catch fire by themselves.
        </Caution>
      </div>
    </>
  );
}
