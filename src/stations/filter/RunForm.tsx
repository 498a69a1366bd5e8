"use client";
import { FEED_WAYS, type FeedWay, type Layer } from "@/core/ledger";
import type { BagView, VesselView } from "@/core/readings";
import { standsToSettle } from "@/core/readings/settle/taken";
import { isRefused, LogStep, NumberField, useClearance, useUnits, VesselChoice } from "@/desk";
import { Button, Caution, Choice } from "@/ui";
import { TAKEN_CHOICES, wordPastLine } from "@/ui/words/taken";
import { Forecast } from "./Forecast";
import { Found } from "./Found";
import type { UnderWay } from "./underWay";
import { hasDrain, type Run } from "./useRun";

interface Props {
  readonly run: Run;
  /** Begun, and over, and not yet logged. */
  readonly kept: UnderWay | null;
  readonly onStart: () => void;
  readonly onDone: () => void;
  readonly elements: readonly BagView[];
  readonly feeds: readonly VesselView[];
  readonly into: readonly VesselView[];
}

/** One run: planned above, told below. From where, through what, into what, how driven; then what was got and found. */
export function RunForm({ run, elements, feeds, into, kept, onStart, onDone }: Props) {
  const units = useUnits();
  const { through, litres, to } = run;
  // Before a valve is opened, not after: what the line must not carry is not begun. Why stands at the foot, in sight.
  const clearance = useClearance(kept === null ? run.draft : null);
  return (
    <>
      <h2 className="text-xl">A run</h2>
      <VesselChoice label="From" vessels={feeds} value={run.from.vessel.id} onChange={run.setFrom} tells="litres" />
      {standsToSettle(run.from) ? (
        <div className="mt-2">
          <Choice
            label="It stands. Taken"
            value={run.layer}
            onChange={(layer) => run.setLayer(layer as Layer)}
            options={TAKEN_CHOICES}
          />
        </div>
      ) : null}
      <fieldset className="mt-2">
        <legend className="text-[14px] text-ink-2">Through, in this order</legend>
        <div className="mt-1 flex flex-wrap gap-2">
          {elements.map((b) => (
            <Button
              key={b.bag.id}
              aria-pressed={!run.isLeft(b.bag.id)}
              look={run.isLeft(b.bag.id) ? "plain" : "go"}
              onClick={() => run.toggle(b.bag.id)}
            >
              {b.bag.name}
            </Button>
          ))}
        </div>
        {through.length === 0 ? <p className="mt-1 text-stop">Choose a bag at the least.</p> : null}
      </fieldset>
      <VesselChoice
        label="Into"
        vessels={into.filter((v) => v.vessel.id !== run.from.vessel.id)}
        value={to?.vessel.id ?? ""}
        onChange={run.setTo}
        tells="room"
      />
      <div className="mt-2">
        <Choice
          label="Driven by"
          value={run.way}
          onChange={(way) => run.setWay(way as FeedWay)}
          options={Object.entries(FEED_WAYS).map(([value, name]) => ({ value, name }))}
        />
      </div>
      <div className="mt-2 grid grid-cols-2 gap-2">
        <NumberField label={units.asked("Litres")} of={litres} room={run.roomLitres} />
        <NumberField label="Oil at" of={run.celsius} />
        {run.way === "gravity" ? (
          <NumberField label="Feed above the bag" of={run.head} />
        ) : (
          <NumberField label="Pressure" of={run.pressure} />
        )}
      </div>
      {run.past ? <p className="mt-1 text-[15px] text-stop">{wordPastLine(run.past, units)}</p> : null}
      {run.way === "pump" || run.way === "brushless" ? (
        <p className="mt-1 text-[14px] text-ink-2">
          A pump that stirs breaks up what had settled: let its suction hang clear of the bottom, and run it slowly.
        </p>
      ) : null}
      <Forecast run={run} />
      {kept === null ? (
        <Button look="go" wide className="mt-3" disabled={run.draft === null || isRefused(clearance)} onClick={onStart}>
          Start the run
        </Button>
      ) : (
        <p role="status" className="mt-2">
          It is over. Log it, with what was got and found.
        </p>
      )}
      <h3 className="mt-4 text-[17px]">{kept === null ? "Or log one that is over" : "How it went"}</h3>
      <div className="mt-1 grid grid-cols-2 gap-2">
        <NumberField label="It took" of={run.minutes} />
        <NumberField label="Stayed in bags and line" of={run.loss} />
        {through.some(hasDrain) ? <NumberField label="Drained from traps" of={run.drained} /> : null}
      </div>
      {through.some(hasDrain) && (run.drained.value ?? 0) > 0 && run.drainedTo ? (
        <VesselChoice
          label="Drained into"
          vessels={run.wasteDrums}
          value={run.drainedTo.vessel.id}
          onChange={run.setDrainTo}
          tells="room"
        />
      ) : null}
      {through.map((e) => (
        <Found key={e.bag.id} element={e} run={run} />
      ))}
      <LogStep
        draft={run.draft}
        said={`Ran ${units.litres(litres.value ?? 0)} through ${through.length === 1 ? "1 bag" : `${through.length} bags`}.`}
        action="Log the run"
        look={kept === null ? "plain" : "go"}
        onDone={onDone}
        disabled={run.draft === null}
        isComplete={run.isComplete}
      />
      <div className="mt-3">
        <Caution>
          Never put pressure on a vessel not made for it. Bags and rags with oil in them heat up by themselves: flat to
          dry outdoors, or under water in a lidded metal bin.
        </Caution>
      </div>
    </>
  );
}
