import { driveLine } from "@/core/driving/gaugeLine";
import type { Gauge } from "@/desk";

/** What may be wrong with a vehicle's gauges: to practise on. */
export const DRIVE_GAUGE_FAULTS = {
  none: "Work",
  stuck: "Coolant gauge sticks at 40 °C",
  jumps: "Fuel gauge jumps about",
  silent: "Fall silent after five minutes",
} as const;
export type DriveGaugeFault = keyof typeof DRIVE_GAUGE_FAULTS;

interface Practice {
  /** As the model has it at this moment. */
  readonly model: () => {
    readonly coolantCelsius: number;
    readonly fuelCelsius: number | null;
    readonly dropKPa: number;
    readonly pressureKPa: number;
  };
  readonly fault: DriveGaugeFault;
  /** Trip's seconds to a second of the clock. */
  readonly speed: number;
}

const TICK_MS = 500;
const STUCK_CELSIUS = 40;
const SILENT_SECONDS = 300;

/** Gauges to practise on: they say what the model says, with the fault that was asked for. */
export const practiceGauges = ({ model, fault, speed }: Practice): Gauge => ({
  name: "Practice gauges",
  open(onLine) {
    let ticks = 0;
    const timer = setInterval(() => {
      ticks += 1;
      const seconds = (ticks * TICK_MS * speed) / 1000;
      if (fault === "silent" && seconds > SILENT_SECONDS) return;
      const is = model();
      const coolant = fault === "stuck" ? Math.min(is.coolantCelsius, STUCK_CELSIUS) : is.coolantCelsius;
      // Every seventh look is off: neither random nor rare, so that a test may wait for it.
      const off = fault === "jumps" && ticks % 7 === 0 ? 45 + 4.1 * speed : 0;
      onLine(
        driveLine({
          seconds,
          coolantCelsius: coolant,
          fuelCelsius: is.fuelCelsius === null ? null : is.fuelCelsius - off,
          dropKPa: is.dropKPa,
          pressureKPa: is.pressureKPa,
        }),
      );
    }, TICK_MS);
    return Promise.resolve(() => clearInterval(timer));
  },
});
