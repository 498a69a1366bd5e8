"use client";
import { useState } from "react";
import type { Draft } from "@/core/ledger";
import { asVesselId } from "@/core/ledger/named";
import type { Settling, VesselView } from "@/core/readings";
import { type Drawn, hungByKind } from "@/core/readings/settle/hanging";
import { LogStep, NumberField, useAmount, useUnits } from "@/desk";
import { ClarityJar } from "@/ui";
import { CLARITY } from "@/ui/words";
import { BeyondLine } from "./BeyondLine";

interface Props {
  readonly vessel: VesselView;
  readonly settling: Settling;
  readonly to: string;
  /** From the surface down to where the draw stops. */
  readonly drawn: Drawn;
  /** Litres that the receiver still takes. */
  readonly room: number;
  /** What is offered to log where nothing was timed. */
  readonly most: number;
  readonly hanging: number;
  /** What a stopped draw is thought to have given. */
  readonly got: { readonly litres: number; readonly minutes: number } | null;
  readonly onLogged: () => void;
}

const thousandth = (share: number): number => Math.round(share * 1000) / 1000;

/** What was really got, and how it came. */
export function GotForm({ vessel: v, settling: s, to, drawn, room, most, hanging, got, onLogged }: Props) {
  const units = useUnits();
  const offered = Math.floor((got?.litres ?? most) * 10) / 10;
  const litres = useAmount(units.volume, offered);
  const [came, setCame] = useState<number | null>(null);
  const draft: Draft = {
    kind: "draw-off",
    data: {
      from: v.vessel.id,
      to: asVesselId(to),
      amount: { litres: litres.value ?? most },
      suctionMm: Math.round(drawn.lineMm),
      suspendedShare: thousandth(hanging),
      hanging: hungByKind(s, drawn),
      forecast: {
        litres: s.drawableLitres,
        drawOffMm: s.drawOffMm,
        ...(s.readyAt && { readyAt: s.readyAt }),
      },
      ...(came !== null && { came }),
      ...(got && { minutes: Math.round(got.minutes * 10) / 10 }),
    },
  };
  return (
    <div className="mt-3">
      <NumberField label={units.asked("Litres you got")} of={litres} {...(to !== "" && { room })} />
      {litres.value === null ? null : <BeyondLine vessel={v} gotLitres={litres.value} lineMm={drawn.lineMm} />}
      <fieldset className="mt-2">
        <legend className="text-[14px] text-ink-2">How it came, against the light (if you looked)</legend>
        <div className="mt-1 grid grid-cols-5 gap-1">
          {CLARITY.map((c) => (
            <button
              key={c.step}
              type="button"
              aria-pressed={came === c.step}
              onClick={() => setCame(came === c.step ? null : c.step)}
              className="flex min-h-[var(--target)] flex-col items-center rounded-md border border-quiet bg-card px-0.5 py-1 text-[12px] leading-tight aria-pressed:border-go aria-pressed:shadow-[inset_0_0_0_2px_var(--go)]"
            >
              <ClarityJar step={c.step} />
              {c.name}
            </button>
          ))}
        </div>
      </fieldset>
      <LogStep
        draft={to === "" ? null : draft}
        said={`Drew ${units.litres(litres.value ?? 0)} off ${v.vessel.name}. The heel stays.`}
        action="Log the draw-off"
        look={got ? "go" : "plain"}
        disabled={to === ""}
        isComplete={() => {
          if (litres.value === null) litres.refuse("Say how many litres you drew.");
          return litres.value !== null;
        }}
        onDone={onLogged}
        onCancel={got ? onLogged : undefined}
      />
    </div>
  );
}
