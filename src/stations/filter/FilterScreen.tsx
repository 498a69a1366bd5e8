"use client";
import dynamic from "next/dynamic";
import { useState } from "react";
import { holdsChemicals } from "@/core/facts/holdsChemicals";
import type { LineView, VesselView } from "@/core/readings";
import { NoSuchVessel, useChosenVessel, useKept, useLog } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { LineDrawing } from "./LineDrawing";
import { RunForm } from "./RunForm";
import { clockNow, type UnderWay } from "./underWay";
import { useRun } from "./useRun";

// Dragging is heavy: the line is drawn before it can be rearranged.
const Running = dynamic(() => import("./Running").then((m) => m.Running), { ssr: false });
const Hangs = dynamic(() => import("./Hangs").then((m) => m.Hangs), { ssr: false });

/** A filter line: what feeds it, what hangs in it, what it runs into; and one run through it. */
export function FilterScreen() {
  const { view } = useYard();
  const { chosen, isUnknown } = useChosenVessel("filter", mayFeed);
  const [lineId, setLine] = useState<string | null>(null);
  if (isUnknown) return <NoSuchVessel bench="a run begins from" />;
  // What waits for the bags first, then what has cleared; whatever else holds oil may be run too.
  const feeds = view.vessels.filter((v) => mayFeed(v) && v.litres > 0.05).sort((a, b) => feedRank(a) - feedRank(b));
  const from = chosen && chosen.litres > 0.05 ? chosen : feeds[0];
  const into = view.vessels
    .filter((v) => mayTake(v) && v.capacityLitres - v.litres > 0.5)
    .sort((a, b) => takeRank(a) - takeRank(b));
  const line = view.lines.find((l) => l.line.id === lineId) ?? view.lines[0];
  const [first, other] = into;
  const hasReceiver = first !== undefined && (first.vessel.id !== from?.vessel.id || other !== undefined);
  if (!line || !from || !hasReceiver || line.elements.length === 0)
    return <NotYet line={line} hasOil={from !== undefined} hasReceiver={hasReceiver} onLine={setLine} />;
  return (
    <Ready
      key={`${from.vessel.id} ${from.changedAt} ${line.line.id} ${line.line.feedMm} ${line.line.receiverMm}`}
      line={line}
      from={from}
      feeds={feeds}
      into={into}
      onLine={setLine}
    />
  );
}

interface ReadyProps {
  readonly line: LineView;
  readonly from: VesselView;
  readonly feeds: readonly VesselView[];
  readonly into: readonly VesselView[];
  readonly onLine: (id: string) => void;
}

function Ready({ line, from, feeds, into, onLine }: ReadyProps) {
  const [kept, keep, forget] = useKept<UnderWay | null>(`run ${line.line.id}`, null);
  const run = useRun(from, feeds, into, line, kept);
  const start = (): void =>
    keep({ startedAt: clockNow(), minutesBefore: 0, marks: [], asked: run.asked, finished: null });
  const names = run.through.map((e) => e.bag.name);
  const through = names.length > 1 ? `${names.slice(0, -1).join(", ")} and ${names.at(-1)}` : (names[0] ?? "nothing");
  return (
    <Bench
      title={line.line.name}
      subtitle={`${run.from.vessel.name} through ${through} into ${run.to?.vessel.name ?? "nothing yet"}. Coarse first, then fine.`}
      asideLabel="A run"
      isUrgent={kept !== null}
      aside={
        kept && kept.finished === null ? (
          <Running run={run} kept={kept} lineName={line.line.name} onKeep={keep} onDrop={forget} />
        ) : (
          <RunForm
            run={run}
            elements={line.elements}
            feeds={feeds}
            into={into}
            kept={kept}
            onStart={start}
            onDone={forget}
          />
        )
      }
    >
      <Lines of={line} onLine={onLine} />
      <LineDrawing run={run} line={line} />
      <Hangs line={line} />
    </Bench>
  );
}

/** Which line, where there are several. */
function Lines({ of, onLine }: { of: LineView; onLine: (id: string) => void }) {
  const { view } = useYard();
  if (view.lines.length < 2) return null;
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      {view.lines.map((l) => (
        <Button
          key={l.line.id}
          aria-pressed={l === of}
          look={l === of ? "go" : "plain"}
          onClick={() => onLine(l.line.id)}
        >
          {l.line.name}
        </Button>
      ))}
    </div>
  );
}

interface NotYetProps {
  readonly line: LineView | undefined;
  readonly hasOil: boolean;
  readonly hasReceiver: boolean;
  readonly onLine: (id: string) => void;
}

/** What a run still wants, and the line that waits for it. */
function NotYet({ line, hasOil, hasReceiver, onLine }: NotYetProps) {
  const log = useLog();
  const isBare = line === undefined || line.elements.length === 0;
  return (
    <Bench
      title={line?.line.name ?? "Filter line"}
      subtitle={hasOil ? "Coarse first, then fine." : "Nothing waits for the bags."}
      asideLabel="A run"
      aside={
        <>
          <h2 className="text-xl">A run</h2>
          <p className="my-2 text-ink-2">
            {isBare
              ? "The line needs a bag."
              : hasReceiver
                ? "Draw something off first."
                : "It needs a drum for ready oil."}
          </p>
          {isBare ? (
            <Button onClick={() => log.open("add-bag", line ? { line: line.line.id } : {})}>Add a bag</Button>
          ) : null}
          {hasReceiver ? null : (
            <Button onClick={() => log.open("add-vessel", { preset: "drum", role: "ready" })}>Add a ready drum</Button>
          )}
        </>
      }
    >
      {line ? <Lines of={line} onLine={onLine} /> : null}
      {line ? <Hangs line={line} /> : null}
    </Bench>
  );
}

/** Bags are for oil and washed fuel: what a kettle works with, and slops, neither feed a line nor take what comes of one. */
const NO_FEED: ReadonlySet<string> = new Set(["waste", "kettle", "thinner", "still", "chemical", "glycerol"]);
const NO_RECEIVER: ReadonlySet<string> = new Set([...NO_FEED, "raw", "wash"]);
const mayFeed = (v: VesselView): boolean => !NO_FEED.has(v.vessel.role) && !holdsChemicals(v);
const mayTake = (v: VesselView): boolean => !NO_RECEIVER.has(v.vessel.role) && !holdsChemicals(v);

const feedRank = (v: VesselView): number =>
  v.vessel.role === "feed" ? 0 : v.vessel.role === "settling" && v.settling?.ready ? 1 : v.station === "settle" ? 2 : 3;
const takeRank = (v: VesselView): number =>
  v.vessel.role === "ready" ? 0 : v.vessel.role === "feed" ? 1 : v.vessel.role === "tank" ? 3 : 2;
