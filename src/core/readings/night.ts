import { lowOnDay } from "../blending";
import type { MonthsBy, Settings, Told, YardState } from "../ledger";
import { MS_PER_DAY } from "../units";

/** What tonight is reckoned with, °C, and by whom: what was said of this very night, else the kept months. */
export interface Night {
  readonly celsius: number;
  readonly by: "said" | MonthsBy;
  /** When it was said; null where it comes from the months. */
  readonly at: string | null;
}

/** How the weather of a yard is known. */
export interface Weather {
  readonly tonight: Night;
  /** The shed as it was last read; null before anybody looked. */
  readonly shed: Told | null;
  readonly nightsBy: MonthsBy;
}

/** What was said of a night says nothing of the one after it. */
export function nightAt({ tonight, nightsBy, settings }: YardState, at: string): Night {
  const [atMs, saidMs] = [Date.parse(at), tonight ? Date.parse(tonight.at) : Number.NaN];
  if (tonight && atMs - saidMs < MS_PER_DAY) return { celsius: tonight.celsius, by: "said", at: tonight.at };
  return { celsius: lowOnDay(settings.nightMonthsCelsius, atMs), by: nightsBy, at: null };
}

export const weatherAt = (yard: YardState, at: string): Weather => ({
  tonight: nightAt(yard, at),
  shed: yard.shedTemperatures.at(-1) ?? null,
  nightsBy: yard.nightsBy,
});

const marksByNight = new WeakMap<Settings, Settings>();

/** The yard with the marks of a moment: its tonight is that night's. The same marks as long as they say the same. */
export function withNight(yard: YardState, at: string): YardState {
  const { celsius } = nightAt(yard, at);
  if (yard.settings.tonightLowCelsius === celsius) return yard;
  const known = marksByNight.get(yard.settings);
  const settings = known?.tonightLowCelsius === celsius ? known : { ...yard.settings, tonightLowCelsius: celsius };
  marksByNight.set(yard.settings, settings);
  return { ...yard, settings };
}
