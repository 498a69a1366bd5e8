import { rigFromShelf, withLineLitres } from "../driving/rig";
import { usualRecipe } from "../kettle/recipe.testing";
import { type Draft, type Entry, kindOf } from "./entry";
import { BagId, BatchId, CupId, EntryId, PlaceId, RoundId, SourceId, VehicleId, VesselId } from "./ids";
import type { Source } from "./kinds/source";
import type { Vessel } from "./kinds/vessel";
import { project } from "./project";
import type { VesselRole } from "./roles";
import type { YardState } from "./state";

/** Small builders for tests of the ledger and of what stands on it. */

export const T0 = Date.UTC(2026, 0, 5, 8);
export const iso = (minutes: number): string => new Date(T0 + minutes * 60_000).toISOString();

export const entry = (id: string, minute: number, draft: Draft, recordedMinute = minute): Entry =>
  ({
    id: EntryId.parse(id),
    v: kindOf(draft.kind).version,
    happenedAt: draft.happenedAt ?? iso(minute),
    recordedAt: iso(recordedMinute),
    device: "test",
    kind: draft.kind,
    data: draft.data,
    ...(draft.replaces && { replaces: draft.replaces }),
  }) as Entry;

export const vid = (id: string): VesselId => VesselId.parse(id);
export const sid = (id: string): SourceId => SourceId.parse(id);

export const drum = (id: string, role: VesselRole = "settling"): Vessel => ({
  id: vid(id),
  name: id,
  role,
  shape: { kind: "cylinder", diameterMm: 571.5 },
  rimMm: 850,
});

export const vat = (id: string): Vessel => ({
  ...drum(id),
  shape: { kind: "box", lengthMm: 5000, widthMm: 5000 },
  rimMm: 2000,
});

export const kitchen: Source = { id: sid("kitchen"), name: "Ropewalk canteen", container: "20 L jerrycan" };

export const pickup = (to: string, litres: number, fluid: "canola" | "palm" = "canola"): Draft => ({
  kind: "pickup",
  data: { source: kitchen.id, to: vid(to), fluid, amount: { litres }, muck: {} },
});

export const move = (from: string, to: string, litres: number): Draft => ({
  kind: "move",
  data: { from: vid(from), to: vid(to), amount: { litres }, layer: "mixed" },
});

/** Two drums, a kitchen, and 100 L of canola in drum A. */
export const start = (): Entry[] => [
  entry("01", 0, { kind: "vessel", data: drum("A") }),
  entry("02", 0, { kind: "vessel", data: drum("B") }),
  entry("03", 0, { kind: "source", data: kitchen }),
  entry("04", 10, pickup("A", 100)),
];

export const recipe = usualRecipe;

/** A yard with one of everything that entries speak of, and oil, diesel and petrol standing in it. */
export function fullEntries(): Entry[] {
  const cone = { kind: "cone-cylinder", diameterMm: 460, coneHeightMm: 420, outletDiameterMm: 60 } as const;
  const buy = (
    to: string,
    fluid: "canola" | "diesel" | "petrol" | "biodiesel" | "methanol",
    litres: number,
  ): Draft => ({
    kind: "purchase",
    data: { to: vid(to), fluid, amount: { litres } },
  });
  const drafts: Draft[] = [
    { kind: "place", data: { id: PlaceId.parse("trailer"), name: "Trailer", kind: "trailer", payloadKg: 300 } },
    { kind: "vessel", data: drum("A") },
    { kind: "vessel", data: drum("B", "feed") },
    { kind: "vessel", data: drum("C", "thinner") },
    { kind: "vessel", data: drum("kettle", "kettle") },
    { kind: "vessel", data: drum("tank", "tank") },
    { kind: "vessel", data: { ...drum("settler", "settler"), shape: cone } },
    { kind: "source", data: kitchen },
    { kind: "source", data: { ...kitchen, id: sid("garage"), dirt: "engine-oil" } },
    { kind: "bag", data: { id: BagId.parse("bag"), name: "5 µm", ratingUm: 5, areaM2: 0.25 } },
    {
      kind: "vehicle",
      data: {
        id: VehicleId.parse("tractor"),
        name: "Tractor",
        kind: "single",
        tank: vid("tank"),
        burnLitresPerHour: 5,
        rig: rigFromShelf("plain"),
      },
    },
    {
      kind: "vehicle",
      data: {
        id: VehicleId.parse("flatbed"),
        name: "Flatbed",
        kind: "dual",
        dieselTank: vid("tank"),
        oilTank: vid("B"),
        burnLitresPerHour: 7,
        rig: withLineLitres(rigFromShelf("loop"), 0.2, 7 / 60),
      },
    },
    {
      kind: "cup",
      data: {
        id: CupId.parse("cup"),
        name: "Tin",
        readings: [
          { what: "diesel", nuMm2PerS: 4, seconds: 11 },
          { what: "canola", nuMm2PerS: 75, seconds: 95 },
        ],
      },
    },
    { kind: "fluid", data: { id: "diesel~Winter diesel", figures: { cloudCelsius: -22, pourCelsius: -32 } } },
    {
      kind: "batch",
      data: { id: BatchId.parse("batch"), name: "Batch 1", kettle: vid("kettle"), is: "batch", recipe },
    },
    { kind: "round", data: { id: RoundId.parse("round"), by: null, stops: [{ source: kitchen.id, litres: 20 }] } },
    pickup("A", 120),
    pickup("B", 60),
    buy("C", "petrol", 20),
    buy("tank", "diesel", 40),
    buy("settler", "canola", 90),
    buy("kettle", "biodiesel", 60),
    buy("kettle", "methanol", 9),
  ];
  return drafts.map((draft, i) => entry(String(i + 1).padStart(2, "0"), i, draft));
}

export const fullYard = (): YardState => project(fullEntries());
