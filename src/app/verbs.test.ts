import { describe, expect, it } from "vitest";
import {
  balance,
  buildTimeline,
  type Draft,
  type Entry,
  fieldsOf,
  kindOf,
  offerEntries,
  project,
  type Timeline,
} from "@/core/ledger";
import { capacityLitres } from "@/core/vessels";
import { viewYard } from "@/core/view";
import { demoYard } from "@/demo/demoYard";
import type { StoreError } from "@/store";
import { unitsOf } from "@/ui/words";
import { wordError } from "@/ui/words/errors";
import { correctionOf } from "../desk/form/correction";
import { readForm } from "../desk/form/useForm";
import type { Values, Verb } from "../desk/form/verb";
import { BENCHES, VERBS } from "./verbs";

const NOW = Date.parse("2026-11-24T13:32:00Z");
const nowIso = new Date(NOW).toISOString();
let made = 0;
const newId = (): string => `made-${made++}`;
const entries = demoYard(NOW);
const view = viewYard(project(entries), nowIso);
const units = unitsOf(view.settings);

const OTHER_UNITS = (["gal", "impgal"] as const).map((volumeUnit) =>
  unitsOf({
    ...view.settings,
    volumeUnit,
    temperatureUnit: "f",
    lengthUnit: "in",
    distanceUnit: "mi",
    massUnit: "lb",
    pressureUnit: "psi",
  }),
);

/** What a person must type because the yard cannot know it. */
const TYPED: Record<string, Record<string, string>> = {
  retire: { thing: "vessel drum-3", contents: "went" },
  "bring-back": { thing: "bag bag-5" },
  "add-vessel": { name: "Drum 9" },
  "add-source": { name: "Plover cafe" },
  "add-vehicle": { name: "Van" },
  "add-place": { name: "Bus" },
  dip: { fatMm: "44 mm" },
  "cold-jar": { saw: "cloudy" },
  weather: { shedCelsius: "9 °C" },
  "fill-on-road": { look: "clear" },
  "dark-test": { paper: "even", drip: "clean" },
  fluid: { name: "Winter diesel", cloudCelsius: "-22 °C" },
};

const draftsOf = (form: Pick<Verb, "build">, values: Values, of = view): readonly Draft[] =>
  [form.build(values, of, newId)].flat() as Draft[];
const draftOf = (form: Pick<Verb, "build">, values: Values, of = view): Draft => draftsOf(form, values, of)[0] as Draft;

function offer(t: Timeline, verb: Verb, given: Record<string, string>) {
  const form = readForm(verb, given, given, view, units);
  const entries = draftsOf(verb, form.values).map((draft, i) => ({
    ...{
      id: `new-${verb.key}-${i}`,
      v: kindOf(draft.kind).version,
      happenedAt: nowIso,
      recordedAt: nowIso,
      device: "test",
    },
    ...draft,
  }));
  return { form, entry: entries[0] as unknown as Entry, offered: offerEntries(t, entries, nowIso) };
}

describe.each(VERBS.map((v) => [v.key, v] as const))("%s", (key, verb) => {
  it("with what the yard knows filled in, is an entry that the ledger takes", () => {
    const timeline = buildTimeline(entries);
    const { form, offered } = offer(timeline, verb, TYPED[key] ?? {});
    expect(form.errors).toEqual({});
    expect(form.complete).toBe(true);
    expect(offered).toMatchObject({ ok: true });
    if (offered.ok) expect(balance(offered.value.head).closes).toBe(true);
    expect(verb.said(form.values, view, units)).not.toMatch(/undefined|NaN/);
  });
  it("left as it opens, says the same in every unit", () => {
    const given = TYPED[key] ?? {};
    const built = [units, ...OTHER_UNITS].map((u) =>
      verb.build(readForm(verb, given, given, view, u).values, view, () => "one-id"),
    );
    for (const draft of built) expect(draft).toEqual(built[0]);
  });
  it("has a letter of its own, if it has one", () => {
    const letters = [...VERBS.map((v) => v.letter), ...BENCHES.map((b) => b.letter)];
    if (verb.letter) expect(letters.filter((l) => l === verb.letter)).toHaveLength(1);
  });
});

const KINDS = [...new Map(entries.map((e) => [e.kind, e])).values()].filter((e) => fieldsOf(e).length > 0);

