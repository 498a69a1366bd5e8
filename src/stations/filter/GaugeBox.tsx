"use client";
import { useState } from "react";
import { METRE_OF_OIL_KPA } from "@/core/units";
import { hasSerial, serialGauge } from "@/desk";
import { Button, SelectField } from "@/ui";
import { GAUGE_FAULTS, type GaugeFault, practiceGauge } from "./gauge/simulated";
import { useGauge } from "./gauge/useGauge";
import type { UnderWay } from "./underWay";
import type { Run } from "./useRun";

interface Props {
  readonly run: Run;
  readonly kept: UnderWay;
  readonly onReading: (litres: number, minutes: number) => void;
}

/** Run's seconds to a second of the clock. */
const SPEED = 1200;

/** A gauge in place of marks by hand: one of the owner's own on a port, or the one to practise on, with its faults. */
export function GaugeBox({ run, kept, onReading }: Props) {
  const [fault, setFault] = useState<GaugeFault>("none");
  const start = kept.marks.at(-1) ?? { litres: 0, minutes: 0 };
  const [base, setBase] = useState(start);
  const gauge = useGauge((r) => onReading(base.litres + r.litres, base.minutes + r.seconds / 60));
  const { plan } = run;
  const listen = (which: "practice" | "serial"): void => {
    setBase(start);
    if (which === "serial") {
      gauge.start(serialGauge);
      return;
    }
    if (!plan) return;
    const curve = plan.curve;
    gauge.start(
      practiceGauge({
        minutesAt: (litres) => minutesOn(curve, start.litres + litres) - minutesOn(curve, start.litres),
        litres: Math.max(0, kept.asked.litres - start.litres),
        kPa: kept.asked.kPa ?? ((kept.asked.headMm ?? 1000) / 1000) * METRE_OF_OIL_KPA,
        celsius: kept.asked.celsius,
        fault,
        speed: SPEED,
      }),
    );
  };
  return (
    <details className="mt-2" open={gauge.name !== null || undefined}>
      <summary className="min-h-[var(--target)] cursor-pointer content-center text-ink-2">
        {gauge.name === null ? "A gauge in place of marks" : `${gauge.name} is listened to`}
      </summary>
      <div aria-live="polite">
        {gauge.trouble ? <p className="text-stop">{gauge.trouble}</p> : null}
        {gauge.garbled > 0 ? (
          <p className="text-[14px] text-ink-2">{gauge.garbled} garbled lines were left out.</p>
        ) : null}
      </div>
      {gauge.name === null ? (
        <div className="flex flex-col gap-2">
          <SelectField
            label="To practise on"
            options={Object.entries(GAUGE_FAULTS).map(([value, name]) => ({ value, name }))}
            value={fault}
            onChange={(f) => setFault(f as GaugeFault)}
          />
          <Button onClick={() => listen("practice")}>Listen to the practice gauge</Button>
          {hasSerial() ? <Button onClick={() => listen("serial")}>A gauge on this computer's port</Button> : null}
        </div>
      ) : (
        <Button onClick={gauge.stop}>Stop listening</Button>
      )}
    </details>
  );
}

/** Between the points of a curve in a straight line; past its end as at its end. */
function minutesOn(curve: readonly { readonly litres: number; readonly minutes: number }[], litres: number): number {
  const after = curve.findIndex((p) => p.litres >= litres);
  const [a, b] = [curve[after - 1], curve[after]];
  if (!b) return curve.at(-1)?.minutes ?? 0;
  if (!a) return b.minutes;
  return a.minutes + ((b.minutes - a.minutes) * (litres - a.litres)) / (b.litres - a.litres);
}
