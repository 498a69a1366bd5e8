/** Terms of the craft, each in one line, for whoever meets it for the first time. Longer ones first: they hold shorter ones. */
export const TERMS: readonly { readonly term: RegExp; readonly meaning: string }[] = [
  {
    term: /mm²\/s/,
    meaning:
      "Kinematic viscosity: how thick it is. Diesel is about 3 to 4, cold kitchen oil over 100, an injection pump wants 15 or less.",
  },
  {
    term: /\bpump limit\b/i,
    meaning:
      "The thickest fuel your injection pump still takes, in mm²/s. Older in-line pumps bear more than rotary ones.",
  },
  {
    term: /\bdisplacement settlers?\b/i,
    meaning: "A tall vessel kept full: raw oil trickles in at the bottom, clean oil runs over at the top.",
  },
  {
    term: /\bdraw-off line\b/i,
    meaning: "Down to here it is clear: the top of what has settled, and your margin above it.",
  },
  {
    term: /\bfat line\b/i,
    meaning: "The top of the pale, creamy layer: fat that has set. It clogs filters and gels tanks.",
  },
  {
    term: /\bfree fatty acids?\b/i,
    meaning: "Acid in old frying oil. It eats lye, and says how much more a batch needs.",
  },
  {
    term: /\binjection pump\b/i,
    meaning: "The engine's high-pressure fuel pump: what thick or wet fuel breaks first.",
  },
  {
    term: /\bheels?\b/i,
    meaning: "What stays in a container when its clear oil is drawn off: oil, fat, water and sludge together.",
  },
  { term: /\bfines\b/i, meaning: "The smallest dirt, some hundredths of a millimetre across. It sinks last." },
  {
    term: /\bpurge[sd]?\b/i,
    meaning: "Running the line on diesel before a stop, so that it starts on diesel when it is cold.",
  },
  { term: /\bcloud point\b/i, meaning: "The temperature at which the first wax or fat shows as a haze." },
  { term: /\bcetane\b/i, meaning: "How readily a diesel fuel lights. Under 40 it starts hard and knocks." },
  { term: /\bexchanger\b/i, meaning: "Where the engine's hot coolant warms the oil on its way to the pump." },
  { term: /\bfining\b/i, meaning: "Gelatine stirred in with warm water: it sets, sinks, and takes the dirt along." },
  { term: /\bsettlers?\b/i, meaning: "A displacement settler: fed from below, kept full, runs over clean at the top." },
  {
    term: /\bloop(?:s|ed)?\b/i,
    meaning: "The fuel's way from tank to pump and back; a looped return goes round again without passing a tank.",
  },
  { term: /\bglycerol\b/i, meaning: "The dark, heavy liquid that separates when oil is made into biodiesel." },
  {
    term: /\btitrat\w+\b/i,
    meaning: "Dripping lye of known strength into a sample to learn how much acid the oil holds.",
  },
];
