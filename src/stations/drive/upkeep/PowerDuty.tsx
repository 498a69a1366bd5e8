"use client";
import type { VehicleState } from "@/core/ledger";
import { batteryDay } from "@/core/pumping";
import { formatMinutes, formatNumber } from "@/core/units";
import { Row } from "@/ui";

/** A starter battery of a car that size, of which half may be taken: usual, and only to know what to fear. */
const USUAL = { volts: 12, ampereHours: 70, usableShare: 0.5 };

/** What the heaters draw, and how long a battery bears it with the engine off. */
export function PowerDuty({ state }: { state: VehicleState }) {
  const watts = state.vehicle.rig.parts.reduce((sum, p) => (p.kind === "heater" ? sum + p.watts : sum), 0);
  if (watts === 0) return null;
  const bears = batteryDay([{ watts, minutes: 30 }], USUAL, 0, 0);
  return (
    <dl>
      <Row name="Heaters draw" value={`${formatNumber(watts, 0)} W`} />
      <Row
        name="Engine off, a usual battery bears it"
        value={bears.minutesUntilFlat === null ? "–" : formatMinutes(Math.round(bears.minutesUntilFlat))}
      />
    </dl>
  );
}
