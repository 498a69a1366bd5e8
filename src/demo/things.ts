import { rigFromShelf, withLineLitres } from "@/core/driving/rig";
import type {
  Access,
  Bag,
  BagId,
  Place,
  PlaceId,
  Source,
  SourceId,
  Spot,
  Vehicle,
  VehicleId,
  Vessel,
  VesselId,
  VesselRole,
} from "@/core/ledger";
import type { Shape } from "@/core/vessels";

/** Everything that stands in one made-up yard; a co-op has several such lines. */
export interface Line {
  readonly vessels: readonly Vessel[];
  readonly sources: readonly Source[];
  readonly bags: readonly Bag[];
  readonly vehicles: readonly Vehicle[];
  readonly places: readonly Place[];
  id(name: string): VesselId;
  source(name: string): SourceId;
  bag(name: string): BagId;
  vehicle(name: string): VehicleId;
}

const drumShape: Shape = { kind: "cylinder", diameterMm: 571.5 };
const upright = (diameterMm: number): Shape => ({ kind: "cylinder", diameterMm });
const box = (lengthMm: number, widthMm: number): Shape => ({ kind: "box", lengthMm, widthMm });

/** Sources lie round the made-up island's harbour; kilometres from the yard. */
const at = (eastKm: number, northKm: number): Spot => ({ kind: "map", eastKm, northKm });
const weekdays = (from: number, to: number): Access[] => [
  { weekdays: [1, 2, 3, 4, 5], fromMinute: from * 60, toMinute: to * 60 },
];

