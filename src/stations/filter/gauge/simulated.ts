import { gaugeLine } from "@/core/filtration/gaugeLine";
import type { Gauge } from "@/desk";

/** What may be wrong with a gauge: to practise on. */
export const GAUGE_FAULTS = {
  none: "Works",
  stuck: "Sticks half way",
  noisy: "Jumps about",
  dropped: "Falls silent half way",
  clogging: "Works, and the bag chokes",
} as const;
export type GaugeFault = keyof typeof GAUGE_FAULTS;

interface Practice {
  /** Minutes from its start until so many litres, as the run really goes; it ends at these litres. */
  readonly minutesAt: (litres: number) => number;
  readonly litres: number;
  readonly kPa: number;
  readonly celsius: number;
  readonly fault: GaugeFault;
  /** Run's seconds to a second of the clock. */
  readonly speed: number;
}

const TICK_MS = 250;
/** Of the cake's part, where it chokes on purpose. */
const CHOKES_BY = 6;

/** Litres by then: minutesAt undone by halving. */
function litresBy(p: Practice, minutes: number): number {
  let [low, high] = [0, p.litres];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (reallyAt(p, middle) <= minutes) low = middle;
    else high = middle;
  }
  return low;
}

/** A bag that chokes takes the longer the more is on it. */
const reallyAt = (p: Practice, litres: number): number =>
  p.minutesAt(litres) * (p.fault === "clogging" ? 1 + CHOKES_BY * (litres / p.litres) ** 2 : 1);

/** Neither random nor regular: the same jumps every time, so that a test may wait for them. */
const jump = (n: number): number => 2.5 * Math.sin(n * 12.9898) * Math.cos(n * 78.233);

/** A gauge to practise on: it runs as the forecast says, faster than the clock, with the fault that was asked for. */
export const practiceGauge = (p: Practice): Gauge => ({
  name: "Practice gauge",
  open(onLine, onEnd) {
    let ticks = 0;
    const timer = setInterval(() => {
      ticks += 1;
      const seconds = (ticks * TICK_MS * p.speed) / 1000;
      const litres = litresBy(p, seconds / 60);
      const isLate = litres > p.litres / 2;
      if (p.fault === "dropped" && isLate) return;
      const shown =
        p.fault === "stuck"
          ? Math.min(litres, p.litres / 2)
          : p.fault === "noisy"
            ? Math.max(0, litres + jump(ticks))
            : litres;
      onLine(gaugeLine({ seconds, litres: shown, kPa: p.kPa, celsius: p.celsius }));
      if (litres >= p.litres * 0.999) {
        clearInterval(timer);
        onEnd("The feed has run through.");
      }
    }, TICK_MS);
    return Promise.resolve(() => clearInterval(timer));
  },
});
