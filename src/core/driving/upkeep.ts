/** What is done to a vehicle now and then. */
export const SERVICES = ["filter", "sock", "water", "injectors", "heater", "battery", "hoses"] as const;
export type Service = (typeof SERVICES)[number];

/** After so much of any of these it is due; what is absent does not count for it. */
export interface Interval {
  readonly km?: number | undefined;
  readonly hours?: number | undefined;
  readonly months?: number | undefined;
}

/** As a cautious owner does it, until he says otherwise: usual, without a source. */
export const USUAL_INTERVALS: Readonly<Record<Service, Interval>> = {
  filter: { km: 10_000, hours: 250, months: 12 },
  sock: { km: 20_000, hours: 500, months: 24 },
  water: { km: 2000, hours: 60, months: 3 },
  injectors: { km: 100_000, hours: 2500 },
  heater: { months: 12 },
  battery: { months: 12 },
  hoses: { km: 10_000, hours: 250, months: 6 },
};

/** Oil loosens what diesel has left in a tank: the first filters are full of it, and are changed early. */
export const EARLY_FILTERS: readonly Interval[] = [
  { km: 500, hours: 15, months: 2 },
  { km: 2000, hours: 60, months: 6 },
];

/** A drop at which a fuel filter is changed, kPa, until its owner says otherwise. */
export const FILTER_DROP_KPA = 35;

/** What has gone by since it was done last. */
export interface Since {
  readonly km: number;
  readonly hours: number;
  readonly months: number;
}

/** Of its interval how much is used up, 1 when due; by whichever is soonest, and which that is. */
export function usedUp(interval: Interval, since: Since): { readonly share: number; readonly by: keyof Since } | null {
  let most: { share: number; by: keyof Since } | null = null;
  for (const by of ["km", "hours", "months"] as const) {
    const of = interval[by];
    if (of === undefined || of <= 0) continue;
    const share = since[by] / of;
    if (most === null || share > most.share) most = { share, by };
  }
  return most;
}

/** The interval that counts: for a filter that was changed so many times on oil, the early ones first. */
export const intervalOf = (service: Service, own: Interval | undefined, doneBefore: number): Interval =>
  (service === "filter" ? EARLY_FILTERS[doneBefore] : undefined) ?? own ?? USUAL_INTERVALS[service];
