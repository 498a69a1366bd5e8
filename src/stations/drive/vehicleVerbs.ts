import {
  isShelfId,
  lineOf,
  pumpFlowOfRig,
  type Rig,
  rigFromShelf,
  type ShelfId,
  shelfFor,
  shelfOf,
  standsOf,
  withLineLitres,
  withPumpFlow,
} from "@/core/driving/rig";
import { componentOf } from "@/core/fluids";
import { type Draft, tanksOf, type Vehicle, type Vessel } from "@/core/ledger";
import { asVehicleId, asVesselId } from "@/core/ledger/named";
import { staysApart } from "@/core/readings/terms";
import { scaledTo, type VesselForm } from "@/core/vessels";
import type { YardView } from "@/core/view";
import type { Field, Values, Verb } from "@/desk/form";

const ONE = "single";
const TWO = "dual";
const NEW_TANK = "new";
const [BLACK, NOT_BLACK] = ["yes", "no"];
const handlesEngineOil = (view: YardView): boolean =>
  view.sources.some((s) => staysApart(s.source)) ||
  view.vessels.some((v) => v.components.some((c) => componentOf(c.component).family === "engine"));
const ROAD = "road";
const FIELD = "field";
const GOOD = "good";
const TRY_OUT = "try-out";
const DISTANCE = "distance";
const HOURS = "hours";
const BY_HAND = "by-hand";
const BY_ITSELF = "by-itself";
/** As tanks are: scaled to what this one holds. */
const TANK: VesselForm = { shape: { kind: "box", lengthMm: 500, widthMm: 300 }, rimMm: 420 };

type Of = (view: YardView, v: Values) => Vehicle | undefined;
type Role = "oil" | "diesel";

const isTwo = (v: Values): boolean => v.text("kind") === TWO;
const tankOf = (vehicle: Vehicle | undefined, role: Role): string | undefined =>
  vehicle === undefined
    ? undefined
    : vehicle.kind === "single"
      ? role === "oil"
        ? vehicle.tank
        : undefined
      : role === "oil"
        ? vehicle.oilTank
        : vehicle.dieselTank;

/** Tanks that no other vehicle has. */
const freeTanks = (view: YardView, own: Vehicle | undefined) => {
  const taken = new Set(view.vehicles.filter((s) => s.vehicle.id !== own?.id).flatMap((s) => tanksOf(s.vehicle)));
  return view.vessels.filter((x) => x.vessel.role === "tank" && !taken.has(x.vessel.id));
};

/** A tank is there already, or is made with the vehicle by its litres. */
const tankFields = (of: Of, role: Role): Field[] => {
  const asked = (v: Values): boolean => role === "oil" || isTwo(v);
  return [
    {
      kind: "choice",
      name: `${role}Tank`,
      label: role === "oil" ? "Tank for oil, or its only tank" : "Diesel tank",
      options: (view, v) => [
        { value: NEW_TANK, name: "A new tank" },
        ...freeTanks(view, of(view, v))
          .filter((x) => role === "oil" || x.vessel.id !== v.text("oilTank"))
          .map((x) => ({ value: x.vessel.id as string, name: x.vessel.name })),
      ],
      first: (view, v) => tankOf(of(view, v), role) ?? NEW_TANK,
      asked: (_, v) => asked(v),
    },
    {
      kind: "litres",
      name: `${role}Litres`,
      label: role === "oil" ? "Litres it holds" : "Litres the diesel tank holds",
      first: () => (role === "oil" ? 60 : 40),
      asked: (_, v) => asked(v) && v.text(`${role}Tank`) === NEW_TANK,
    },
  ];
};

const USUAL_LINE_LITRES = 0.2;
const USUAL_PUMP_FLOW = 1.4;

const lineLitresOf = (v: Vehicle | undefined): number | undefined => {
  if (!v) return undefined;
  const burn = v.burnLitresPerHour / 60;
  return lineOf(v.rig, standsOf(v.rig, burn), burn, null)?.lineLitres;
};

/** A loop as it was built stays as it is, unless another arrangement, another pump or another line is asked for. */
function rigOf(v: Values, known: Vehicle | undefined): Rig {
  const asked = v.text("rig");
  const id: ShelfId = isShelfId(asked) ? asked : "plain";
  const own = known?.rig.from === id ? known.rig : rigFromShelf(shelfOf(id).id as ShelfId);
  if (!isTwo(v)) return own;
  const pumped = pumpFlowOfRig(own) === v.number("pump") ? own : withPumpFlow(own, v.number("pump"));
  const isSame = known && own === known.rig && Math.abs((lineLitresOf(known) ?? 0) - v.number("line")) < 1e-9;
  return isSame ? pumped : withLineLitres(pumped, v.number("line"), v.number("burn") / 60);
}

