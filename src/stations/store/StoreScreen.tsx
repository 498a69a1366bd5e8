"use client";
import { useLog, useUnits, VesselColumn } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, Caution } from "@/ui";
import { FitToBurn } from "./FitToBurn";

/** Ready oil, fuels to thin with, and what waits to be taken away. */
export function StoreScreen() {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const here = view.vessels.filter((v) => v.station === "store");
  const full = here.filter((v) => v.vessel.role === "ready" && v.litres > 0.05);
  const ready = full.filter((v) => v.quality.water?.wet !== true);
  const wet = full.filter((v) => v.quality.water?.wet === true);
  return (
    <Bench
      title="Store"
      subtitle="Ready oil is kept dark, closed and cool. Everything here is drawn to one scale."
      asideLabel="What is fit to burn"
      aside={
        <>
          <h2 className="text-xl">Fit to burn</h2>
          {ready.length === 0 ? <p className="mt-1 text-ink-2">No ready oil. Filter some first.</p> : null}
          <ul>
            {ready.map((v) => (
              <FitToBurn key={v.vessel.id} vessel={v} />
            ))}
          </ul>
          {wet.map((v) => (
            <p key={v.vessel.id} className="border-t border-rule py-2 text-[15px] text-stop">
              {v.vessel.name}, {units.litres(v.litres)}: wet, not fit to burn until a test says dry.
            </p>
          ))}
          <div className="mt-2 flex flex-col gap-2">
            <Button look="go" onClick={() => log.open("fill")}>
              Fill a vehicle
            </Button>
            <Button onClick={() => log.open("buy")}>Buy fuel or thinner</Button>
            <Button onClick={() => log.open("stock-take")}>Stock-take</Button>
            <Button onClick={() => log.open("cold-jar", { vessel: ready[0]?.vessel.id ?? "" })}>Jar in the cold</Button>
            <Button onClick={() => log.open("dispose")}>Dispose</Button>
          </div>
          <div className="mt-3">
            <Caution>
              How much oil, methanol or petrol you may keep is set by local rules. Ask before you store more.
            </Caution>
          </div>
        </>
      }
    >
      <ul className="mt-6 flex flex-wrap items-end gap-y-6">
        {here.map((v) => (
          <VesselColumn key={v.vessel.id} vessel={v} pxPerMm={0.32} />
        ))}
      </ul>
    </Bench>
  );
}
