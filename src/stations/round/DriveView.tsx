"use client";
import { useState } from "react";
import type { Draft, RoundState } from "@/core/ledger";
import { MS_PER_MINUTE } from "@/core/units";
import { NumberField, useAmount, useForgetKept, useTell, useUnits, useWhen, WhenField, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button, Choice } from "@/ui";
import { accessWords, clock, nameOf, roughLitres } from "@/ui/words";
import { draftsOf } from "./stopForm";

/** The stops of the round that is being driven, with what has been taken; and the way home. */
export function DriveView({ round }: { round: RoundState }) {
  const { view } = useYard();
  const units = useUnits();
  const { stops } = round.round;
  const done = stops.filter((s) => round.called.has(s.source)).length;
  const taken = [...round.called.values()].reduce((sum, l) => sum + l, 0);
  const next = stops.find((s) => !round.called.has(s.source));
  const place = view.places.find((p) => p.place.id === round.round.by);
  return (
    <div className="mx-auto w-full max-w-[680px] px-4 py-3">
      <h1 className="text-[27px] leading-tight">
        Round, {done} of {stops.length} stops
      </h1>
      <p className="text-ink-2">
        Set off at {clock(round.startedAt)}; {units.litres(taken)} taken so far
        {place ? `, ${units.kg(place.payloadLeftKg)} left to load` : ""}.
      </p>
      <ol className="mt-3 flex flex-col gap-2">
        {stops.map((s, i) => {
          const source = view.sources.find((x) => x.source.id === s.source)?.source;
          const litres = round.called.get(s.source);
          return (
            <li key={s.source}>
              <YardLink
                href={`/round?stop=${s.source}`}
                className={`flex min-h-[72px] items-center gap-3 rounded-md border px-3 py-2 ${s === next ? "border-go bg-card shadow-[inset_0_0_0_2px_var(--go)]" : "border-quiet bg-card"}`}
              >
                <span className="font-plate text-[26px] font-semibold">{i + 1}</span>
                <span className="min-w-0 flex-1 leading-tight">
                  <b className="font-plate text-[20px]">{nameOf(view, s.source)}</b>
                  <br />
                  <span className="text-[14px] text-ink-2">
                    {source?.contact ? `${source.contact}; ` : ""}
                    {accessWords(source?.access)}
                  </span>
                </span>
                <span className="text-right font-plate text-[17px] leading-tight font-semibold">
                  {litres === undefined
                    ? `about ${roughLitres(s.litres, units)}`
                    : litres > 0
                      ? `took ${units.litres(litres)}`
                      : "took nothing"}
                </span>
              </YardLink>
            </li>
          );
        })}
      </ol>
      <HomeAgain round={round} left={stops.length - done} />
    </div>
  );
}

const HOME = "home";
const LAST_STOP = "last-stop";

/** The end of it: the kilometres are shared among the sources that gave oil, so that each shows its true cost. */
function HomeAgain({ round, left }: { round: RoundState; left: number }) {
  const { view } = useYard();
  const units = useUnits();
  const tell = useTell();
  const when = useWhen();
  const forget = useForgetKept();
  const [refused, setRefused] = useState<string | null>(null);
  const planned = round.round.forecast?.km;
  const minutes = Math.max(0, (Date.parse(view.at) - Date.parse(round.startedAt)) / MS_PER_MINUTE);
  const km = useAmount(units.distance, planned ?? null);
  const lastCalled = round.round.stops.findLast((s) => round.called.has(s.source))?.source;
  const [stands, setStands] = useState(round.round.ends === "last-stop" ? LAST_STOP : HOME);
  const took = useAmount(units.duration, Math.round(minutes));

  const end = async (): Promise<void> => {
    const wrong = (n: typeof km): boolean => n.text.trim() !== "" && (n.value === null || n.value < 0);
    if (km.value !== null && km.value < 0) km.refuse("It cannot be less than nothing.");
    if (took.value !== null && took.value < 0) took.refuse("It cannot be less than nothing.");
    if (wrong(km) || wrong(took)) {
      setRefused("Something above is not right yet.");
      return;
    }
    const ended: Draft = {
      kind: "round-end",
      data: {
        round: round.round.id,
        ...(km.value !== null && { km: km.value }),
        ...(took.value !== null && { minutes: took.value }),
        ...(round.round.by !== null && {
          standsAt: stands === LAST_STOP && lastCalled ? { source: lastCalled } : ("home" as const),
        }),
      },
    };
    const reason = when.wrong ?? (await tell(when.stamp(ended), "The round is over."));
    setRefused(reason);
    if (reason === null) forget(draftsOf(round.round.id));
  };

  return (
    <section aria-labelledby="home-title" className="mt-5 rounded-md border border-rule bg-panel px-3 py-3">
      <h2 id="home-title" className="text-xl">
        The end of it
      </h2>
      <div className="mt-1 grid grid-cols-2 gap-2">
        <NumberField label="Way" of={km} />
        <NumberField label="Took" of={took} />
      </div>
      {round.round.by !== null && lastCalled ? (
        <div className="mt-2">
          <Choice
            label="It stands now"
            options={[
              { value: HOME, name: "At home" },
              { value: LAST_STOP, name: `At ${nameOf(view, lastCalled)}`, detail: "travelling on" },
            ]}
            value={stands}
            onChange={setStands}
          />
        </div>
      ) : null}
      <div className="mt-2">
        <WhenField when={when} label="Back" />
      </div>
      <p aria-live="polite" className="text-stop">
        {refused}
      </p>
      <Button wide look={left === 0 ? "go" : "plain"} className="mt-3" onClick={() => void end()}>
        {left === 0
          ? "Log the round"
          : left === 1
            ? "End it, one stop not called at"
            : `End it, ${left} stops not called at`}
      </Button>
    </section>
  );
}