export function makeLine(suffix: string): Line {
  const tag = (name: string): string => `${name}${suffix}`;
  const label = (name: string): string => (suffix ? `${name} ${suffix.slice(1)}` : name);
  const id = (name: string): VesselId => tag(name) as VesselId;
  const vessel = (
    name: string,
    text: string,
    role: VesselRole,
    shape: Shape,
    rimMm: number,
    more: Partial<Vessel> = {},
  ): Vessel => ({ id: id(name), name: label(text), role, shape, rimMm, ...more });
  const trailer = tag("trailer") as PlaceId;
  const source = (name: string, text: string, more: Partial<Source>): Source => ({
    id: tag(name) as SourceId,
    name: label(text),
    container: "20 L jerrycan",
    fluid: "canola",
    dirt: "light-fryer",
    ...more,
  });
  return {
    id,
    source: (name) => tag(name) as SourceId,
    bag: (name) => tag(name) as BagId,
    vehicle: (name) => tag(name) as VehicleId,
    vessels: [
      vessel("pail-7", "Pail 7", "raw", upright(300), 360),
      vessel("carton-4", "Carton 4", "raw", box(250, 250), 350, { look: "carton" }),
      vessel("black-tin", "Black tin", "raw", box(240, 190), 420, { apart: true }),
      vessel("drum-3", "Drum 3", "settling", drumShape, 850),
      vessel("drum-5", "Drum 5", "settling", drumShape, 850),
      vessel(
        "cone",
        "Cone",
        "settler",
        { kind: "cone-cylinder", diameterMm: 460, coneHeightMm: 420, outletDiameterMm: 60 },
        1020,
        {
          settler: { header: id("pail-7"), overflow: id("feed-tub"), cutUm: 20, hoursADay: 24, sludgeMostMm: 420 },
        },
      ),
      vessel("heel-tub", "Heel tub", "heel", upright(420), 480),
      vessel("feed-tub", "Feed tub", "feed", upright(460), 540),
      vessel("ready", "Ready", "ready", drumShape, 850),
      vessel("diesel-can", "Diesel can", "thinner", box(330, 190), 440),
      vessel("kerosene-can", "Kerosene can", "thinner", box(330, 190), 440),
      vessel("mixing-can", "Mixing can", "blend", box(330, 190), 440),
      vessel("sludge-drum", "Sludge drum", "waste", upright(400), 560),
      vessel(
        "kettle-12",
        "Kettle 12",
        "kettle",
        { kind: "cone-cylinder", diameterMm: 400, coneHeightMm: 220, outletDiameterMm: 40 },
        640,
      ),
      vessel(
        "big-kettle",
        "Big kettle",
        "kettle",
        { kind: "cone-cylinder", diameterMm: 460, coneHeightMm: 240, outletDiameterMm: 40 },
        710,
        { material: "stainless-steel", isClosed: true, heaterKw: 2 },
      ),
      vessel("wash-tank", "Wash tank", "wash", upright(460), 600, {
        material: "polyethylene",
        isClosed: true,
        heaterKw: 2,
      }),
      vessel("glycerol-tub", "Glycerol tub", "glycerol", upright(380), 480),
      vessel("wash-water", "Wash water", "waste", upright(400), 640),
      vessel("methanol-drum", "Methanol drum", "chemical", upright(380), 540, {
        material: "steel",
        isClosed: true,
        look: "drum",
      }),
      vessel("potash-tub", "Potash tub", "chemical", upright(180), 240, {
        material: "polyethylene",
        isClosed: true,
        look: "bottle",
        pack: { purity: 0.9 },
      }),
      vessel("ester-drum", "Ester drum", "thinner", upright(400), 600, { look: "drum" }),
      vessel("flatbed-oil", "Flatbed oil", "tank", { kind: "lying-cylinder", diameterMm: 400, lengthMm: 620 }, 400),
      vessel("flatbed-diesel", "Flatbed diesel", "tank", box(480, 300), 350),
      vessel("tractor-tank", "Tractor", "tank", box(500, 300), 420),
      vessel("trailer-drum", "Trailer drum", "raw", drumShape, 850, { place: trailer }),
      vessel("grey-can", "Grey can", "raw", box(330, 160), 400, { place: trailer, apart: true }),
    ],
    sources: [
      source("ropewalk", "Ropewalk canteen", {
        usualLitres: 40,
        containerCount: 3,
        fries: "chips and fritters",
        pricePerLitre: 0.1,
        spot: at(1.2, 0.8),
        access: weekdays(8, 17),
        contact: "Ask for Wren at the back door",
      }),
      source("gannet", "Gannet hostel", {
        usualLitres: 60,
        container: "200 L drum",
        containerLitres: 200,
        fries: "chips, changed every Monday",
        pricePerLitre: 0,
        spot: at(-3.1, 2.4),
        minutesThere: 20,
        notes: "The drum stands behind the boiler house. The gate code is on the key board.",
      }),
      source("harbour", "Harbour school kitchen", {
        usualLitres: 20,
        container: "20 L carton",
        dirt: "meaty-fryer",
        fries: "sausages and nuggets",
        pricePerLitre: 0,
        spot: at(0.9, -1.7),
        access: weekdays(9, 14),
      }),
      source("beacon", "Beacon doughnuts", {
        usualLitres: 20,
        container: "20 L pail",
        containerCount: 2,
        fluid: "soybean",
        fries: "doughnuts",
        pricePerLitre: 0.15,
        spot: at(4.6, 3.9),
      }),
      source("lighthouse", "Lighthouse inn", {
        usualLitres: 35,
        container: "25 L pail",
        containerCount: 2,
        fries: "chips and fish",
        pricePerLitre: -0.05,
        spot: at(-5.2, 7.8),
        access: [{ weekdays: [1, 2, 3, 4, 5, 6], fromMinute: 10 * 60, toMinute: 22 * 60 }],
      }),
      source("galley", "Ferry galley", {
        usualLitres: 30,
        container: "20 L jerrycan",
        containerCount: 3,
        fries: "chips, twice a week",
        pricePerLitre: 0,
        spot: at(2.8, -3.3),
        minutesThere: 10,
        // Before the noon boat sails.
        access: [{ weekdays: [1, 2, 3, 4, 5, 6, 7], fromMinute: 6 * 60, toMinute: 11 * 60 }],
      }),
      source("slip", "The slip's workshop", {
        usualLitres: 10,
        container: "20 L tin",
        fluid: "motor-oil",
        dirt: "engine-oil",
        fries: "outboards and the crane's gearbox",
        spot: at(0.1, 0.2),
        minutesThere: 5,
      }),
    ],
    bags: [
      { id: tag("bag-50") as BagId, name: label("50 µm"), ratingUm: 50, areaM2: 0.25, price: 6.5 },
      { id: tag("bag-5") as BagId, name: label("5 µm"), ratingUm: 5, areaM2: 0.25, price: 9.8 },
    ],
    vehicles: [
      {
        id: tag("flatbed") as VehicleId,
        name: label("Flatbed"),
        kind: "dual",
        dieselTank: id("flatbed-diesel"),
        oilTank: id("flatbed-oil"),
        burnLitresPerHour: 7.4,
        litresPer100Km: 11.5,
        rig: withLineLitres(rigFromShelf("loop"), 0.16, 7.4 / 60),
      },
      {
        id: tag("tractor") as VehicleId,
        name: label("Tractor"),
        kind: "single",
        tank: id("tractor-tank"),
        burnLitresPerHour: 5,
        rig: rigFromShelf("plain"),
        // Its filter sits on the block.
        atPumpCelsius: 38,
        isOffRoad: true,
      },
    ],
    places: [
      {
        id: trailer,
        name: label("Trailer"),
        kind: "trailer",
        payloadKg: 320,
        vehicle: tag("flatbed") as VehicleId,
      },
    ],
  };
}
