"use client";
import { useLog, useUnits, VesselColumn, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, Caution } from "@/ui";
import { contentsWords } from "@/ui/words";
import { KettlePages } from "./KettlePages";

/** No batch is being made: the kettles, and the way to the first one. */
export function Overview() {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const here = view.vessels.filter((v) => v.station === "kettle");
  const kettles = here.filter((v) => v.vessel.role === "kettle");
  const walked = kettles.filter((k) => k.walkDown !== null);
  return (
    <Bench
      title="Kettle"
      subtitle={
        here.map((k) => `${k.vessel.name}: ${units.litres(k.litres)} ${contentsWords(k.components)}`).join(". ") ||
        "No kettle stands here."
      }
      asideLabel="To the first batch"
      aside={
        <>
          <h2 className="text-xl">To a batch</h2>
          <ol className="mt-1 text-[16px]">
            <Step done={kettles.length > 0} name="A kettle">
              <Button onClick={() => log.open("add-vessel", { preset: "kettle", role: "kettle" })}>Add a kettle</Button>
            </Step>
            <Step done={walked.length > 0} name="Looked over">
              <YardLink href="/walkdown" className={LINK}>
                Walk it down
              </YardLink>
            </Step>
            <Step done={view.vessels.some((v) => v.quality.acid !== null)} name="Oil titrated">
              <YardLink href="/titrate" className={LINK}>
                Titrate
              </YardLink>
            </Step>
            <Step
              done={view.vessels.some((v) => v.vessel.role === "chemical" && v.litres > 0)}
              name="Methanol and lye in the book"
            >
              <YardLink href="/chemicals" className={LINK}>
                Chemicals
              </YardLink>
            </Step>
            <Step done={false} name="Planned and begun">
              <YardLink href="/batch" className={LINK}>
                Plan a batch
              </YardLink>
            </Step>
          </ol>
          <div className="mt-2 flex flex-col gap-2">
            <Button onClick={() => log.open("pour", { toRole: "kettle" })}>Pour into the kettle</Button>
          </div>
          <div className="mt-3">
            <Caution>
              Hot oil and water boil over. Never pour water or wet oil into hot oil, and stay with a kettle that is on.
            </Caution>
          </div>
          <KettlePages here="bench" />
        </>
      }
    >
      <ul className="mt-6 flex flex-wrap items-end">
        {here.map((v) => (
          <VesselColumn key={v.vessel.id} vessel={v} pxPerMm={0.5} />
        ))}
      </ul>
    </Bench>
  );
}

const LINK =
  "inline-flex min-h-[var(--target)] items-center rounded-md border border-quiet bg-card px-3 font-plate text-[17px] font-semibold";

const Step = ({ done, name, children }: { done: boolean; name: string; children: React.ReactNode }) => (
  <li className="flex items-center justify-between gap-2 border-t border-rule py-2">
    <span className={done ? "text-ink-2" : "font-semibold"}>
      {done ? "✓ " : ""}
      {name}
    </span>
    {children}
  </li>
);
