"use client";
import { useState } from "react";
import type { SourceView } from "@/core/readings";
import { useLog, useUnits, VesselColumn, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, buttonClass, Choice } from "@/ui";
import { roughLitres } from "@/ui/words";
import { Places } from "./Places";
import { SourceCard } from "./SourceCard";

type Order = "fullest" | "worth" | "name";

const share = (s: SourceView): number => s.waiting.now.mean / s.waiting.containerLitres;
/** What is not known yet stands after what is. */
const saved = (s: SourceView): number => s.worth?.savedPerLitre ?? Number.NEGATIVE_INFINITY;

const ORDERS: Record<Order, (a: SourceView, b: SourceView) => number> = {
  fullest: (a, b) => share(b) - share(a),
  worth: (a, b) => saved(b) - saved(a),
  name: (a, b) => a.source.name.localeCompare(b.source.name),
};

/** Who has oil, how much waits, what each has been worth, and the raw oil that has come in. */
export function RoundsScreen() {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const [order, setOrder] = useState<Order>("fullest");
  const raw = view.vessels.filter((v) => v.station === "rounds");
  const sources = [...view.sources].sort(ORDERS[order]);
  const waiting = sources.reduce((sum, s) => sum + s.waiting.now.mean, 0);
  return (
    <Bench
      title="Rounds"
      subtitle={
        sources.length === 0
          ? "Nobody gives you oil yet. Add a source: a name and what the oil comes in."
          : `About ${roughLitres(waiting, units)} wait at ${sources.length === 1 ? "one source" : `${sources.length} sources`}.`
      }
      asideLabel="Next round"
      aside={
        <>
          <NextRound className="max-lg:hidden" />
          <Button wide className="mt-2" onClick={() => log.open("pickup")}>
            Pick up
          </Button>
          <Button wide className="mt-2" onClick={() => log.open("add-source")}>
            Add a source
          </Button>
          <YardLink href="/labels" className={`${buttonClass("plain", "wide")} mt-2`}>
            Labels for containers
          </YardLink>
          <Places />
          <div className="mt-5 flex items-baseline justify-between">
            <h2 className="text-xl">Raw oil here</h2>
            <p className="font-plate">{units.litres(view.stations.rounds.litres)}</p>
          </div>
          <p className="mt-1 text-[14px] text-ink-2">
            Hold a jar to the light: clear amber is good, a creamy layer is fat, anything at the very bottom is water.
            Creamy or engine oil stays apart.
          </p>
        </>
      }
    >
      {/* On a phone what stands beside the sources comes after all of them. */}
      <NextRound className="mt-2 lg:hidden" />
      {sources.length > 1 ? (
        <div className="mt-2 max-w-[480px]">
          <Choice
            label="In order of"
            options={[
              { value: "fullest", name: "Fullest" },
              { value: "worth", name: "Worth most" },
              { value: "name", name: "Name" },
            ]}
            value={order}
            onChange={(to) => setOrder(to as Order)}
            narrow
          />
        </div>
      ) : null}
      <ul className="my-3 grid gap-2 md:grid-cols-2 xl:grid-cols-3">
        {sources.map((s) => (
          <SourceCard key={s.source.id} source={s} />
        ))}
      </ul>
      <h2 className="mt-5 text-xl">Raw oil that has come in</h2>
      <ul className="mt-2 flex flex-wrap items-end">
        {raw.map((v) => (
          <VesselColumn key={v.vessel.id} vessel={v} pxPerMm={0.24} />
        ))}
      </ul>
    </Bench>
  );
}

function NextRound({ className }: { className: string }) {
  const { view } = useYard();
  return (
    <YardLink href="/round" className={`${buttonClass("go", "wide")} ${className}`}>
      {view.round ? "Go on with the round" : "Plan a round"}
    </YardLink>
  );
}
