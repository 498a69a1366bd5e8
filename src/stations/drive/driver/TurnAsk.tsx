"use client";
import { foresee, positionOf, type Turn } from "@/core/driving/rig";
import { useUnits } from "@/desk";
import { Button } from "@/ui";
import type { TripNow } from "./useTrip";
import { doesWords, harmWords, positionWords, turnWords } from "./words";

interface Props {
  readonly ride: TripNow;
  readonly asks: Turn | null;
  readonly onAsk: (turn: Turn | null) => void;
  readonly onTurn: (turn: Turn) => void;
}

/** Every switch and hand valve by itself: a press says first what the turn would do, and a second one makes it. */
export function TurnAsk({ ride: { plumbed, now }, asks, onAsk, onTurn }: Props) {
  const units = useUnits();
  const { rig } = plumbed;
  const foreseen = asks ? foresee(plumbed, now.moment, asks) : null;
  const harm = foreseen ? harmWords(foreseen, rig, units) : null;
  return (
    <section aria-labelledby="valves-title" className="mt-2">
      <h2 id="valves-title" className="text-[17px]">
        Each by itself
      </h2>
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        {rig.controls.map((c) => {
          const at = positionOf(c, now.moment.setting);
          return (
            <fieldset key={c.id} className="flex flex-wrap items-center gap-1">
              <legend className="float-left mr-2 text-[15px]">{c.name}</legend>
              {c.positions.map((p) => (
                <button
                  key={p}
                  type="button"
                  aria-pressed={p === at}
                  onClick={() => onAsk(p === at ? null : { control: c.id, position: p })}
                  className={`min-h-[var(--target)] rounded-md border px-3 font-plate text-[16px] font-semibold ${p === at ? "border-go bg-go text-on-go" : asks?.control === c.id && asks.position === p ? "border-ink bg-card" : "border-quiet bg-card"}`}
                >
                  {positionWords(p)}
                </button>
              ))}
            </fieldset>
          );
        })}
      </div>
      <div aria-live="polite">
        {asks && foreseen ? (
          <div className={`mt-2 rounded-md border-2 px-3 py-2 ${harm ? "border-stop bg-card" : "border-rule bg-card"}`}>
            <p className={harm ? "font-semibold text-stop" : ""}>
              {turnWords(rig, asks)}: {harm ?? doesWords(foreseen, units)}
            </p>
            <div className="mt-1 flex gap-2">
              <Button look={harm ? "stop" : "go"} onClick={() => onTurn(asks)}>
                {harm ? "It stands so: log it" : `Turned ${turnWords(rig, asks)}`}
              </Button>
              <Button onClick={() => onAsk(null)}>Leave it</Button>
            </div>
          </div>
        ) : null}
      </div>
    </section>
  );
}
