import { byComponent, FLUIDS } from "@/core/fluids";
import {
  type BatchRecipe,
  type FuelTest,
  PRESETS,
  type Stage,
  USUAL_CONVERSION,
  USUAL_SECOND_SHARE,
  weighingOf,
} from "@/core/kettle";
import { type Batch, BatchId, partsOf, type VesselId } from "@/core/ledger";
import { goneIn, mixChange, potIn, splitExpected } from "@/core/readings/kettle/pots";
import { MS_PER_DAY, MS_PER_HOUR, MS_PER_MINUTE } from "@/core/units";
import type { Line } from "./things";
import { tenth, type Writer } from "./writer";

/** What was read of one batch. */
interface Story {
  readonly id: string;
  readonly name: string;
  readonly daysBefore: number;
  readonly oilLitres: number;
  readonly triesMl: readonly number[];
  /** Glycerol let out, over what was expected. */
  readonly drained: number;
  readonly tests: readonly (readonly [FuelTest, number])[];
  readonly jar?: { readonly place: string; readonly label: string };
}

const STORIES: readonly Story[] = [
  {
    id: "batch-6",
    name: "Batch 6",
    daysBefore: 161,
    oilLitres: 52,
    triesMl: [1.9, 2, 1.9],
    drained: 1.04,
    tests: [
      ["soap", 1460],
      ["soap", 61],
      ["solubility", 0.01],
      ["water", 310],
    ],
    jar: { place: "North shelf", label: "6, May" },
  },
  {
    id: "batch-7",
    name: "Batch 7",
    daysBefore: 118,
    oilLitres: 58,
    triesMl: [2.3, 2.4, 2.3],
    drained: 0.96,
    tests: [
      ["soap", 1900],
      ["soap", 88],
      ["solubility", 0.022],
      ["water", 420],
    ],
    jar: { place: "North shelf", label: "7, July" },
  },
  {
    id: "batch-8",
    name: "Batch 8",
    daysBefore: 66,
    oilLitres: 55,
    triesMl: [2.6, 2.6, 3.9, 2.7],
    drained: 1.08,
    tests: [
      ["solubility", 0.018],
      ["soap", 74],
      ["water", 380],
    ],
  },
];

/** Since August a pack of potash stands there: weaker than its label, and soon past its date. */
const POTASH_PURITY = 0.9;
const TITRANT_PURITY = 0.9;

/** A year at the big kettle: three batches that passed, and the ninth, an hour and a quarter into its mixing. */
export function kettleYear(w: Writer, line: Line, nowMs: number): void {
  const opened = nowMs - 175 * MS_PER_DAY;
  const [kettle, drum, pack] = [line.id("big-kettle"), line.id("methanol-drum"), line.id("potash-tub")];
  w.write(opened, {
    kind: "walk-down",
    data: {
      vessel: kettle,
      checks: {
        materials: "yes",
        seals: "yes",
        element: "yes",
        relief: "yes",
        vent: "yes",
        overflow: "yes",
        thermostat: "yes",
        blanket: "yes",
        water: "yes",
      },
    },
  });
  w.write(opened + MS_PER_HOUR, {
    kind: "purchase",
    data: { to: drum, fluid: "methanol", amount: { litres: 57 }, paid: 51.3 },
  });
  w.write(opened + MS_PER_HOUR, {
    kind: "purchase",
    data: { to: pack, fluid: "potassium-hydroxide", amount: { litres: 2.2 }, paid: 13.5 },
  });
  for (const story of STORIES) wholeBatch(w, line, story, nowMs - story.daysBefore * MS_PER_DAY);
  const refill = nowMs - 20 * MS_PER_DAY;
  w.write(refill, { kind: "purchase", data: { to: drum, fluid: "methanol", amount: { litres: 38 }, paid: 35.9 } });
  ninth(w, line, nowMs);
}

function recipeOf(story: Pick<Story, "oilLitres">, acidMolPerL: number): BatchRecipe {
  return {
    ...PRESETS.patient,
    methanolShare: 0.207,
    path: "base",
    pace: "patient",
    oilLitres: story.oilLitres,
    acidMolPerL,
    base: "KOH",
    basePurity: POTASH_PURITY,
    doseGPerL: 7,
    methanolPurity: 1,
    sulfuricPurity: 0.96,
    secondShare: USUAL_SECOND_SHARE,
    conversion: USUAL_CONVERSION,
  };
}