const vehicleFields = (of: Of): Field[] => [
  { kind: "text", name: "name", label: "Its name", first: (view, v) => of(view, v)?.name ?? "" },
  {
    kind: "choice",
    name: "kind",
    label: "It has",
    options: () => [
      { value: ONE, name: "One tank", detail: "car, tractor, generator" },
      { value: TWO, name: "Two tanks", detail: "starts on diesel" },
    ],
    first: (view, v) => of(view, v)?.kind ?? ONE,
  },
  ...tankFields(of, "oil"),
  ...tankFields(of, "diesel"),
  {
    kind: "choice",
    name: "rig",
    label: "Plumbed as",
    options: (_, v) => shelfFor(isTwo(v) ? 2 : 1).map((s) => ({ value: s.id, name: s.name, detail: s.words })),
    first: (view, v) => {
      const from = of(view, v)?.rig.from;
      const fits = shelfFor(isTwo(v) ? 2 : 1);
      return fits.find((s) => s.id === from)?.id ?? (isTwo(v) ? "loop" : "plain");
    },
  },
  { kind: "litres", name: "burn", label: "Burns in an hour", first: (view, v) => of(view, v)?.burnLitresPerHour ?? 7 },
  {
    kind: "economy",
    name: "per100",
    label: "Burns on the road",
    optional: true,
    first: (view, v) => of(view, v)?.litresPer100Km,
  },
  {
    kind: "litres",
    name: "line",
    label: "Litres in the line from valve to pump",
    first: (view, v) => lineLitresOf(of(view, v)) ?? USUAL_LINE_LITRES,
    asked: (_, v) => isTwo(v),
  },
  {
    kind: "litres",
    name: "pump",
    label: "Litres the pump moves in a minute",
    first: (view, v) => {
      const known = of(view, v);
      return known ? pumpFlowOfRig(known.rig) : USUAL_PUMP_FLOW;
    },
    asked: (_, v) => isTwo(v),
  },
  {
    kind: "number",
    name: "limit",
    label: "Its injection pump takes up to, where that is not the yard's mark",
    suffix: "mm²/s",
    optional: true,
    first: (view, v) => of(view, v)?.pumpLimitMm2PerS,
  },
  {
    kind: "celsius",
    name: "atPump",
    label: "Fuel at the pump once it runs, by a line heater or the engine",
    optional: true,
    first: (view, v) => of(view, v)?.atPumpCelsius,
  },
  {
    kind: "celsius",
    name: "gate",
    label: "Oil from, at the pump; 70 °C (158 °F) where nothing is said",
    optional: true,
    first: (view, v) => of(view, v)?.gateCelsius,
    asked: (_, v) => isTwo(v),
  },
  {
    kind: "celsius",
    name: "thermostat",
    label: "Its thermostat holds the coolant at",
    optional: true,
    first: (view, v) => of(view, v)?.thermostatCelsius,
    asked: (_, v) => isTwo(v),
  },
  {
    kind: "choice",
    name: "counted",
    label: "It is counted in",
    options: () => [
      { value: DISTANCE, name: "Distance" },
      { value: HOURS, name: "Hours", detail: "generator, stove, tractor" },
    ],
    first: (view, v) => (of(view, v)?.isStationary ? HOURS : DISTANCE),
    asked: (_, v) => !isTwo(v),
  },
  {
    kind: "choice",
    name: "starts",
    label: "It starts",
    options: () => [
      { value: BY_HAND, name: "By hand" },
      { value: BY_ITSELF, name: "By itself", detail: "locked out before it is filled" },
    ],
    first: (view, v) => (of(view, v)?.selfStarts ? BY_ITSELF : BY_HAND),
    asked: (_, v) => !isTwo(v) && v.text("counted") === HOURS,
  },
  {
    kind: "choice",
    name: "use",
    label: "It goes",
    options: () => [
      { value: ROAD, name: "On the road" },
      { value: FIELD, name: "Never on the road", detail: "dyed fuel may be for it" },
    ],
    first: (view, v) => (of(view, v)?.isOffRoad ? FIELD : ROAD),
  },
  {
    kind: "choice",
    name: "black",
    label: "Engine oil thinned with petrol",
    options: () => [
      { value: NOT_BLACK, name: "Never in it" },
      { value: BLACK, name: "It runs on such", detail: "an old engine that may wear" },
    ],
    first: (view, v) => (of(view, v)?.takesBlackBlends ? BLACK : NOT_BLACK),
    // No engine oil, no question.
    asked: (view, v) => of(view, v)?.takesBlackBlends === true || handlesEngineOil(view),
  },
  {
    kind: "choice",
    name: "trial",
    label: "New blends",
    options: () => [
      { value: GOOD, name: "Are tried elsewhere first", detail: "a good engine" },
      { value: TRY_OUT, name: "Are tried in it", detail: "it may spoil" },
    ],
    first: (view, v) => (of(view, v)?.isTryOut ? TRY_OUT : GOOD),
  },
  {
    kind: "mm",
    name: "bore",
    label: "Suction hose, inside",
    optional: true,
    first: (view, v) => of(view, v)?.suction?.boreMm,
  },
  ...suctionFields(of),
];

