/** What a driver sees, hears or smells. */
export const SYMPTOMS = ["power", "smoke", "hard-start", "surging", "bubbles", "blocked", "smell"] as const;
export type Symptom = (typeof SYMPTOMS)[number];

/** What one may look at in a minute: each answered yes, no, or not looked. */
export const CHECKS = [
  "clears-warm",
  "better-on-diesel",
  "drop-high",
  "bubbles-in-bowl",
  "water-in-trap",
  "white-smoke",
  "black-smoke",
  "gauge-cold",
  "drip-seen",
  "worse-uphill",
] as const;
export type Check = (typeof CHECKS)[number];

/** Likely causes. */
export const CAUSES = [
  "cold-fuel",
  "gelled",
  "filter-full",
  "air-leak",
  "water",
  "thick-blend",
  "bad-lot",
  "unmixed",
  "oil-in-diesel",
  "heater-dead",
  "thermostat-stuck",
  "injectors",
  "valve-wrong",
  "leak",
] as const;
export type Cause = (typeof CAUSES)[number];

/** How much a symptom speaks for a cause before anything is looked at. */
const SPEAKS: Readonly<Record<Symptom, Readonly<Partial<Record<Cause, number>>>>> = {
  power: { "filter-full": 4, "cold-fuel": 2, "thick-blend": 2, gelled: 2, "air-leak": 2, water: 1, injectors: 1 },
  smoke: { "cold-fuel": 3, "thick-blend": 3, injectors: 3, "heater-dead": 2, "bad-lot": 1, water: 1 },
  "hard-start": {
    "oil-in-diesel": 4,
    "cold-fuel": 3,
    "air-leak": 3,
    gelled: 2,
    unmixed: 2,
    "valve-wrong": 1,
    injectors: 1,
  },
  surging: { "air-leak": 4, water: 3, unmixed: 2, "filter-full": 2, "valve-wrong": 1 },
  bubbles: { "air-leak": 5, "filter-full": 2, "cold-fuel": 2, "thick-blend": 1 },
  blocked: { "bad-lot": 3, gelled: 3, water: 2, "filter-full": 2, unmixed: 1, "cold-fuel": 1 },
  smell: { leak: 5, injectors: 2, "cold-fuel": 1, "thick-blend": 1 },
};

/** What a yes says of a cause; a no says the opposite, half as loud. */
const ANSWERS: Readonly<Record<Check, Readonly<Partial<Record<Cause, number>>>>> = {
  "clears-warm": { "cold-fuel": 3, gelled: 2, "thick-blend": 1, "filter-full": -1, "air-leak": -1 },
  "better-on-diesel": {
    "cold-fuel": 2,
    "thick-blend": 3,
    "bad-lot": 2,
    "heater-dead": 2,
    "oil-in-diesel": -3,
    "air-leak": -2,
  },
  "drop-high": { "filter-full": 4, gelled: 2, "bad-lot": 1, "air-leak": -2 },
  "bubbles-in-bowl": { "air-leak": 4, "filter-full": -1 },
  "water-in-trap": { water: 5 },
  "white-smoke": { "cold-fuel": 3, "heater-dead": 1, water: 2, injectors: 1 },
  "black-smoke": { injectors: 2, "filter-full": 1, "thick-blend": 1 },
  "gauge-cold": { "thermostat-stuck": 5, "heater-dead": 3, "cold-fuel": 2 },
  "drip-seen": { leak: 5, "air-leak": 2 },
  "worse-uphill": { "filter-full": 3, gelled: 1, "cold-fuel": 1 },
};

/** Checks worth making for a symptom, the most telling first. */
export function checksFor(symptom: Symptom): Check[] {
  const tells = (check: Check): number =>
    Object.entries(SPEAKS[symptom]).reduce(
      (sum, [cause, weight]) => sum + weight * Math.abs(ANSWERS[check][cause as Cause] ?? 0),
      0,
    );
  return CHECKS.filter((c) => tells(c) > 0)
    .sort((a, b) => tells(b) - tells(a))
    .slice(0, 5);
}

/** What the ledger knows that speaks for a cause. */
export interface Evidence {
  readonly cause: Cause;
  readonly weight: number;
}

export interface Suspect {
  readonly cause: Cause;
  /** Of all suspicion, 0 to 1. */
  readonly share: number;
}

const LEAST_SHARE = 0.04;

/** The likeliest causes, by what is seen, what was looked at, and what this yard's ledger says. */
export function suspects(
  symptom: Symptom,
  answers: Readonly<Partial<Record<Check, boolean>>>,
  evidence: readonly Evidence[],
): Suspect[] {
  const weights = CAUSES.map((cause) => {
    let weight = SPEAKS[symptom][cause] ?? 0;
    for (const check of CHECKS) {
      const answer = answers[check];
      const says = ANSWERS[check][cause] ?? 0;
      if (answer !== undefined) weight += answer ? says : -says / 2;
    }
    // What the ledger knows counts for a cause that the symptom allows, and a little for any other.
    for (const e of evidence) if (e.cause === cause) weight += SPEAKS[symptom][cause] ? e.weight : e.weight / 3;
    return { cause, weight: Math.max(0, weight) };
  });
  const all = weights.reduce((sum, w) => sum + w.weight, 0);
  return weights
    .map(({ cause, weight }) => ({ cause, share: all > 0 ? weight / all : 0 }))
    .filter((s) => s.share >= LEAST_SHARE)
    .sort((a, b) => b.share - a.share);
}
