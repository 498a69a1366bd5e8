/** What is chosen among in entries, as people say it. Apart from the schemas, so that a page stays light. */
export const PAN_WORDS = { quiet: "Quiet", crackles: "Crackles", foams: "Foams and spits" } as const;
/** A drop of dark oil on blotting paper, a day later. */
export const PAPER_WORDS = {
  even: "One even grey spot",
  ring: "A dark rim or a wet ring",
  specks: "Grains or a black middle",
} as const;
/** A cupful of it through a paper filter. */
export const DRIP_WORDS = {
  clean: "Ran through, paper bare",
  slow: "Slowed down",
  residue: "Left sludge on it",
} as const;
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
/** What is looked at before a fuel loop goes onto an engine. */
export const RIG_TEST_ITEMS = {
  dieselJar: "Line pulled at the pump, on diesel: diesel comes into the jar, and only diesel",
  oilJar: "On oil: oil comes into the second jar",
  restsOpen: "Blown through with no power: each valve is open to diesel and shut to oil",
  turnsOver: "Blown through with power: each valve is open to oil and shut to diesel",
  returnJar: "What goes back comes out where the drawing says, for every position",
  primed: "Lines filled, and no bubbles after a minute of each pump",
  noDryHeat: "No heater is on while its line is dry",
  coolantFull: "Coolant topped up and bled after the exchanger",
  leaks: "No drip at any joint, cold and hot",
  labelled: "Ports and hoses carry their labels",
} as const;
/** What is done to a vehicle now and then, and how it was found. */
export const SERVICE_WORDS = {
  filter: "Filter changed",
  sock: "Sock or pick-up cleaned",
  water: "Water and sediment let out",
  injectors: "Injectors looked at",
  heater: "Heater looked at",
  battery: "Battery looked at",
  hoses: "Hoses and clips looked at",
} as const;
export const FOUND_WORDS = { clean: "Clean", used: "As used as it should be", black: "Black or full" } as const;
/** Stages of a batch, as they stand on its row. */
export const STAGE_WORDS = {
  dry: "Dry",
  warm: "Warm",
  acid: "Acid stage",
  "acid-settle": "Let it stand",
  "acid-split": "Let acid water out",
  retitrate: "Titrate again",
  methoxide: "Methoxide",
  mix: "Mix",
  settle: "Settle",
  split: "Split",
  "methoxide-2": "Methoxide again",
  "mix-2": "Mix again",
  "settle-2": "Settle again",
  "split-2": "Split again",
  wash: "Wash",
  polish: "Dry to bright",
  test: "Test",
} as const;
/** What helps against an emulsion, gentlest first. */
export const HELP_WORDS = { wait: "Waited", warm: "Warmed it", salt: "Salt", acid: "Vinegar" } as const;
export type Help = keyof typeof HELP_WORDS;
export const FUEL_TEST_WORDS = {
  solubility: "Methanol solubility",
  soap: "Soap",
  water: "Water",
  "wash-ph": "pH of the last wash",
  "cold-jar": "Jar in the cold",
  density: "Density",
  "acid-number": "Acid number",
} as const;
/** What a kettle is looked over for before its first batch. */
export const WALK_ITEMS = {
  materials: "No aluminium, zinc, galvanised, tin, copper or brass wherever lye comes",
  seals: "Seals and hoses that lye and methanol do not swell",
  element: "The element stays covered at the lowest level it is on",
  relief: "Relief valve, or an opening that cannot shut",
  vent: "Vent led outdoors, away from sparks",
  overflow: "Something to catch what foams over",
  thermostat: "Thermostat, and a thermometer that was checked",
  blanket: "Fire blanket and extinguisher at hand",
  water: "Running water for eyes and skin at hand",
} as const;
/** What a vessel is made of, or its fittings where those are worse. */
export const VESSEL_MATERIALS = {
  steel: "Steel",
  "stainless-steel": "Stainless steel",
  polyethylene: "Polyethylene",
  polypropylene: "Polypropylene",
  glass: "Glass",
  aluminium: "Aluminium",
  zinc: "Zinc",
  galvanised: "Galvanised steel",
  tin: "Tin",
  copper: "Copper",
  brass: "Brass",
} as const;
/** What a container may be made for, besides oil. */
export const MADE_FOR = {
  petrol: "Petrol",
  methanol: "Methanol",
  lye: "Lye",
  acid: "Sulfuric acid",
} as const;
export const TRIAL_MARK_WORDS = { good: "Good", "so-so": "So-so", bad: "Bad" } as const;
