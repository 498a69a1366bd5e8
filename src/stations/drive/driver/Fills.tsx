"use client";
import type { VehicleState } from "@/core/ledger";
import type { TankTruth } from "@/core/readings/drive/tankTruth";
import { useLog, useUnits } from "@/desk";
import { Button } from "@/ui";
import { fuelClassWords } from "@/ui/words/fuelClass";

interface Props {
  readonly state: VehicleState;
  readonly truths: Readonly<Record<string, TankTruth>>;
}

/** What goes into the tanks and out of them, with room and range on each fuel. */
export function Fills({ state: { vehicle, measuredKm, measuredLitres, kmOn }, truths }: Props) {
  const units = useUnits();
  const log = useLog();
  const per100 = measuredKm > 50 ? (100 * measuredLitres) / measuredKm : vehicle.litresPer100Km;
  const rows = vehicle.rig.parts.flatMap((p) => {
    const truth = truths[p.id];
    return p.kind === "tank" && truth ? [{ part: p, truth }] : [];
  });
  const driven = Object.entries(kmOn)
    .filter(([, km]) => km >= 1)
    .sort((a, b) => b[1] - a[1]);
  const range = (litres: number): string =>
    vehicle.isStationary
      ? `${units.duration.text(Math.round((litres / vehicle.burnLitresPerHour) * 60))} of running`
      : per100
        ? `about ${units.km((litres / per100) * 100)}`
        : "range not known yet";
  return (
    <section aria-labelledby="tanks-title" className="mt-3">
      <h2 id="tanks-title" className="text-[17px]">
        Tanks
      </h2>
      <ul className="text-[15px]">
        {rows.map(({ part, truth }) => (
          <li key={part.id}>
            {part.name}: {range(truth.litres)}, room for{" "}
            {units.litres(Math.max(0, truth.capacityLitres - truth.litres))}.
          </li>
        ))}
      </ul>
      {driven.length > 0 ? (
        <p className="text-[15px]">
          Driven so far: {driven.map(([fuel, km]) => `${units.km(km)} on ${fuelClassWords(fuel)}`).join(", ")}.
        </p>
      ) : null}
      <div className="mt-1 flex flex-wrap gap-2">
        {vehicle.kind === "dual" ? (
          <>
            <Button look="go" onClick={() => log.open("fill", { to: vehicle.oilTank })}>
              Fill with oil
            </Button>
            <Button onClick={() => log.open("fill", { to: vehicle.dieselTank, fromRole: "thinner" })}>
              Fill with diesel
            </Button>
          </>
        ) : (
          <Button onClick={() => log.open("fill", { to: vehicle.tank })}>Fill it</Button>
        )}
        <Button
          onClick={() => log.open("fill-at-pump", { to: vehicle.kind === "dual" ? vehicle.dieselTank : vehicle.tank })}
        >
          At a pump
        </Button>
        <Button onClick={() => log.open("fill-on-road")}>At a source</Button>
        <Button
          onClick={() => log.open("pump-out", { from: vehicle.kind === "dual" ? vehicle.oilTank : vehicle.tank })}
        >
          Pump out
        </Button>
      </div>
    </section>
  );
}