const componentsIn = (w: Writer, id: VesselId) => {
  const state = w.yard.vessels.get(id);
  return { components: state ? byComponent(partsOf(state.contents, w.yard.parts)) : [] };
};

/** Old stock bought cheap, titrated, and begun. */
function begin(
  w: Writer,
  line: Line,
  story: Pick<Story, "id" | "name" | "oilLitres" | "triesMl">,
  atMs: number,
): Batch {
  const kettle = line.id("big-kettle");
  w.write(atMs, {
    kind: "purchase",
    data: { to: kettle, fluid: "canola", amount: { litres: story.oilLitres }, paid: tenth(story.oilLitres * 0.15) },
  });
  w.write(atMs + MS_PER_HOUR, { kind: "water-test", data: { how: "hot-pan", vessel: kettle, saw: "quiet" } });
  w.write(atMs + 2 * MS_PER_HOUR, {
    kind: "titration",
    data: {
      vessel: kettle,
      base: "KOH",
      titrantGPerL: 1,
      titrantPurity: TITRANT_PURITY,
      oilMl: 1,
      tries: [...story.triesMl],
      blankMl: 0.1,
    },
  });
  const acid = w.yard.vessels.get(kettle)?.quality.acid?.acidMolPerL ?? 0;
  const batch: Batch = {
    id: BatchId.parse(story.id),
    name: story.name,
    kettle,
    is: "batch",
    oil: "canola",
    recipe: recipeOf(story, acid),
  };
  w.write(atMs + 3 * MS_PER_HOUR, { kind: "batch", data: batch });
  return batch;
}

const stage = (
  w: Writer,
  atMs: number,
  batch: Batch,
  name: Stage,
  did: "begin" | "done" | "read",
  celsius?: number,
): void =>
  w.write(atMs, {
    kind: "stage",
    data: {
      batch: batch.id,
      stage: name,
      did,
      ...(did === "done" && { saw: "expected" as const }),
      ...(celsius !== undefined && { celsius }),
    },
  });

/** Dried, warmed, and the methoxide weighed and let in. */
function untilMixing(w: Writer, line: Line, batch: Batch, atMs: number): void {
  stage(w, atMs, batch, "dry", "done");
  stage(w, atMs + MS_PER_HOUR, batch, "warm", "done", 55);
  const dose = weighingOf(batch.recipe, FLUIDS.canola.rho15KgPerL).first;
  w.write(atMs + 90 * MS_PER_MINUTE, {
    kind: "charge",
    data: {
      batch: batch.id,
      stage: "methoxide",
      into: batch.kettle,
      parts: [
        { from: line.id("methanol-drum"), amount: { litres: tenth(dose.methanolLitres), celsius: 20 } },
        { from: line.id("potash-tub"), amount: { kg: Math.round(dose.lyeG) / 1000 } },
      ],
    },
  });
  stage(w, atMs + 95 * MS_PER_MINUTE, batch, "methoxide", "done");
}

