"use client";
import { useMemo, useState } from "react";
import { type Check, checksFor, SYMPTOMS, type Symptom, suspects } from "@/core/driving";
import { tanksOf, type VehicleState } from "@/core/ledger";
import { type Clue, cluesOf } from "@/core/readings/drive/evidence";
import { marksOf } from "@/core/readings/drive/vehicleCold";
import { useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { percentWords } from "@/ui/words";
import { DrivePages } from "../DrivePages";
import { useVehicleCold } from "../useVehicleCold";
import { VehicleTabs } from "../VehicleTabs";
import { SuspectFuel } from "./SuspectFuel";
import { CAUSE_WORDS, CHECK_WORDS, clueWords, SYMPTOM_WORDS } from "./words";

/** From what is seen, through a few looks, to the likeliest cause, with what this yard's own book says of it. */
export function Wrong({ state }: { state: VehicleState }) {
  const { view } = useYard();
  const units = useUnits();
  const cold = useVehicleCold(state);
  const { vehicle } = state;
  const [symptom, setSymptom] = useState<Symptom | null>(null);
  const [answers, setAnswers] = useState<Readonly<Partial<Record<Check, boolean>>>>({});
  const clues = useMemo((): Clue[] => {
    const mine = tanksOf(vehicle);
    const unmixed = view.advice.some((a) => a.code === "drive-to-mix" && a.vehicle === vehicle.id);
    const tanks = view.vessels
      .filter((v) => mine.includes(v.vessel.id))
      .map((v) => ({
        vessel: v.vessel,
        components: v.components,
        pours: unmixed && v.vessel.id === mine[0] ? 2 : 1,
        isWet: v.quality.water?.wet === true,
        changedAt: v.changedAt,
      }));
    const limitMm2PerS = marksOf(view.settings, vehicle).pumpLimitMm2PerS;
    return cluesOf({ state, cold, tanks, now: view.at, limitMm2PerS });
  }, [state, cold, view, vehicle]);
  const found = symptom ? suspects(symptom, answers, clues) : [];
  return (
    <Bench
      title={`${vehicle.name}: what is wrong?`}
      subtitle={symptom ? `${SYMPTOM_WORDS[symptom]}.` : "Begin with what you see, hear or smell."}
      asideLabel="Likeliest"
      aside={
        <>
          <h2 className="text-xl">{symptom ? "Likeliest" : "What the book says"}</h2>
          {symptom ? (
            <ol aria-live="polite">
              {found.slice(0, 4).map((s) => (
                <li key={s.cause} className="border-t border-rule py-2">
                  <p className="flex justify-between gap-3">
                    <b className="font-plate text-[19px] leading-tight">{CAUSE_WORDS[s.cause].name}</b>
                    <span className="font-plate text-[17px]">{percentWords(s.share)}</span>
                  </p>
                  {clues
                    .filter((c) => c.cause === s.cause)
                    .map((c) => (
                      <p key={c.code} className="text-[15px] font-semibold">
                        {clueWords(c, view, units)}
                      </p>
                    ))}
                  <p className="text-[15px] text-ink-2">{CAUSE_WORDS[s.cause].does}</p>
                </li>
              ))}
            </ol>
          ) : clues.length === 0 ? (
            <p>Nothing that speaks against it.</p>
          ) : (
            <ul>
              {clues.map((c) => (
                <li key={`${c.code} ${c.cause}`} className="border-t border-rule py-1.5 text-[15px]">
                  {clueWords(c, view, units)}
                </li>
              ))}
            </ul>
          )}
          <p className="mt-2 text-[14px] text-ink-2">
            Shares are suspicion and not chance: what is seen, what you looked at, and what the book knows, weighed by
            hand. Whoever mends engines for a living sees more.
          </p>
          <YardLink
            href={`/rescue?vehicle=${vehicle.id}`}
            className="inline-flex min-h-[var(--target)] items-center font-plate text-[17px] font-semibold text-go underline underline-offset-4"
          >
            Tank rescue, step by step
          </YardLink>
          <DrivePages vehicle={vehicle.id} here="wrong" />
        </>
      }
    >
      <VehicleTabs chosen={vehicle.id} path="/wrong" />
      <fieldset className="mt-1">
        <legend className="sr-only">What you see</legend>
        <div className="flex flex-wrap gap-2">
          {SYMPTOMS.map((s) => (
            <button
              key={s}
              type="button"
              aria-pressed={s === symptom}
              onClick={() => {
                setSymptom(s);
                setAnswers({});
              }}
              className="min-h-[56px] rounded-md border border-quiet bg-card px-4 font-plate text-[18px] font-semibold aria-pressed:border-go aria-pressed:bg-go aria-pressed:text-on-go"
            >
              {SYMPTOM_WORDS[s]}
            </button>
          ))}
        </div>
      </fieldset>
      {symptom ? (
        <section aria-labelledby="checks-title" className="mt-4 max-w-[680px]">
          <h2 id="checks-title" className="text-xl">
            Look at these
          </h2>
          {checksFor(symptom).map((c) => (
            <fieldset key={c} className="flex flex-wrap items-center justify-between gap-2 border-t border-rule py-1.5">
              <legend className="float-left min-w-0 flex-1 text-[16px]">{CHECK_WORDS[c]}</legend>
              <span className="flex gap-1.5">
                {([true, false] as const).map((is) => (
                  <Button
                    key={String(is)}
                    look={answers[c] === is ? "go" : "plain"}
                    aria-pressed={answers[c] === is}
                    onClick={() => {
                      const { [c]: was, ...rest } = answers;
                      setAnswers(was === is ? rest : { ...answers, [c]: is });
                    }}
                  >
                    {is ? "Yes" : "No"}
                  </Button>
                ))}
              </span>
            </fieldset>
          ))}
        </section>
      ) : null}
      <SuspectFuel vehicle={vehicle} />
    </Bench>
  );
}