describe("a correction that changes nothing", () => {
  it.each(KINDS.map((e) => [e.kind, e] as const))("of a %s says what was said, in every unit", (_, entry) => {
    const form = correctionOf(entry);
    for (const u of [units, ...OTHER_UNITS]) {
      const read = readForm(form, {}, {}, view, u);
      expect(read.errors).toEqual({});
      expect(read.complete).toBe(true);
      expect(draftOf(form, read.values).data).toEqual(entry.data);
    }
  });
});

it("whatever number an entry holds, its refusal calls it by a name that a person would say", () => {
  const paths = new Set(
    KINDS.flatMap((e) => fieldsOf(e).flatMap((f) => (typeof f.value === "number" ? [f.path] : []))),
  );
  expect(paths.size).toBeGreaterThan(20);
  const unnamed = [...paths].filter((path) =>
    wordError({ code: "invalid", path, why: "too-much" } as StoreError, view).includes("The field"),
  );
  expect(unnamed.join(" ")).toBe("");
});

describe("what is typed wrong is said at the field, and kept", () => {
  const pour = VERBS.find((v) => v.key === "pour");
  if (!pour) throw new Error("no pour");
  const read = (litres: string) => readForm(pour, { litres }, {}, view, units);
  it.each([
    ["-3", "less than nothing"],
    ["0", "how much"],
    ["lots", "not a number"],
    ["1,234", "thousand or a decimal"],
    ["3 buckets", "not a unit"],
  ])("%s", (text, words) => {
    const form = read(text);
    expect(form.complete).toBe(false);
    expect(form.errors.litres).toContain(words);
    expect(form.texts.litres).toBe(text);
  });
  it("takes gallons where litres are asked", () =>
    expect(read("2 gal").values.number("litres")).toBeCloseTo(7.5708, 3));
  it("reads bare numbers in the owner's own unit", () => {
    const gallons = unitsOf({ ...view.settings, volumeUnit: "gal", temperatureUnit: "f" });
    const form = readForm(pour, { litres: "2", celsius: "50" }, {}, view, gallons);
    expect(form.values.number("litres")).toBeCloseTo(7.5708, 3);
    expect(form.values.number("celsius")).toBeCloseTo(10, 9);
  });
});

it("pouring all that is shown empties the vessel to the last drop", () => {
  const pour = VERBS.find((v) => v.key === "pour");
  if (!pour) throw new Error("no pour");
  const { entry } = offer(buildTimeline(entries), pour, { from: "pail-7", to: "drum-5", litres: "19" });
  expect(entry.data).toMatchObject({ amount: { all: true } });
});

it("an opening of the Log by role picks a vessel of that role", () => {
  const pour = VERBS.find((v) => v.key === "pour");
  if (!pour) throw new Error("no pour");
  expect(readForm(pour, {}, { toRole: "kettle" }, view, units).values.text("to")).toBe("kettle-12");
});

it("a creamy lot is booked with more fat than a clear one", () => {
  const pickup = VERBS.find((v) => v.key === "pickup");
  if (!pickup) throw new Error("no pickup");
  const fat = (look: string): number => {
    const form = readForm(pickup, { look }, {}, view, units);
    const draft = draftOf(pickup, form.values);
    return draft.kind === "pickup" ? (draft.data.muck["fryer-fat"] ?? 0) : Number.NaN;
  };
  expect(fat("creamy")).toBeGreaterThan(3 * fat("clear"));
});

describe("a pickup's container", () => {
  const pickup = VERBS.find((v) => v.key === "pickup");
  if (!pickup) throw new Error("no pickup");
  const into = (given: Record<string, string>, v = view) => readForm(pickup, given, {}, v, units).values.text("to");
  it("is what is kept for engine oil when it comes from an engine, and never when it comes from a kitchen", () => {
    expect(into({ source: "slip" })).toBe("black-tin");
    expect(into({ source: "gannet" })).toBe("drum-5");
    expect(into({ source: "puffin", fluid: "atf" })).toBe("black-tin");
    const none = { ...view, vessels: view.vessels.filter((v) => v.vessel.role !== "raw" || v.vessel.id === "pail-7") };
    expect(into({ source: "slip" }, none)).toBe("");
  });
  it("is no settling drum for what is poured out of the engine oil's tin", () => {
    const pour = VERBS.find((v) => v.key === "pour");
    if (!pour) throw new Error("no pour");
    const poured = (from: string) => readForm(pour, { from }, {}, view, units).values.text("to");
    expect(poured("black-tin")).toBe("");
    expect(poured("pail-7")).not.toBe("");
  });
  it("asks which oil only of a source that has not said, and the price only where there is one", () => {
    const asked = (source: string) => readForm(pickup, { source }, {}, view, units).fields.map((f) => f.name);
    expect(asked("puffin")).toContain("fluid");
    expect(asked("gannet")).not.toContain("fluid");
    expect(asked("gannet")).not.toContain("paid");
    expect(asked("beacon")).toContain("paid");
    expect(readForm(pickup, { source: "beacon", litres: "20" }, {}, view, units).values.number("paid")).toBe(3);
  });
});

