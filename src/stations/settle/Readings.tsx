"use client";
import { useState } from "react";
import type { SettleBench, VesselView } from "@/core/readings";
import { formatNumber } from "@/core/units";
import { useLog, useNarrow, usePast, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { aboutDay, shortDay } from "@/ui/words";
import { DipForm } from "./DipForm";
import { JarForm } from "./JarForm";
import { Record } from "./Record";
import type { DipDraft } from "./useDip";

interface Props {
  readonly vessel: VesselView;
  readonly bench: SettleBench | null;
  readonly dip: DipDraft;
}

/** What was read of this vessel, what that says of its dirt, and a new reading. */
export function Readings({ vessel: v, bench, dip }: Props) {
  const { view } = useYard();
  const log = useLog();
  const narrow = useNarrow();
  const [jar, setJar] = useState(false);
  const s = v.settling;
  const count = v.dipCount + v.jarCount;
  if (dip.open && !narrow) return <DipForm vessel={v} dip={dip} />;
  if (jar) return <JarForm vessel={v} onDone={() => setJar(false)} />;
  return (
    <>
      <h2 className="flex items-baseline justify-between text-xl">
        Readings
        <span className="font-plate text-[16px] font-medium">
          {count === 0 ? "none since it was stirred" : `${count} since it was stirred`}
        </span>
      </h2>
      {s ? <p className="mt-1 text-[15px]">{sizeWords(s.grains)}</p> : null}
      {bench?.before && s ? (
        <p className="mt-1 text-[15px]" data-before={bench.before.readyAt ?? "never"}>
          Before the latest reading: clear{" "}
          <b>{bench.before.readyAt === null ? "never" : aboutDay(bench.before.readyAt, view.at)}</b>. With it:{" "}
          <b>{s.readyAt === null ? "never" : shortDay(s.readyAt)}</b>
          {s.earliestAt && s.latestAt ? `, likely ${shortDay(s.earliestAt)} to ${shortDay(s.latestAt)}` : ""}.
        </p>
      ) : null}
      <div className="mt-2 grid grid-cols-3 gap-2">
        <Button
          look="go"
          disabled={dip.open}
          onClick={() => {
            dip.start();
            // On a phone the lines and their fields stand at the drawing.
            if (narrow) document.getElementById("cut-away")?.scrollIntoView();
          }}
        >
          Dip
        </Button>
        <Button look="go" onClick={() => setJar(true)}>
          Jar to the light
        </Button>
        <Button onClick={() => log.open("weather")}>Shed temperature</Button>
      </div>
      <ReadingList vessel={v} />
      <Record />
    </>
  );
}

function sizeWords(g: NonNullable<VesselView["settling"]>["grains"]): string {
  if (g.readings === 0)
    return "No reading has shown a moving front yet: typical grains, a fifth finer or coarser. A dip with how far down it is clear, or a jar that is neither clear nor as stirred, tells their size.";
  const off = g.size.value;
  const size = Math.abs(off - 1) < 0.015 ? "the usual size" : `${formatNumber(off, 2)} times the usual size`;
  const spread = g.size.spread === null ? "" : `, give or take ${formatNumber(g.size.spread, 2)}`;
  return `Your readings say the dirt here is ${size}${spread}: ${g.readings} ${g.readings === 1 ? "reading" : "readings"} of this vessel and its source, ${g.ofThis} since it was stirred (${g.trust}).`;
}

function ReadingList({ vessel: v }: { vessel: VesselView }) {
  const units = useUnits();
  const past = usePast(v.vessel.id);
  const rows = [
    ...(past?.dips ?? []).map((d) => ({
      at: d.at,
      doubtful: d.doubts.length > 0,
      text: [
        d.oilMm === undefined ? "" : `oil ${units.mm(d.oilMm)}`,
        d.clearMm === undefined ? "" : `clear to ${units.mm(d.clearMm)}`,
        d.fatMm === undefined ? "" : `fat ${units.mm(d.fatMm)}`,
        d.waterMm === undefined ? "" : `water ${units.mm(d.waterMm)}`,
        d.scumMm === undefined ? "" : `scum ${units.mm(d.scumMm)}`,
      ]
        .filter(Boolean)
        .join(", "),
      what: "Dip",
    })),
    ...(past?.jars ?? []).map((j) => ({
      at: j.at,
      doubtful: j.doubts.length > 0,
      text: `step ${j.step} of 5 at ${units.mm(j.atMm)}`,
      what: "Jar",
    })),
  ].sort((a, b) => b.at.localeCompare(a.at));
  if (rows.length === 0) return null;
  return (
    <ul className="mt-2 text-[14px]">
      {rows.slice(0, 6).map((r) => (
        <li key={`${r.what} ${r.at} ${r.text}`} className="flex justify-between gap-2 border-t border-rule py-1">
          <span>
            {r.what}, {shortDay(r.at)}
          </span>
          <span className={r.doubtful ? "text-stop" : ""}>
            {r.text || "temperature"}
            {r.doubtful ? ": cannot be, not counted" : ""}
          </span>
        </li>
      ))}
    </ul>
  );
}