/** How it draws on a cold morning: asked once the hose is known. */
function suctionFields(of: Of): Field[] {
  const asked = (_: YardView, v: Values): boolean => v.maybe("bore") !== undefined;
  return [
    {
      kind: "mm",
      name: "hose",
      label: "Suction hose, long",
      first: (view, v) => of(view, v)?.suction?.lengthMm ?? 2500,
      asked,
    },
    {
      kind: "mm",
      name: "lift",
      label: "Pump above the bottom of the tank",
      first: (view, v) => of(view, v)?.suction?.liftMm ?? 300,
      asked,
    },
    {
      kind: "kpa",
      name: "pull",
      label: "The pump can pull",
      first: (view, v) => of(view, v)?.suction?.pullKPa ?? USUAL_PULL_KPA,
      asked,
    },
  ];
}

/** A lift pump of the usual kind; past it bubbles come out of the fuel. */
const USUAL_PULL_KPA = 30;

/** The vehicle, after the tanks that are made with it. */
function draftsFrom(id: string, v: Values, known: Vehicle | undefined, newId: () => string): Draft[] {
  const made: Draft[] = [];
  const tank = (role: Role, name: string) => {
    const chosen = v.text(`${role}Tank`);
    if (chosen !== NEW_TANK) return asVesselId(chosen);
    const vessel: Vessel = {
      id: asVesselId(newId()),
      name,
      role: "tank",
      ...scaledTo(TANK, v.number(`${role}Litres`)),
      look: "tank",
    };
    made.push({ kind: "vessel", data: vessel });
    return vessel.id;
  };
  const name = v.text("name");
  const engine = {
    id: asVehicleId(id),
    name,
    burnLitresPerHour: v.number("burn"),
    rig: rigOf(v, known),
    ...(v.maybe("gate") !== undefined && { gateCelsius: v.number("gate") }),
    ...(v.maybe("thermostat") !== undefined && { thermostatCelsius: v.number("thermostat") }),
    ...(v.text("counted") === HOURS && { isStationary: true }),
    ...(v.text("counted") === HOURS && v.text("starts") === BY_ITSELF && { selfStarts: true }),
    ...(v.maybe("per100") !== undefined && { litresPer100Km: v.number("per100") }),
    ...(v.maybe("limit") !== undefined && { pumpLimitMm2PerS: v.number("limit") }),
    ...(v.maybe("atPump") !== undefined && { atPumpCelsius: v.number("atPump") }),
    ...(v.text("use") === FIELD && { isOffRoad: true }),
    ...(v.text("black") === BLACK && { takesBlackBlends: true }),
    ...(v.text("trial") === TRY_OUT && { isTryOut: true }),
    ...(v.maybe("bore") !== undefined && {
      suction: {
        boreMm: v.number("bore"),
        lengthMm: v.number("hose"),
        liftMm: v.number("lift"),
        pullKPa: v.number("pull"),
      },
    }),
  };
  if (!isTwo(v)) {
    const only = tank("oil", `${name} tank`);
    return [...made, { kind: "vehicle", data: { ...engine, kind: "single", tank: only } }];
  }
  const [oilTank, dieselTank] = [tank("oil", `${name} oil`), tank("diesel", `${name} diesel`)];
  const kept = known?.kind === "dual" ? known.tanksInSeries : undefined;
  return [
    ...made,
    {
      kind: "vehicle",
      data: {
        ...engine,
        kind: "dual",
        dieselTank,
        oilTank,
        ...(kept !== undefined && known?.rig.from === v.text("rig") && { tanksInSeries: kept }),
      },
    },
  ];
}

export const addVehicle: Verb = {
  key: "add-vehicle",
  alsoCalled: ["car", "tractor", "engine", "generator", "van"],
  name: "Add a vehicle",
  letter: "e",
  group: "yard",
  fields: vehicleFields(() => undefined),
  build: (v, _, newId) => draftsFrom(newId(), v, undefined, newId),
  said: (v) => `${v.text("name")} is in the yard.`,
};

const chosen: Of = (view, v) => view.vehicles.find((s) => s.vehicle.id === v.text("vehicle"))?.vehicle;

export const changeVehicle: Verb = {
  key: "change-vehicle",
  alsoCalled: ["car", "tractor", "engine"],
  name: "Change a vehicle",
  group: "yard",
  fields: [
    {
      kind: "choice",
      name: "vehicle",
      label: "Which",
      adds: { verb: "add-vehicle", name: "Add a vehicle" },
      options: (view) => view.vehicles.map((s) => ({ value: s.vehicle.id, name: s.vehicle.name })),
      first: (view) => view.vehicles[0]?.vehicle.id,
    },
    ...vehicleFields(chosen),
  ],
  build: (v, view, newId) => draftsFrom(v.text("vehicle"), v, chosen(view, v), newId),
  said: (v) => `${v.text("name")} is changed from now on.`,
};
