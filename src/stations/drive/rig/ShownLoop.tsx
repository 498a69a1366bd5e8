"use client";
import { useMemo } from "react";
import { flowsIn, type Mode, outcomeOf, type Rig, running, standFor, standsOf } from "@/core/driving/rig";
import { useUnits } from "@/desk";
import { valveWordsOf } from "../driver/loopWords";
import { type DrawnTank, LoopDrawing } from "../loop/LoopDrawing";
import { partName } from "./faultWords";

type Shown = Exclude<Mode, "wrong"> | "no-power";

interface Props {
  readonly rig: Rig;
  readonly burn: number;
  readonly isSound: boolean;
  readonly shown: Shown;
  readonly onShow: (shown: Shown) => void;
  readonly tanks: Readonly<Record<string, DrawnTank>>;
}

const NAMES: Readonly<Record<Shown, string>> = {
  diesel: "On diesel",
  purge: "Purging",
  oil: "On oil",
  "no-power": "Set to oil, no power",
};

/** The loop as it stands by its valves: what flows where, once all has come round. */
export function ShownLoop({ rig, burn, isSound, shown, onShow, tanks }: Props) {
  const units = useUnits();
  const looked = useMemo(() => {
    if (!isSound) return null;
    const stands = standsOf(rig, burn);
    const can = (["diesel", "purge", "oil"] as const).filter((m) => standFor(rig, stands, m));
    const stand =
      standFor(rig, stands, shown === "no-power" ? "oil" : shown) ?? standFor(rig, stands, "diesel") ?? stands[0];
    const setting = { ...running(stand?.at ?? {}), power: shown !== "no-power" };
    return { can, setting, outcome: outcomeOf(rig, setting, burn), pipes: flowsIn(rig, setting, burn) };
  }, [rig, burn, isSound, shown]);
  const perMinute = (litres: number): string => `${units.litres(litres)} a minute`;
  const said = looked
    ? [
        ...Object.entries(looked.outcome.reaches).map(
          ([tank, s]) => `${Math.round(100 * s)} % from ${partName(rig, tank)}`,
        ),
        ...Object.entries(looked.outcome.returns)
          .filter(([, rate]) => rate > 0)
          .map(([tank, rate]) => `${perMinute(rate)} back to ${partName(rig, tank)}`),
        ...(looked.outcome.loops > 0 ? [`${perMinute(looked.outcome.loops)} round the loop`] : []),
      ].join(", ")
    : "Not every hose ends somewhere yet.";
  const setting = looked?.setting ?? running({});
  return (
    <>
      {looked && rig.controls.length > 0 ? (
        <div className="mt-1 flex flex-wrap gap-1">
          {[...looked.can, ...(looked.can.includes("oil") ? (["no-power"] as const) : [])].map((m) => (
            <button
              key={m}
              type="button"
              aria-pressed={m === shown}
              onClick={() => onShow(m)}
              className="min-h-[var(--target)] rounded-md border border-quiet bg-card px-3 font-plate text-[16px] font-semibold aria-pressed:border-go aria-pressed:bg-go aria-pressed:text-on-go"
            >
              {NAMES[m]}
            </button>
          ))}
        </div>
      ) : null}
      <p className="mt-1 text-[15px]">{said}.</p>
      <LoopDrawing
        rig={rig}
        setting={setting}
        pipes={looked?.pipes ?? {}}
        tanks={tanks}
        notes={{}}
        label={`The loop, ${looked ? NAMES[shown] : "not finished"}: ${said}.`}
        valveWords={valveWordsOf(rig, setting)}
      />
    </>
  );
}
