"use client";
import { useSearchParams } from "next/navigation";
import { useState } from "react";
import { liquidOf } from "@/core/blending";
import type { Draft, Settings } from "@/core/ledger";
import { asVesselId } from "@/core/ledger/named";
import type { VesselView } from "@/core/readings";
import { mixOf } from "@/core/readings/vessel/mixture";
import { centrifugeLitresPerHour, FINES_KG_PER_M3, leftAfterPasses, sigmaM2 } from "@/core/settling";
import { formatMinutes, formatNumber } from "@/core/units";
import {
  LogStep,
  NoSuchVessel,
  NumberField,
  useAmount,
  useChosenVessel,
  useUnits,
  VesselChoice,
  VesselTabs,
  Why,
} from "@/desk";
import { useYard } from "@/store";
import { Bench, Caution } from "@/ui";
import { ownIn } from "@/ui/words";
import { BowlMarks } from "./BowlMarks";

const PASSES = [1, 2, 3, 4] as const;

/** A centrifuge: how fast to feed it for a cut at a temperature, and what a pass gave. */
export function SpinScreen() {
  const { all, isUnknown, chosen: due } = useChosenVessel("settle", (v) => v.settling !== null);
  const asked = useSearchParams().get("vessel");
  if (isUnknown) return <NoSuchVessel bench="a centrifuge is fed from" />;
  // What is clear already, or is due for something else, has no need of a bowl.
  const chosen = asked !== null ? due : (all.find((v) => v.litres > 0.05 && v.settling?.ready === false) ?? due);
  if (!chosen || chosen.litres < 0.05)
    return <p className="p-4">There is nothing to spin here. Choose a vessel on the settling bench.</p>;
  return <OneLot key={`${chosen.vessel.id} ${chosen.changedAt}`} vessel={chosen} all={all} />;
}

const bowlOf = (c: Settings["centrifuge"]) => ({
  outerRadiusM: c.outerRadiusMm / 1000,
  innerRadiusM: c.innerRadiusMm / 1000,
  lengthM: c.lengthMm / 1000,
  rpm: c.rpm,
});

function OneLot({ vessel: v, all }: { vessel: VesselView; all: readonly VesselView[] }) {
  const { view } = useYard();
  const units = useUnits();
  const c = view.settings.centrifuge;
  const mix = mixOf(v.components, v.thickness, view.fluids);
  const oil = liquidOf(mix);
  const sigma = sigmaM2(bowlOf(c));
  const litresPerHour = centrifugeLitresPerHour(
    sigma,
    c.cutUm,
    FINES_KG_PER_M3,
    oil.kgPerM3(c.celsius),
    oil.viscosityPaS(c.celsius),
    c.efficiency,
  );
  const hours = v.litres / litresPerHour;
  return (
    <Bench
      title={`Centrifuge: ${v.vessel.name}`}
      subtitle={`${units.litres(v.litres)} at ${units.celsius(c.celsius)}, down to ${formatNumber(c.cutUm, 1)} µm`}
      asideLabel="Log a pass"
      aside={<PassForm vessel={v} hours={hours} />}
    >
      <VesselTabs all={all} chosen={v} path="/spin" />
      <p className="font-plate text-[36px] leading-tight font-semibold">
        Feed {units.litres(litresPerHour)}/h{" "}
        <span className="block text-[18px] font-medium text-ink-2">
          {formatNumber(units.volume.of(litresPerHour / 60), 2)} {units.volume.unit}/min,{" "}
          {formatMinutes(Math.ceil(hours * 60))} for one pass
        </span>
      </p>
      <table className="mt-2 w-full max-w-[520px] text-[15px]">
        <caption className="text-left text-[14px] text-ink-2">
          It settles like a tank of {formatNumber(sigma, 0)} m². From {formatNumber(c.cutUm * Math.SQRT2, 1)} µm on, all
          goes to the wall in one pass.
        </caption>
        <thead>
          <tr className="text-left text-ink-2">
            <th className="py-1 font-normal">Passes</th>
            <th className="py-1 text-right font-normal">Left of {formatNumber(c.cutUm, 1)} µm</th>
            <th className="py-1 text-right font-normal">Takes</th>
          </tr>
        </thead>
        <tbody>
          {PASSES.map((n) => (
            <tr key={n} className="border-t border-rule font-plate text-[17px] font-semibold">
              <td className="py-1.5">{n}</td>
              <td className="py-1.5 text-right">{formatNumber(leftAfterPasses(c.cutUm, c.cutUm, n) * 100, 0)} %</td>
              <td className="py-1.5 text-right">{formatMinutes(Math.ceil(hours * n * 60))}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <BowlMarks />
      <Why
        name="centrifuge"
        input={{
          ...bowlOf(c),
          d50Um: c.cutUm,
          particleKgPerM3: FINES_KG_PER_M3,
          fluid: mix[0]?.fluid.id ?? "canola",
          celsius: c.celsius,
          efficiency: c.efficiency,
          usedFactor: v.thickness.usedFactor,
          ...ownIn(view),
        }}
        readings="your bowl's measures, fines of 1,100 kg/m³, and half of what the bowl would do by the book."
      />
    </Bench>
  );
}

function PassForm({ vessel: v, hours }: { vessel: VesselView; hours: number }) {
  const { view } = useYard();
  const units = useUnits();
  const c = view.settings.centrifuge;
  const targets = view.vessels.filter(
    (t) =>
      ["feed", "ready", "settling"].includes(t.vessel.role) &&
      t.vessel.id !== v.vessel.id &&
      t.capacityLitres - t.litres > 1,
  );
  const [to, setTo] = useState<string>(targets[0]?.vessel.id ?? "");
  const target = targets.find((t) => t.vessel.id === to);
  const most = Math.min(v.litres, target ? target.capacityLitres - target.litres : 0);
  const litres = useAmount(units.volume, Math.floor(most * 10) / 10);
  const paste = useAmount(units.volume, 0.5);
  const minutes = useAmount(units.duration, Math.ceil(hours * 60));
  const draft: Draft = {
    kind: "spin",
    data: {
      from: v.vessel.id,
      to: asVesselId(to),
      amount: { litres: litres.value ?? most },
      pasteLitres: paste.value ?? 0,
      cutUm: c.cutUm,
      ...(minutes.value !== null && { minutes: minutes.value }),
    },
  };
  return (
    <>
      <h2 className="text-xl">Log a pass</h2>
      <VesselChoice label="Into" vessels={targets} value={to} onChange={setTo} tells="room" />
      <div className="mt-2 flex flex-col gap-2">
        <NumberField
          label={units.asked("Litres through")}
          of={litres}
          {...(target && { room: target.capacityLitres - target.litres })}
        />
        <NumberField label="Paste in the bowl" of={paste} />
        <NumberField label="Minutes" of={minutes} />
      </div>
      <LogStep
        draft={to === "" || most <= 0 ? null : draft}
        said={`${units.litres(litres.value ?? 0)} from ${v.vessel.name} through the centrifuge.`}
        action="Log the pass"
        disabled={to === ""}
        isComplete={() => {
          if (litres.value === null || litres.value <= 0) litres.refuse("Say how many litres went through.");
          else if (paste.value === null || paste.value < 0) paste.refuse("Say how much paste the bowl kept.");
          else return true;
          return false;
        }}
      />
      <div className="mt-3">
        <Caution>
          Never with petrol in it. A bowl at speed holds the force of a dropped car: guard on, balanced, hands off until
          it stands. Hot oil burns.
        </Caution>
      </div>
    </>
  );
}
