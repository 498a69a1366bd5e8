"use client";
import { useState } from "react";
import { measuredLitres } from "@/core/fluids";
import type { BagState, Draft } from "@/core/ledger";
import { asVesselId } from "@/core/ledger/named";
import type { VesselView } from "@/core/readings";
import { formatNumber } from "@/core/units";
import {
  Interlock,
  isRefused,
  NumberField,
  useAmount,
  useChosenVessel,
  useClearance,
  useLog,
  useTell,
  useUnits,
  VesselColumn,
} from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, Caution, Choice, Row } from "@/ui";
import { BagDrawing } from "./BagDrawing";

/** The filter line: from the feed, through the bags in order, into Ready. */
export function FilterScreen() {
  const { view } = useYard();
  const log = useLog();
  const units = useUnits();
  const { chosen, all } = useChosenVessel("filter");
  const feeds = [...all, ...view.vessels.filter((v) => v.station === "settle")].filter((v) => v.litres > 0.05);
  const from = chosen && chosen.litres > 0.05 ? chosen : feeds[0];
  const into = view.vessels.filter((v) => v.vessel.role === "ready");
  const bags = [...view.bags].sort((a, b) => b.bag.ratingUm - a.bag.ratingUm);
  return (
    <Bench
      title="Filter line"
      subtitle={
        from
          ? `${from.vessel.name} has ${units.litres(from.litres)} to run. Coarse first, then fine.`
          : "Nothing waits for the bags."
      }
      asideLabel="A run"
      aside={
        from && into.length > 0 && bags.length > 0 ? (
          <Run key={`${from.vessel.id} ${from.changedAt}`} from={from} feeds={feeds} into={into} bags={bags} />
        ) : (
          <>
            <h2 className="text-xl">A run</h2>
            <p className="my-2 text-ink-2">
              {bags.length === 0
                ? "The line needs a bag."
                : into.length === 0
                  ? "It needs a drum for ready oil."
                  : "Draw something off first."}
            </p>
            {bags.length === 0 ? <Button onClick={() => log.open("add-bag")}>Add a bag</Button> : null}
            {into.length === 0 ? (
              <Button onClick={() => log.open("add-vessel", { preset: "drum", role: "ready" })}>
                Add a ready drum
              </Button>
            ) : null}
          </>
        )
      }
    >
      <div className="mt-5 flex flex-wrap items-end gap-x-2">
        <ul>{from ? <VesselColumn vessel={from} pxPerMm={0.36} /> : null}</ul>
        {bags.map((b) => (
          <BagDrawing key={b.bag.id} bag={b} onService={() => log.open("bag-service", { bag: b.bag.id })} />
        ))}
        <ul className="flex flex-wrap">
          {into.map((v) => (
            <VesselColumn key={v.vessel.id} vessel={v} pxPerMm={0.36} />
          ))}
        </ul>
      </div>
    </Bench>
  );
}

interface RunProps {
  readonly from: VesselView;
  readonly feeds: readonly VesselView[];
  readonly into: readonly VesselView[];
  readonly bags: readonly BagState[];
}

function Run({ from: first, feeds, into, bags }: RunProps) {
  const { view } = useYard();
  const units = useUnits();
  const tell = useTell();
  const [fromId, setFrom] = useState<string>(first.vessel.id);
  const [toId, setTo] = useState<string>(into[0]?.vessel.id ?? "");
  const from = feeds.find((f) => f.vessel.id === fromId) ?? first;
  const to = into.find((t) => t.vessel.id === toId);
  // The run's litres are read in a cold shed, where they are fewer than the ledger's at 15 °C.
  const there = measuredLitres(from.components, view.settings.shedCelsius);
  const most = Math.floor(Math.min(there, to ? to.capacityLitres - to.litres : 0) * 10) / 10;
  const litres = useAmount(units.volume, most);
  const usual = usualMinutesPerLitre(bags);
  const minutes = useAmount(units.duration, Math.max(1, Math.round(most * usual.minutesPerLitre)));
  const loss = useAmount(units.volume, Math.round(most * 0.012 * 10) / 10);
  const [refused, setRefused] = useState<string | null>(null);

  const draft: Draft = {
    kind: "filter-run",
    data: {
      from: from.vessel.id,
      to: asVesselId(toId),
      bags: bags.map((b) => b.bag.id),
      amount: { litres: litres.value ?? most, celsius: view.settings.shedCelsius },
      minutes: minutes.value ?? 0,
      lossLitres: loss.value ?? 0,
    },
  };
  const clearance = useClearance(draft);

  const run = async (): Promise<void> => {
    if (litres.value === null || minutes.value === null || loss.value === null) {
      setRefused("Fill in litres, minutes and loss.");
      return;
    }
    setRefused(await tell(draft, `Ran ${units.litres(litres.value)} through ${bags.length} bags.`));
  };

  return (
    <>
      <h2 className="text-xl">A run</h2>
      <dl>
        <Row name="Through" value={bags.map((b) => b.bag.name).join(", then ")} />
        <Row
          name={usual.runs > 0 ? `Minutes a litre, last ${usual.runs} runs` : "Minutes a litre, a guess"}
          value={formatNumber(usual.minutesPerLitre, 1)}
        />
        <Row name="Oil at" value={`${units.celsius(view.settings.shedCelsius)}, the shed`} />
      </dl>
      {feeds.length > 1 ? (
        <Choice
          label="From"
          options={feeds
            .slice(0, 6)
            .map((f) => ({ value: f.vessel.id, name: f.vessel.name, detail: units.litres(f.litres) }))}
          value={fromId}
          onChange={setFrom}
        />
      ) : null}
      {into.length > 1 ? (
        <Choice
          label="Into"
          options={into.map((t) => ({ value: t.vessel.id, name: t.vessel.name }))}
          value={toId}
          onChange={setTo}
        />
      ) : null}
      <div className="mt-3 grid grid-cols-3 gap-2">
        <NumberField label={units.asked("Litres")} of={litres} />
        <NumberField label="Minutes" of={minutes} />
        <NumberField label="Lost" of={loss} />
      </div>
      <Interlock clearance={clearance} />
      <div aria-live="polite">{refused ? <p className="mt-2 text-stop">{refused}</p> : null}</div>
      <Button look="go" wide className="mt-3" disabled={isRefused(clearance)} onClick={() => void run()}>
        Log the run
      </Button>
      <div className="mt-3">
        <Caution>
          Never put pressure on a vessel not made for it. Bags and rags with oil in them can catch fire by themselves.
        </Caution>
      </div>
    </>
  );
}

/** What the finest bag's own runs say; without any, an ordinary cold-shed figure. */
function usualMinutesPerLitre(bags: readonly BagState[]): { minutesPerLitre: number; runs: number } {
  const runs = bags.at(-1)?.runs.slice(-5) ?? [];
  const litres = runs.reduce((sum, r) => sum + r.litres, 0);
  if (litres === 0) return { minutesPerLitre: 1.5, runs: 0 };
  return { minutesPerLitre: runs.reduce((sum, r) => sum + r.minutes, 0) / litres, runs: runs.length };
}
