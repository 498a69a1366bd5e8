import { COLD_FAILURES, type ColdFailure, type ColdMargin, coldMargin, type MixPart } from "../../blending";
import type { FluidTable } from "../../fluids";
import type { ColdJar, Quality, Settings } from "../../ledger";
import { covered } from "../covered";
import { mixOf, type Thickness } from "./mixture";

/** How a fuel stands the coldest hour: by estimate, or as a jar of it came out of the cold. */
export interface Cold {
  readonly nuMm2PerS: number;
  readonly lowCelsius: number;
  readonly fails: ColdFailure | "none";
  /** What fails does so below it; null where nothing does, or where it is too thick at any temperature. */
  readonly belowCelsius: number | null;
  /** Down to there nothing falls out of it and it does not set, whatever the pump says. */
  readonly clearDownToCelsius: number;
  /** Down to there it serves in all: clear, liquid and thin enough; null where it is too thick at any temperature. */
  readonly standsDownToCelsius: number | null;
  /** The jar that overruled the estimate; null where none did. */
  readonly jar: ColdJar | null;
}

/** Fat that is cooled in a hurry hangs on for hours before it falls out. */
const STOOD_HOURS = 12;

/** A mix that was made to meet the limit at the low meets it, whatever its last digits say. */
const HAIR_CELSIUS = 0.01;

type Thresholds = Readonly<Record<ColdFailure, number>>;

/** What a jar says of each: clear, it held at least that far; cloudy or set, it failed at least that soon. */
function overruled(t: Thresholds, jar: ColdJar): Thresholds {
  const { celsius, saw } = jar;
  if (saw === "clear") {
    const fat = jar.hours >= STOOD_HOURS ? Math.min(t.fat, celsius) : t.fat;
    return { ...t, fat, cloud: Math.min(t.cloud, celsius), pour: Math.min(t.pour, celsius) };
  }
  if (saw === "set") return { ...t, pour: Math.max(t.pour, celsius) };
  const cause = t.fat > t.cloud ? "fat" : "cloud";
  return { ...t, [cause]: Math.max(t[cause], celsius) };
}

const thresholdsOf = (m: ColdMargin, limitMm2PerS: number): Thresholds => ({
  fat: m.fatStandingCelsius ?? Number.NEGATIVE_INFINITY,
  cloud: m.cloudCelsius,
  pour: m.pourCelsius,
  viscosity: m.viscosityCelsius ?? (m.nuMm2PerS > limitMm2PerS ? Number.POSITIVE_INFINITY : Number.NEGATIVE_INFINITY),
});

const same = (a: Thresholds, b: Thresholds): boolean => COLD_FAILURES.every((f) => a[f] === b[f]);

/** A mix on tonight's low against the pump's limit; null where it is empty or beyond what the models cover. */
export function coldOf(
  mix: readonly MixPart[],
  jars: readonly ColdJar[],
  settings: Pick<Settings, "tonightLowCelsius" | "pumpLimitMm2PerS">,
): Cold | null {
  if (mix.length === 0) return null;
  const { tonightLowCelsius: lowCelsius, pumpLimitMm2PerS: limit } = settings;
  return (
    covered(() => {
      const margin = coldMargin(mix, lowCelsius, limit);
      let now = thresholdsOf(margin, limit);
      let by: ColdJar | null = null;
      for (const jar of jars) {
        const next = overruled(now, jar);
        if (!same(next, now)) by = jar;
        now = next;
      }
      const worst = COLD_FAILURES.reduce((a, b) => (now[b] > now[a] ? b : a));
      const fails = now[worst] > lowCelsius + HAIR_CELSIUS;
      return {
        nuMm2PerS: margin.nuMm2PerS,
        lowCelsius,
        fails: fails ? worst : "none",
        clearDownToCelsius: Math.max(now.fat, now.cloud, now.pour),
        standsDownToCelsius: now[worst] === Number.POSITIVE_INFINITY ? null : now[worst],
        belowCelsius: fails && Number.isFinite(now[worst]) ? now[worst] : null,
        jar: by,
      };
    }) ?? null
  );
}

/** A vessel's own. */
export const coldOfVessel = (
  v: { readonly components: Parameters<typeof mixOf>[0]; readonly thickness: Thickness; readonly quality: Quality },
  settings: Pick<Settings, "tonightLowCelsius" | "pumpLimitMm2PerS">,
  fluids: FluidTable,
): Cold | null => coldOf(mixOf(v.components, v.thickness, fluids), v.quality.coldJars, settings);