describe("where a container is kept", () => {
  const change = VERBS.find((v) => v.key === "change-vessel");
  if (!change) throw new Error("no change");
  const build = (given: Record<string, string>) =>
    draftOf(change, readForm(change, given, {}, view, units).values).data;
  it("stays as it is unless it is changed", () => {
    expect(build({ vessel: "grey-can" })).toMatchObject({ place: "trailer", apart: true });
    expect(build({ vessel: "grey-can", place: "home", apart: "any" })).not.toHaveProperty("place");
    expect(build({ vessel: "grey-can", place: "home", apart: "any" })).not.toHaveProperty("apart");
    expect(build({ vessel: "pail-7", place: "trailer" })).toMatchObject({ place: "trailer" });
  });
});

it("a bus is put where it stands, stays there when it is changed, and comes home again", () => {
  const change = VERBS.find((v) => v.key === "change-place");
  if (!change) throw new Error("no change");
  const build = (given: Record<string, string>, v = view) =>
    draftOf(change, readForm(change, { place: "trailer", ...given }, {}, v, units).values, v).data;
  expect(build({})).not.toHaveProperty("spot");
  const spot = { kind: "map" as const, eastKm: -5.2, northKm: 7.8 };
  expect(build({ stands: "lighthouse" })).toMatchObject({ name: "Trailer", payloadKg: 320, spot });
  const away = { ...view, places: view.places.map((p) => ({ ...p, place: { ...p.place, spot } })) };
  expect(build({ payloadKg: "400" }, away)).toMatchObject({ payloadKg: 400, spot });
  expect(build({ stands: "home" }, away)).not.toHaveProperty("spot");
});

const verbOf = (key: string): Verb => {
  const found = VERBS.find((v) => v.key === key);
  if (!found) throw new Error(`no ${key}`);
  return found;
};
const written = (key: string, given: Record<string, string>, v = view): readonly Draft[] =>
  draftsOf(verbOf(key), readForm(verbOf(key), given, {}, v, units).values, v);
const first = (key: string, given: Record<string, string>, field: string): string =>
  readForm(verbOf(key), given, {}, view, units).values.text(field);

describe("a vehicle", () => {
  it("is made with both its tanks in one go, each as large as said", () => {
    const drafts = written("add-vehicle", { name: "Van", kind: "dual", oilLitres: "70", dieselLitres: "45" });
    expect(drafts.map((d) => d.kind)).toEqual(["vessel", "vessel", "vehicle"]);
    const [oil, diesel, van] = drafts.map((d) => d.data as { id: string; name: string });
    expect(van).toMatchObject({ kind: "dual", oilTank: oil?.id, dieselTank: diesel?.id, name: "Van" });
    const holds = drafts.slice(0, 2).map((d) => capacityLitres(d.data as never));
    expect(holds[0]).toBeCloseTo(70, 6);
    expect(holds[1]).toBeCloseTo(45, 6);
  });
  it("that is changed keeps its tanks and what nobody touched", () => {
    const [draft, ...more] = written("change-vehicle", { vehicle: "flatbed", name: "Old flatbed" });
    const known = view.vehicles.find((s) => s.vehicle.id === "flatbed")?.vehicle;
    expect(more).toEqual([]);
    expect(draft?.data).toEqual({ ...known, name: "Old flatbed" });
  });
  it("is retired with its tanks once it is said where what was in them went", () => {
    expect(readForm(verbOf("retire"), { thing: "vehicle flatbed" }, {}, view, units).complete).toBe(false);
    const drafts = written("retire", { thing: "vehicle flatbed", contents: "went" });
    expect(drafts.map((d) => d.kind)).toEqual(["dispose", "dispose", "retire"]);
    const { offered } = offer(buildTimeline(entries), verbOf("retire"), { thing: "vehicle flatbed", contents: "went" });
    if (!offered.ok) throw new Error(JSON.stringify(offered.error));
    const after = viewYard(offered.value.head, nowIso);
    expect(after.vehicles.map((s) => s.vehicle.id)).not.toContain("flatbed");
    expect(after.vessels.map((v) => v.vessel.id)).not.toContain("flatbed-oil");
    expect(after.names.flatbed).toBe("Flatbed");
    expect(after.balance.closes).toBe(true);
  });
});

