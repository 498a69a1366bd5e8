"use client";
import { useRef, useState } from "react";
import type { VehicleState } from "@/core/ledger";
import { THERMOSTAT_CELSIUS } from "@/core/readings/drive/ridden";
import { hasSerial, NumberField, serialGauge, useAmount, useUnits } from "@/desk";
import { Button, SelectField } from "@/ui";
import { DRIVE_GAUGE_FAULTS, type DriveGaugeFault, practiceGauges } from "./practiceGauges";
import { useDriveGauges } from "./useDriveGauges";
import type { TripNow } from "./useTrip";

/** A clean filter takes so much with fuel as thin as diesel; thicker fuel in proportion. Only for practice. */
const CLEAN_DROP_KPA_PER_MM2S = 1.1;
const PRACTICE_PRESSURE_KPA = 90;

/** Gauges that speak by themselves, the practice ones at first; or a look typed in. */
export function Gauges({ ride, state }: { ride: TripNow; state: VehicleState }) {
  const { vehicle } = state;
  const [fault, setFault] = useState<DriveGaugeFault>("none");
  const latest = useRef(ride);
  latest.current = ride;
  const feed = useDriveGauges({
    hasHeater: vehicle.rig.parts.some((p) => p.kind === "heater"),
    thermostatCelsius: vehicle.thermostatCelsius ?? THERMOSTAT_CELSIUS,
    onReading: (r) =>
      ride.read({
        ...(r.coolantCelsius !== null && { coolantCelsius: r.coolantCelsius }),
        ...(r.fuelCelsius !== null && { fuelCelsius: r.fuelCelsius }),
        ...(r.dropKPa !== null && { dropKPa: r.dropKPa }),
        ...(r.pressureKPa !== null && { pressureKPa: r.pressureKPa }),
      }),
  });
  const practise = (): void =>
    feed.start(
      practiceGauges({
        fault,
        speed: ride.trip?.speed ?? 1,
        model: () => {
          const now = latest.current.practised();
          return {
            coolantCelsius: now.coolantCelsius,
            fuelCelsius: now.celsius.atPump,
            dropKPa: CLEAN_DROP_KPA_PER_MM2S * (now.moment.mode === "oil" ? Math.min(40, now.oilNu) : 3),
            pressureKPa: PRACTICE_PRESSURE_KPA,
          };
        },
      }),
    );
  return (
    <details className="mt-1" open={feed.name !== null || undefined}>
      <summary className="min-h-[var(--target)] cursor-pointer content-center text-ink-2">
        {feed.name === null ? "Gauges" : `${feed.name} are listened to`}
      </summary>
      <div aria-live="polite">
        {feed.trouble ? <p className="text-stop">{feed.trouble}</p> : null}
        {feed.garbled > 0 ? (
          <p className="text-[14px] text-ink-2">{feed.garbled} garbled lines were left out.</p>
        ) : null}
      </div>
      {feed.name === null ? (
        <div className="flex flex-col gap-2">
          <LookedAt ride={ride} />
          <SelectField
            label="Gauges to practise on"
            options={Object.entries(DRIVE_GAUGE_FAULTS).map(([value, name]) => ({ value, name }))}
            value={fault}
            onChange={(f) => setFault(f as DriveGaugeFault)}
          />
          <Button onClick={practise}>Listen to the practice gauges</Button>
          {hasSerial() ? <Button onClick={() => feed.start(serialGauge)}>Gauges on this computer's port</Button> : null}
        </div>
      ) : (
        <Button onClick={feed.stop}>Stop listening</Button>
      )}
    </details>
  );
}

/** A look at the dials, typed in. */
function LookedAt({ ride }: { ride: TripNow }) {
  const units = useUnits();
  const coolant = useAmount(units.temperature, null);
  const fuel = useAmount(units.temperature, null);
  const drop = useAmount(units.pressure, null);
  const pressure = useAmount(units.pressure, null);
  const some = [coolant, fuel, drop, pressure].some((n) => n.value !== null);
  return (
    <div className="grid grid-cols-2 items-end gap-2">
      <NumberField label="Coolant" of={coolant} />
      <NumberField label="Fuel" of={fuel} />
      <NumberField label="Filter drop" of={drop} />
      <NumberField label="Fuel pressure" of={pressure} />
      <Button
        className="col-span-2"
        disabled={!some}
        onClick={() => {
          ride.happen({
            what: "read",
            ...(coolant.value !== null && { coolantCelsius: coolant.value }),
            ...(fuel.value !== null && { fuelCelsius: fuel.value }),
            ...(drop.value !== null && { dropKPa: drop.value }),
            ...(pressure.value !== null && { pressureKPa: pressure.value }),
          });
          for (const n of [coolant, fuel, drop, pressure]) n.set("");
        }}
      >
        Note this look
      </Button>
    </div>
  );
}
