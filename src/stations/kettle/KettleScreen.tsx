"use client";
import { useLog, useUnits, VesselColumn } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, Caution } from "@/ui";
import { contentsWords } from "@/ui/words";

/** What stands in the kettle, waiting to be warmed or converted. */
export function KettleScreen() {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const kettles = view.vessels.filter((v) => v.station === "kettle");
  return (
    <Bench
      title="Kettle"
      subtitle={
        kettles.map((k) => `${k.vessel.name}: ${units.litres(k.litres)} ${contentsWords(k.components)}`).join(". ") ||
        "No kettle stands here."
      }
      asideLabel="Kettle"
      aside={
        <>
          <h2 className="text-xl">In and out</h2>
          <p className="my-2 text-ink-2">Fatty oil that would set in a tank waits here to be converted.</p>
          <div className="flex flex-col gap-2">
            <Button onClick={() => log.open("pour", { toRole: "kettle" })}>Pour into the kettle</Button>
            {kettles[0] && kettles[0].litres > 0.05 ? (
              <>
                <Button onClick={() => log.open("pour", { from: kettles[0]?.vessel.id ?? "" })}>Pour out of it</Button>
                <Button onClick={() => log.open("drain", { from: kettles[0]?.vessel.id ?? "" })}>
                  Drain its bottom
                </Button>
              </>
            ) : null}
          </div>
          <div className="mt-3">
            <Caution>
              Hot oil and water boil over. Never pour water or wet oil into hot oil, and stay with a kettle that is on.
            </Caution>
          </div>
        </>
      }
    >
      <ul className="mt-6 flex flex-wrap items-end">
        {kettles.map((v) => (
          <VesselColumn key={v.vessel.id} vessel={v} pxPerMm={0.5} />
        ))}
      </ul>
    </Bench>
  );
}
