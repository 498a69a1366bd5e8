"use client";
import { useState } from "react";
import type { Settling, VesselView } from "@/core/advice";
import type { Draft } from "@/core/ledger";
import { formatMillimetres, formatNumber } from "@/core/units";
import { Interlock, isRefused, useClearance, useLog, useNumber, useTell, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, Caution, Choice, Row, TextField } from "@/ui";
import { shortDay } from "@/ui/words";
import { SettlingWhy } from "./SettlingWhy";

/** Where the draw-off goes: to wait for the bags, or into any other drum with room. */
const INTO = ["feed", "settling", "ready", "heel"];

export function DrawOff({ vessel: v, settling }: { vessel: VesselView; settling: Settling }) {
  const { view } = useYard();
  const units = useUnits();
  const tell = useTell();
  const log = useLog();
  const targets = view.vessels
    .filter((t) => INTO.includes(t.vessel.role) && t.vessel.id !== v.vessel.id && t.capacityLitres - t.litres > 1)
    .sort((a, b) => INTO.indexOf(a.vessel.role) - INTO.indexOf(b.vessel.role));
  const [to, setTo] = useState(targets[0]?.vessel.id ?? "");
  const target = targets.find((t) => t.vessel.id === to);
  const room = target ? target.capacityLitres - target.litres : 0;
  const most = Math.max(0, Math.min(settling.drawableLitres, room));
  const litres = useNumber(formatNumber(Math.floor(most * 10) / 10, 1).replace(",", ""), units.parseLitres);
  const hanging = settling.fronts.reduce((sum, f) => Math.max(sum, f.hanging), 0);
  const [refused, setRefused] = useState<string | null>(null);

  const draft: Draft = {
    kind: "draw-off",
    data: {
      from: v.vessel.id,
      to: to as never,
      amount: { litres: litres.value ?? most },
      suctionMm: Math.round(settling.drawOffMm),
      suspendedShare: Math.round(hanging * 1000) / 1000,
      forecast: {
        litres: settling.drawableLitres,
        drawOffMm: settling.drawOffMm,
        ...(settling.readyAt && { readyAt: settling.readyAt }),
      },
    },
  };
  const clearance = useClearance(to === "" ? null : draft);

  const draw = async (): Promise<void> => {
    if (litres.value === null) {
      litres.refuse("Say how many litres you drew.");
      return;
    }
    setRefused(await tell(draft, `Drew ${units.litres(litres.value)} off ${v.vessel.name}. The heel stays.`));
  };

  return (
    <>
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl">Draw off</h2>
        <p className="font-plate text-[16px]">{readyWords(settling, view.at)}</p>
      </div>
      <p className="font-plate text-[40px] leading-tight font-semibold">
        {units.litres(settling.drawableLitres)}{" "}
        <span className="text-[19px] font-medium text-ink-2">above {formatMillimetres(settling.drawOffMm)}</span>
      </p>
      <dl>
        <Row
          name="Top of what stays + your margin"
          value={`${Math.round(settling.muckTopMm)} + ${view.settings.marginMm} mm`}
        />
        <Row
          name="Fines still hanging above it"
          value={hanging < 0.005 ? "nothing" : `about ${formatNumber(hanging * 100, 0)} %`}
        />
        <Row name="Heel that stays" value={units.litres(Math.max(0, v.litres - (litres.value ?? 0)))} />
      </dl>
      <Choice
        label="Into"
        options={targets.slice(0, 6).map((t) => ({
          value: t.vessel.id,
          name: t.vessel.name,
          detail: `room for ${units.litres(t.capacityLitres - t.litres)}`,
        }))}
        value={to}
        onChange={setTo}
      />
      <div className="mt-3">
        <TextField
          label="Litres you got"
          value={litres.text}
          onChange={litres.set}
          error={litres.error}
          decimal
          suffix="L"
        />
      </div>
      <Interlock clearance={clearance} />
      <div aria-live="polite">{refused ? <p className="mt-2 text-stop">{refused}</p> : null}</div>
      <div className="mt-3">
        <Button look="go" wide onClick={() => void draw()} disabled={to === "" || isRefused(clearance)}>
          Log the draw-off
        </Button>
      </div>
      <div className="mt-3 grid grid-cols-3 gap-2">
        <Button onClick={() => log.open("dip", { vessel: v.vessel.id })}>Dip</Button>
        <Button onClick={() => log.open("disturbed", { vessel: v.vessel.id })}>Disturbed</Button>
        <Button onClick={() => log.open("weather")}>Shed °C</Button>
      </div>
      <SettlingWhy settling={settling} vessel={v} />
      <div className="mt-3">
        <Caution>
          Lift nothing full. Draw off where a spill can be caught; oily rags go flat or under water, they can catch fire
          by themselves.
        </Caution>
      </div>
    </>
  );
}

function readyWords(s: Settling, now: string): string {
  if (!s.readyAt) return "never clears at this cold";
  return s.readyAt <= now ? `ready since ${shortDay(s.readyAt)}` : `ready about ${shortDay(s.readyAt)}`;
}
