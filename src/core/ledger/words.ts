/** What is chosen among in entries, as people say it. Apart from the schemas, so that a page stays light. */
export const PAN_WORDS = { quiet: "Quiet", crackles: "Crackles", foams: "Foams and spits" } as const;
export const LOOKS = { clear: "Clear", creamy: "Creamy", wet: "Wet" } as const;
export const VISIT_OUTCOMES = { refused: "Refused it", closed: "Closed", nothing: "Nothing there" } as const;
export const COLD_JAR_WORDS = { clear: "Clear", cloudy: "Cloudy, or with flakes", set: "Set or creamy" } as const;
