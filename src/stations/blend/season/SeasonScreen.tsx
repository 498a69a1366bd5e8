"use client";
import { useState } from "react";
import { fluidName } from "@/core/fluids";
import type { VesselView } from "@/core/readings";
import { sourceOf } from "@/core/readings/blend/plan";
import { engineOf } from "@/core/readings/drive/engineOf";
import { useLog, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, Choice } from "@/ui";
import { fluidChoices } from "@/ui/words";
import { BlendPages } from "../BlendPages";
import { SafeWords } from "../TankNow";
import { MonthLows } from "./MonthLows";
import { SeasonTable } from "./SeasonTable";

/** The weather of the months ahead: how long each tank is safe as it stands, and a mix for summer and one for winter. */
export function SeasonScreen() {
  const { view } = useYard();
  const log = useLog();
  const units = useUnits();
  const [thinner, setThinner] = useState<string>("kerosene");
  const oils = view.vessels
    .filter((v) => v.vessel.role === "ready")
    .flatMap((v) => sourceOf(v, view.fluids, view) ?? [])
    .filter((s) => s.isOil)
    .sort((a, b) => b.litres - a.litres);
  const oil = oils[0];
  const isHeated = (v: VesselView): boolean => engineOf(v.vessel.id, view.vehicles).isHeated;
  const tanks = view.vessels.filter((v) => holdsForWinter(v) && v.litres > 0.5);
  return (
    <Bench
      title="The months ahead"
      subtitle="By the coldest night you expect of each month: how long a tank is safe, and when to change the mix."
      asideLabel="Your nights"
      aside={<MonthLows />}
    >
      <BlendPages here="season" />
      <section aria-labelledby="safe-title" className="mt-2 max-w-[760px]">
        <h2 id="safe-title" className="text-xl">
          As they stand now
        </h2>
        {tanks.length === 0 ? (
          <div className="mt-2">
            <p>No tank, can or store holds fuel yet.</p>
            <Button className="mt-2" onClick={() => log.open("add-vehicle")}>
              Add a vehicle
            </Button>
          </div>
        ) : (
          <ul>
            {tanks.map((t) => (
              <li key={t.vessel.id} className="border-t border-rule py-2">
                <b className="font-plate text-[18px]">{t.vessel.name}</b>, {units.litres(t.litres)}.{" "}
                {isHeated(t) ? "Heated: it starts on the diesel, and the line is purged before a stop. Cold: " : null}
                <SafeWords tank={t} />
              </li>
            ))}
          </ul>
        )}
      </section>
      <section aria-labelledby="season-title" className="mt-5 max-w-[760px]">
        <h2 id="season-title" className="text-xl">
          A mix for summer, a mix for winter
        </h2>
        <div className="mt-1 max-w-[560px]">
          <Choice
            label="Thin with"
            narrow
            options={fluidChoices(view, ["kerosene", "diesel", "petrol", "biodiesel"])}
            value={thinner}
            onChange={setThinner}
          />
        </div>
        <SeasonTable
          oil={oil?.fluid ?? "canola"}
          usedFactor={oil?.mix[0]?.usedFactor ?? view.settings.usedFactor}
          oilWords={oil ? fluidName(oil.fluid).toLowerCase() : "canola, there being no ready oil"}
          thinner={thinner}
        />
      </section>
    </Bench>
  );
}

/** What stands out through the nights: not what lies in a shed to be cleaned. */
const holdsForWinter = (v: VesselView): boolean =>
  v.vessel.role === "tank" || v.vessel.role === "blend" || v.vessel.role === "thinner";
