/** What is chosen among in entries, as people say it. Apart from the schemas, so that a page stays light. */
export const PAN_WORDS = { quiet: "Quiet", crackles: "Crackles", foams: "Foams and spits" } as const;
export const LOOKS = { clear: "Clear", creamy: "Creamy", wet: "Wet" } as const;
export const VISIT_OUTCOMES = { refused: "Refused it", closed: "Closed", nothing: "Nothing there" } as const;
export const COLD_JAR_WORDS = { clear: "Clear", cloudy: "Cloudy, or with flakes", set: "Set or creamy" } as const;
export const SEASONS = { any: "All year", summer: "Summer", winter: "Winter" } as const;
/** Rungs of the ladder that a new blend climbs, cheapest first. */
export const RUNGS = ["jar", "litre", "stove", "old-engine", "good-engine"] as const;
export type Rung = (typeof RUNGS)[number];
export const RUNG_WORDS = {
  jar: "A jar",
  litre: "One litre",
  stove: "A stove",
  "old-engine": "An old engine",
  "good-engine": "A good engine",
} as const;
export const TRIAL_MARK_WORDS = { good: "Good", "so-so": "So-so", bad: "Bad" } as const;
