"use client";
import type { VesselView } from "@/core/readings";
import { NoSuchVessel, useChosenVessel, useLog, useUnits, VesselColumn } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { BagDrawing } from "./BagDrawing";
import { Run } from "./Run";

/** The filter line: from the feed, through the bags in order, into Ready. */
export function FilterScreen() {
  const { view } = useYard();
  const log = useLog();
  const units = useUnits();
  const { chosen, isUnknown } = useChosenVessel("filter", mayFeed);
  if (isUnknown) return <NoSuchVessel bench="a run begins from" />;
  // What waits for the bags first, then what has cleared; whatever else holds oil may be run too.
  const feeds = view.vessels.filter((v) => mayFeed(v) && v.litres > 0.05).sort((a, b) => feedRank(a) - feedRank(b));
  const from = chosen && chosen.litres > 0.05 ? chosen : feeds[0];
  const into = view.vessels
    .filter((v) => mayTake(v) && v.vessel.id !== from?.vessel.id && v.capacityLitres - v.litres > 0.5)
    .sort((a, b) => takeRank(a) - takeRank(b));
  const bags = view.lines[0]?.elements ?? [];
  return (
    <Bench
      title="Filter line"
      subtitle={
        from
          ? `${from.vessel.name} has ${units.litres(from.litres)} to run. Coarse first, then fine.`
          : "Nothing waits for the bags."
      }
      asideLabel="A run"
      aside={
        from && into.length > 0 && bags.length > 0 ? (
          <Run key={`${from.vessel.id} ${from.changedAt}`} from={from} feeds={feeds} into={into} bags={bags} />
        ) : (
          <>
            <h2 className="text-xl">A run</h2>
            <p className="my-2 text-ink-2">
              {bags.length === 0
                ? "The line needs a bag."
                : into.length === 0
                  ? "It needs a drum for ready oil."
                  : "Draw something off first."}
            </p>
            {bags.length === 0 ? <Button onClick={() => log.open("add-bag")}>Add a bag</Button> : null}
            {into.length === 0 ? (
              <Button onClick={() => log.open("add-vessel", { preset: "drum", role: "ready" })}>
                Add a ready drum
              </Button>
            ) : null}
          </>
        )
      }
    >
      <div className="mt-5 flex flex-wrap items-end gap-x-2">
        <ul>{from ? <VesselColumn vessel={from} pxPerMm={0.36} /> : null}</ul>
        {bags.map((b) => (
          <BagDrawing key={b.bag.id} bag={b} onService={() => log.open("bag-service", { bag: b.bag.id })} />
        ))}
        <ul className="flex flex-wrap">
          {into
            .filter((v) => v.vessel.role === "ready")
            .map((v) => (
              <VesselColumn key={v.vessel.id} vessel={v} pxPerMm={0.36} />
            ))}
        </ul>
      </div>
    </Bench>
  );
}

const mayFeed = (v: VesselView): boolean => !["waste", "kettle", "thinner"].includes(v.vessel.role);
const mayTake = (v: VesselView): boolean => !["waste", "kettle", "thinner", "raw"].includes(v.vessel.role);

const feedRank = (v: VesselView): number =>
  v.vessel.role === "feed" ? 0 : v.vessel.role === "settling" && v.settling?.ready ? 1 : v.station === "settle" ? 2 : 3;
const takeRank = (v: VesselView): number =>
  v.vessel.role === "ready" ? 0 : v.vessel.role === "feed" ? 1 : v.vessel.role === "tank" ? 3 : 2;
