"use client";
import { useState } from "react";
import type { VesselView } from "@/core/readings";
import { heldUm, settlerDay, USUAL_SETTLER } from "@/core/readings/settle/settler";
import { SLUDGE_FULL } from "@/core/readings/terms";
import { type FeedWarmth, FINES_KG_PER_M3, feedWarmth, litresPerHourOfDrops } from "@/core/settling";
import { formatMinutes, formatNumber, parsePlain } from "@/core/units";
import { NumberField, useAmount, useLog, useNumber, useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { Button, Caution, Row, TextField } from "@/ui";
import { standingDays } from "@/ui/words";
import { FeedForm } from "./FeedForm";
import { SettlerSetUp } from "./SettlerSetUp";

const BOUND = {
  rate: "what trickles in that time",
  header: "all that is in the header",
  overflow: "the room in the overflow tank",
  body: "a quarter of the body: more would push out oil that has hardly rested",
} as const;

const FEED: Record<FeedWarmth, string | null> = {
  steady: null,
  "may-short-circuit": "The feed is a little warmer than the body: it may float up and take its dirt along.",
  "short-circuits":
    "The feed is well warmer than the body: it floats up through it and goes over dirty. Let it cool first.",
};

/** A displacement settler: how fast, how much today, and how long its bottom lasts. */
export function SettlerPanel({ vessel: v, celsius }: { vessel: VesselView; celsius: number }) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const settler = v.vessel.settler;
  const find = (id: string | undefined): VesselView | undefined => view.vessels.find((o) => o.vessel.id === id);
  const header = find(settler?.header);
  const overflow = find(settler?.overflow);
  const cutUm = settler?.cutUm ?? USUAL_SETTLER.cutUm;
  const { dropMillilitres } = view.settings;
  const day = settlerDay(v, header, overflow, celsius, dropMillilitres, view.fluids);
  const counted = useNumber("", parsePlain);
  const feedC = useAmount(units.temperature, null);
  const [setUp, setSetUp] = useState(settler === undefined);
  if (setUp) return <SettlerSetUp vessel={v} onDone={() => setSetUp(false)} />;
  if (!day)
    return (
      <>
        <h2 className="text-xl">Settler</h2>
        <p className="my-2">
          {v.litres < 0.05
            ? `${v.vessel.name} is empty. Fill its body with clean oil first: it stays tied up in it.`
            : `Sludge stands to the overflow of ${v.vessel.name}: clean it out.`}
        </p>
        <Button
          look="go"
          onClick={() =>
            v.litres < 0.05 ? log.open("pour", { to: v.vessel.id }) : log.open("drain", { from: v.vessel.id })
          }
        >
          {v.litres < 0.05 ? "Fill the body" : "Clean out"}
        </Button>
      </>
    );
  const rate = counted.value && counted.value > 0 ? litresPerHourOfDrops(counted.value, dropMillilitres) : null;
  const warmth = feedC.value === null ? null : FEED[feedWarmth(feedC.value, celsius)];
  const clean = `${formatNumber(day.fullShare * 100, 0)} %`;
  return (
    <>
      <h2 className="flex items-baseline justify-between text-xl">
        Feed it
        <Button look="quiet" onClick={() => setSetUp(true)}>
          Set up
        </Button>
      </h2>
      <p className="font-plate text-[34px] leading-tight font-semibold">
        {formatNumber(day.dropsPerSecond, 1)} drops a second
        <span className="block text-[17px] font-medium text-ink-2">
          {units.litresPerHour(day.litresPerHour)} holds {formatNumber(cutUm, 0)} µm at {units.celsius(celsius)}
        </span>
      </p>
      <dl>
        <Row name={`Header: ${header?.vessel.name ?? "none set"}`} value={header ? units.litres(header.litres) : "–"} />
        {header && header.litres > 0.05 ? (
          <Row name="Header lasts" value={formatMinutes(Math.round((header.litres / day.litresPerHour) * 60))} />
        ) : null}
        <Row name="Tied up in the body" value={units.litres(day.tiedUpLitres)} />
        <Row
          name={`Overflow: ${overflow?.vessel.name ?? "none set"}`}
          value={overflow ? `room for ${units.litres(overflow.capacityLitres - overflow.litres)}` : "–"}
        />
        {day.overflowHours !== null ? (
          <Row name="Full at this rate in" value={formatMinutes(Math.round(day.overflowHours * 60))} />
        ) : null}
        <Row name="Sludge room used" value={clean} />
        <Row
          name={v.cleanedAt ? `Fed since cleaned, ${standingDays(v.cleanedAt, view.at)}` : "Fed since the books began"}
          value={units.litres(v.fedLitres)}
        />
        <Row
          name="Sludge is up after another"
          value={day.litresUntilFull === null ? "never" : `about ${units.litres(day.litresUntilFull)}`}
        />
      </dl>
      <p className="mt-1 text-[15px]">
        Today: up to <b>{units.litres(day.batch.litres)}</b>, {BOUND[day.batch.boundBy]}. Then a day's rest does the
        bottom good.
      </p>
      {header && overflow ? (
        <FeedForm key={`${v.changedAt}`} body={v} header={header} overflow={overflow} batchLitres={day.batch.litres} />
      ) : (
        <p className="mt-2 text-[15px] text-stop">
          Say which vessel feeds it and which it runs over into: press Set up.
        </p>
      )}
      <div className="mt-3 grid grid-cols-2 gap-2">
        <NumberField
          label="You count, drops a second"
          of={counted}
          hint={
            rate === null
              ? undefined
              : `${units.litresPerHour(rate)} holds ${formatNumber(heldUm(rate, day, v, celsius, view.fluids), 0)} µm`
          }
        />
        <TextField
          label="Feed at"
          value={feedC.text}
          onChange={feedC.set}
          error={feedC.error ?? warmth ?? undefined}
          decimal
        />
      </div>
      <Button
        wide
        look={day.fullShare >= SLUDGE_FULL ? "stop" : "plain"}
        className="mt-3"
        onClick={() => log.open("drain", { from: v.vessel.id })}
      >
        Clean out the bottom
      </Button>
      <Why
        name="upflow-rate"
        input={{
          cutUm,
          areaM2: day.areaM2,
          particleKgPerM3: FINES_KG_PER_M3,
          fluid: "canola",
          celsius,
          usedFactor: v.thickness.usedFactor,
        }}
        readings={`grains of 1,100 kg/m³ in canola; a drop of ${formatNumber(dropMillilitres, 3)} mL. Count a hundred drops into a measure to know yours.`}
      />
      <div className="mt-3">
        <Caution>
          An unwatched trickle fills a tank: look when it says, or give the overflow a float. Lift no full header.
        </Caution>
      </div>
    </>
  );
}