describe("what is proposed goes by fluid and need", () => {
  it("kerosene for its can, diesel for where diesel is, petrol for neither", () => {
    expect(first("buy", { fluid: "kerosene" }, "to")).toBe("kerosene-can");
    expect(["diesel-can", "flatbed-diesel"]).toContain(first("buy", { fluid: "diesel" }, "to"));
    expect(first("buy", { fluid: "petrol" }, "to")).not.toMatch(/tank|oil|diesel|kerosene/);
  });
  it("oil for the tank for oil, diesel for the diesel tank, which is never offered oil", () => {
    expect(first("fill", {}, "to")).not.toBe("flatbed-diesel");
    expect(first("fill", { to: "flatbed-oil" }, "from")).toBe("ready");
    expect(first("fill", { to: "flatbed-diesel" }, "from")).toBe("diesel-can");
    const from = verbOf("fill").fields.find((f) => f.name === "from");
    const offered =
      from?.kind === "choice"
        ? from.options(view, readForm(verbOf("fill"), { to: "flatbed-diesel" }, {}, view, units).values)
        : [];
    expect(offered.map((o) => o.value)).not.toContain("ready");
    expect(first("pour", { from: "pail-7" }, "to")).toBe("drum-5");
  });
});

describe("a stick that differs from the book", () => {
  it("asks which of them is right, and books the difference in the open", () => {
    const asked = (oilMm: string) =>
      readForm(verbOf("dip"), { vessel: "drum-5", oilMm }, {}, view, units).fields.some((f) => f.name === "book");
    expect([asked("577"), asked("574"), asked("540")]).toEqual([false, false, true]);
    expect(written("dip", { vessel: "drum-5", oilMm: "540", book: "keep" }).map((d) => d.kind)).toEqual(["dip"]);
    const drafts = written("dip", { vessel: "drum-5", oilMm: "540", book: "book" });
    expect(drafts.map((d) => d.kind)).toEqual(["dip", "stock-take"]);
    expect(drafts[1]?.data).toMatchObject({ vessel: "drum-5", found: { celsius: view.settings.shedCelsius } });
  });
  it("is asked about when nothing was read", () => {
    const form = readForm(verbOf("dip"), { vessel: "drum-5" }, {}, view, units);
    expect(verbOf("dip").wrong?.(form.values)).toMatch(/Nothing was read/);
  });
});

describe("an engine by its meter", () => {
  const withMeter = {
    ...view,
    vehicles: view.vehicles.map((s) => (s.vehicle.id === "tractor" ? { ...s, hourMeter: 1200 } : s)),
  };
  it("runs from the last reading to this one, or from what is typed where there is none", () => {
    expect(written("hours", { vehicle: "tractor", by: "meter", meter: "1202.5" }, withMeter)[0]?.data).toMatchObject({
      minutes: { onOil: 150 },
      hourMeter: 1202.5,
    });
    expect(written("hours", { vehicle: "tractor", by: "meter", before: "10", meter: "11" })[0]?.data).toMatchObject({
      minutes: { onOil: 60 },
    });
  });
  it("burns by its way where its thirst on the road is known", () => {
    const thirsty = {
      ...view,
      vehicles: view.vehicles.map((s) =>
        s.vehicle.id === "tractor" ? { ...s, vehicle: { ...s.vehicle, litresPer100Km: 8 } } : s,
      ),
    };
    expect(written("hours", { vehicle: "tractor", km: "25" }, thirsty)[0]?.data).toMatchObject({
      km: 25,
      burned: [{ litres: 2 }],
    });
  });
});

describe("a container by its litres alone", () => {
  it("is of its kind's proportions and holds as much", () => {
    const [draft] = written("add-vessel", { preset: "cone", holds: "300" });
    expect(capacityLitres(draft?.data as never)).toBeCloseTo(300, 6);
    expect(draft?.data).toMatchObject({ role: "settler", name: "Cone 2", shape: { kind: "cone-cylinder" } });
  });
  it("may become another kind, and stays as it is where nobody says so", () => {
    const known = view.vessels.find((v) => v.vessel.id === "drum-3")?.vessel;
    expect(written("change-vessel", { vessel: "drum-3" })[0]?.data).toEqual(known);
    expect(written("change-vessel", { vessel: "drum-3", preset: "tote" })[0]?.data).toMatchObject({
      id: "drum-3",
      shape: { kind: "tote" },
    });
  });
});
