import { type MixPart, passesCold, purgeMark } from "../../blending";
import { minutesToResidual, purgeResidual, returnedLitres } from "../../driving";
import { backPurgeOf, type Plumbed, pumpFlowOfRig } from "../../driving/rig";
import { covered } from "../covered";

/** How long it will stand. */
export const STANDS = { short: 20, errand: 120, night: 720 } as const;
export type Stands = keyof typeof STANDS;

/** What a stop of so long, so cold asks of the line. */
export interface PurgeAdvice {
  /** The line by then, °C. */
  readonly celsiusThen: number;
  /** Even full of oil it would start. */
  readonly skip: boolean;
  readonly markShare: number;
  readonly minutes: number;
  /** Diesel that it costs: through the line, or burned round the loop. */
  readonly dieselLitres: number;
  /** What the return carries into the diesel tank, if it is turned so many seconds after the supply. */
  readonly timing: readonly { readonly seconds: number; readonly litres: number; readonly perSecond: number }[];
  /** Half a minute of the back-purge pump, where there is one. */
  readonly backPurgeMinutes: number | null;
}

/** A line under a bonnet cools to the third part of what it was above the air: typical, without a source. */
const LINE_TAU_MINUTES = 75;
const SECONDS = [0, 15, 30, 60, 120] as const;
const LONG_MINUTES = 60;
/** Line volumes that a back-purge pushes through. */
const BACK_VOLUMES = 3;

interface Asked {
  readonly plumbed: Plumbed;
  readonly oil: readonly MixPart[];
  readonly diesel: readonly MixPart[];
  readonly hotCelsius: number;
  readonly airCelsius: number;
  readonly minutesStood: number;
  readonly limitMm2PerS: number;
}

/** Null where there is no line to purge, or a tank is empty. */
export function purgeAdvice(a: Asked): PurgeAdvice | null {
  const { line, rig, burnLitresPerMinute: burn } = a.plumbed;
  if (!line || a.oil.length === 0 || a.diesel.length === 0) return null;
  const celsiusThen = a.airCelsius + (a.hotCelsius - a.airCelsius) * Math.exp(-a.minutesStood / LINE_TAU_MINUTES);
  const skip = covered(() => passesCold([...a.oil], celsiusThen, a.limitMm2PerS)) ?? false;
  const mark = covered(() => purgeMark(a.oil, a.diesel, celsiusThen, a.limitMm2PerS));
  if (!mark) return null;
  const minutes = skip ? 0 : minutesToResidual(line, mark.share);
  const flow = pumpFlowOfRig(rig);
  const back = backPurgeOf(rig, a.plumbed.stands);
  return {
    celsiusThen,
    skip,
    markShare: mark.share,
    minutes,
    dieselLitres: line.litresPerMinute * minutes,
    timing: SECONDS.map((seconds) => {
      const fromMinute = seconds / 60;
      return {
        seconds,
        litres: returnedLitres({
          beforeLitresPerMinute: line.litresPerMinute,
          pumpLitresPerMinute: flow,
          burnLitresPerMinute: Math.min(burn, flow),
          lineLitres: line.lineLitres,
          tanksInSeries: line.tanksInSeries,
          fromMinute,
          toMinute: fromMinute + LONG_MINUTES,
        }),
        perSecond: (Math.max(0, flow - burn) * purgeResidual(line, fromMinute)) / 60,
      };
    }),
    backPurgeMinutes: back ? (BACK_VOLUMES * line.lineLitres) / back.litresPerMinute : null,
  };
}