function wholeBatch(w: Writer, line: Line, story: Story, atMs: number): void {
  const batch = begin(w, line, story, atMs);
  const { kettle } = batch;
  const [tub, wash, sludge, ester] = [
    line.id("glycerol-tub"),
    line.id("wash-tank"),
    line.id("wash-water"),
    line.id("ester-drum"),
  ];
  const mixMs = atMs + 6 * MS_PER_HOUR;
  untilMixing(w, line, batch, atMs + 4 * MS_PER_HOUR);
  stage(w, mixMs, batch, "mix", "begin");
  stage(w, mixMs + 40 * MS_PER_MINUTE, batch, "mix", "read", 54);
  const change = mixChange(potIn(componentsIn(w, kettle)), batch.recipe, FLUIDS);
  w.write(mixMs + 2 * MS_PER_HOUR, {
    kind: "react",
    data: { vessel: kettle, batch: batch.id, takes: [...change.takes], gives: [...change.gives] },
  });
  stage(w, mixMs + 2 * MS_PER_HOUR, batch, "mix", "done");
  stage(w, mixMs + 2 * MS_PER_HOUR, batch, "settle", "begin");
  const splitMs = mixMs + MS_PER_DAY;
  stage(w, splitMs, batch, "settle", "done");
  letOut(w, batch, "glycerol", kettle, tub, story.drained, splitMs);
  stage(w, splitMs + MS_PER_MINUTE, batch, "split", "done");
  w.write(splitMs + MS_PER_HOUR, {
    kind: "move",
    data: { from: kettle, to: wash, amount: { all: true }, layer: "mixed" },
  });
  washAndDry(w, batch, story, wash, sludge, splitMs + 2 * MS_PER_HOUR);
  const testMs = splitMs + 3 * MS_PER_DAY;
  for (const [i, [test, value]] of story.tests.slice(-3).entries())
    w.write(testMs + i * MS_PER_HOUR, { kind: "fuel-test", data: { batch: batch.id, vessel: wash, test, value } });
  const litres = w.litres(wash);
  w.write(testMs + 4 * MS_PER_HOUR, {
    kind: "batch-end",
    data: { batch: batch.id, how: "fuel", litres: tenth(litres) },
  });
  stage(w, testMs + 4 * MS_PER_HOUR, batch, "test", "done");
  if (story.jar) w.write(testMs + 5 * MS_PER_HOUR, { kind: "witness", data: { batch: batch.id, ...story.jar } });
  w.write(testMs + 5 * MS_PER_HOUR, {
    kind: "move",
    data: { from: wash, to: ester, amount: { all: true }, layer: "mixed" },
  });
  // The co-op's boat burns most of it.
  w.write(testMs + 6 * MS_PER_HOUR, {
    kind: "dispose",
    data: { from: ester, amount: { litres: tenth(w.litres(ester) * 0.75) }, layer: "mixed", where: "the co-op's boat" },
  });
  w.write(testMs + 7 * MS_PER_HOUR, {
    kind: "dispose",
    data: { from: sludge, amount: { all: true }, layer: "mixed", where: "collector of chemicals" },
  });
}

function letOut(
  w: Writer,
  batch: Batch,
  phase: "glycerol" | "wash",
  from: VesselId,
  to: VesselId,
  times: number,
  atMs: number,
): void {
  const expected = splitExpected(potIn(componentsIn(w, from)), phase, w.yard.settings.phases);
  w.write(atMs, {
    kind: "split",
    data: {
      batch: batch.id,
      phase,
      from,
      to,
      amount: { litres: tenth(Math.min(expected.litres * times, w.room(to) - 0.2)) },
      below: expected.below.map((b) => ({ ...b })),
      expectedLitres: expected.litres,
    },
  });
}

/** Three waters, the soap titrated before and after, and dried to bright. */
function washAndDry(w: Writer, batch: Batch, story: Story, wash: VesselId, into: VesselId, atMs: number): void {
  const soaps = story.tests.filter(([test]) => test === "soap");
  stage(w, atMs, batch, "wash", "begin");
  for (let i = 0; i < 3; i++) {
    const at = atMs + (1 + 5 * i) * MS_PER_HOUR;
    const [first] = soaps;
    if (i === 0 && first && soaps.length > 1)
      w.write(at, { kind: "fuel-test", data: { batch: batch.id, vessel: wash, test: "soap", value: first[1] } });
    w.write(at + MS_PER_HOUR, {
      kind: "wash",
      data: { batch: batch.id, vessel: wash, how: "mist", waterLitres: 16, vinegarMl: 0 },
    });
    letOut(w, batch, "wash", wash, into, 1, at + 4 * MS_PER_HOUR);
  }
  stage(w, atMs + 17 * MS_PER_HOUR, batch, "wash", "done");
  const gone = goneIn(potIn(componentsIn(w, wash)), 350);
  w.write(atMs + 24 * MS_PER_HOUR, {
    kind: "dry",
    data: { vessel: wash, batch: batch.id, gone: gone.map((g) => ({ ...g })), kwh: 4.1, hours: 2, celsius: 98 },
  });
  stage(w, atMs + 24 * MS_PER_HOUR, batch, "polish", "done");
}

/** Sixty litres, begun yesterday and an hour and a quarter into its two. */
function ninth(w: Writer, line: Line, nowMs: number): void {
  const story = { id: "batch-9", name: "Batch 9", oilLitres: 60, triesMl: [2.1, 2.2, 2.1] };
  const batch = begin(w, line, story, nowMs - 20 * MS_PER_HOUR);
  untilMixing(w, line, batch, nowMs - 3 * MS_PER_HOUR);
  stage(w, nowMs - 72 * MS_PER_MINUTE, batch, "mix", "begin");
  stage(w, nowMs - 60 * MS_PER_MINUTE, batch, "mix", "read", 52);
  stage(w, nowMs - 14 * MS_PER_MINUTE, batch, "mix", "read", 55);
}
