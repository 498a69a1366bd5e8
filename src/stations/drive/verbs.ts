import { litresDriven } from "@/core/driving/thirst";
import { isLike } from "@/core/fluids";
import type { VehicleState } from "@/core/ledger";
import { asVehicleId, asVesselId } from "@/core/ledger/named";
import { formatMinutes } from "@/core/units";
import type { YardView } from "@/core/view";
import {
  allOrSome,
  amountFields,
  fromField,
  isDieselTank,
  isThin,
  litresChips,
  lockedOut,
  lockOutField,
  mayMeet,
  mostlyOf,
  mostThatFits,
  ownerOf,
  toField,
  type Values,
  type Verb,
  vesselOf,
} from "@/desk/form";
import { nameOf } from "@/ui/words";
import { fillAtPump, fillOnRoad, pumpOut, service } from "./roadVerbs";
import { addVehicle, changeVehicle } from "./vehicleVerbs";

/** A tank that no vehicle in the yard has: the ledger says so. */
const NOBODYS = asVehicleId("none");

export const fill: Verb = {
  key: "fill",
  alsoCalled: ["tank up", "fuel"],
  name: "Fill a vehicle",
  letter: "f",
  group: "fuel",
  caution: "No flames, engine off. Look at the label on the tank before you pour.",
  fields: [
    toField("Which tank", "fill-into", true, {
      // What is asked for first; then the tank for oil, or the only one, that has most room.
      rank: (to, view) =>
        view.advice.some((a) => a.code === "fill" && a.vessel === to.vessel.id)
          ? 0
          : isDieselTank(view, to.vessel.id)
            ? 2
            : 1,
    }),
    fromField("From", "fill-from", {
      may: (from, view, v) => mayMeet(view, from, vesselOf(view, v.text("to"))),
      meant: (from) => from.quality.water?.wet !== true,
      rank: (from, view, v) => {
        const most = mostlyOf(from);
        const wantsThin = isDieselTank(view, v.text("to"));
        return wantsThin ? (most !== null && isLike(most, "diesel") ? 0 : 1) : most !== null && isThin(most) ? 1 : 0;
      },
    }),
    ...amountFields(
      (view, v) => litresChips(mostThatFits(view, v) ?? 0, 10, 20),
      (view, v) => mostThatFits(view, v),
    ),
    lockOutField,
  ],
  build: (v, view) => {
    const tank = asVesselId(v.text("to"));
    const owner = ownerOf(view, tank);
    return {
      kind: "fill",
      data: {
        vehicle: owner?.vehicle.id ?? NOBODYS,
        from: asVesselId(v.text("from")),
        to: tank,
        amount: allOrSome(v, view),
        ...lockedOut(v),
      },
    };
  },
  said: (v, view, u) => `Filled ${nameOf(view, v.text("to"))} with ${u.litres(v.number("litres"))}.`,
};

const vehicleOf = (view: YardView, v: Values): VehicleState | undefined =>
  view.vehicles.find((s) => s.vehicle.id === v.text("vehicle"));

const isMeter = (v: Values): boolean => v.text("by") === "meter";
const knowsMeter = (view: YardView, v: Values): boolean => vehicleOf(view, v)?.hourMeter != null;

/** Minutes it ran: as typed, or as its hour meter has gone on. */
function minutesRun(view: YardView, v: Values): number {
  if (!isMeter(v)) return v.number("minutes");
  const before = v.maybe("before") ?? vehicleOf(view, v)?.hourMeter ?? 0;
  return Math.max(0, v.number("meter") - before) * 60;
}

function litresBurned(view: YardView, v: Values): number {
  const vehicle = vehicleOf(view, v)?.vehicle;
  return vehicle ? litresDriven({ km: v.maybe("km") ?? null, minutes: minutesRun(view, v) }, vehicle) : 0;
}

/** A car, a tractor or a generator with one tank: by hours, by its meter, by kilometres. */
export const hours: Verb = {
  key: "hours",
  alsoCalled: ["ran", "engine", "tractor", "generator", "drove", "kilometres"],
  name: "Engine hours",
  letter: "h",
  group: "fuel",
  fields: [
    {
      kind: "choice",
      name: "vehicle",
      label: "Which engine",
      adds: { verb: "add-vehicle", name: "Add a vehicle" },
      options: (view) =>
        view.vehicles
          .filter((s) => s.vehicle.kind === "single")
          .map((s) => ({ value: s.vehicle.id, name: s.vehicle.name })),
      first: (view) => view.vehicles.find((s) => s.vehicle.kind === "single")?.vehicle.id,
    },
    {
      kind: "choice",
      name: "by",
      label: "By",
      options: () => [
        { value: "clock", name: "Time run" },
        { value: "meter", name: "Hour meter" },
      ],
      first: (view, v) => (knowsMeter(view, v) ? "meter" : "clock"),
    },
    {
      kind: "minutes",
      name: "minutes",
      label: "It ran for",
      first: () => 60,
      chips: () => [30, 60, 120],
      asked: (_, v) => !isMeter(v),
    },
    {
      kind: "number",
      name: "before",
      label: "The meter before",
      suffix: "h",
      first: (view, v) => vehicleOf(view, v)?.hourMeter ?? undefined,
      asked: (view, v) => isMeter(v) && !knowsMeter(view, v),
    },
    { kind: "number", name: "meter", label: "The meter now", suffix: "h", asked: (_, v) => isMeter(v) },
    { kind: "km", name: "km", label: "Driven", optional: true },
    { kind: "text", name: "note", label: "How it ran: smoke, smell, power, sound", optional: true },
  ],
  wrong: (v) =>
    isMeter(v) && v.maybe("before") !== undefined && v.number("meter") < v.number("before")
      ? "The meter does not run backwards."
      : undefined,
  build: (v, view) => {
    const vehicle = vehicleOf(view, v)?.vehicle;
    const litres = litresBurned(view, v);
    return {
      kind: "trip",
      data: {
        vehicle: asVehicleId(v.text("vehicle")),
        minutes: { startOnDiesel: 0, onOil: minutesRun(view, v), purge: 0 },
        burned: vehicle?.kind === "single" && litres > 0 ? [{ from: vehicle.tank, litres }] : [],
        ...(v.maybe("km") !== undefined && { km: v.number("km") }),
        ...(isMeter(v) && { hourMeter: v.number("meter") }),
        ...(v.text("note").trim() !== "" && { note: v.text("note").trim() }),
      },
    };
  },
  said: (v, view, u) =>
    `${nameOf(view, v.text("vehicle"))} ran ${formatMinutes(minutesRun(view, v))} and burned about ${u.litres(litresBurned(view, v))}.`,
};

export const DRIVE_VERBS: readonly Verb[] = [
  fill,
  fillAtPump,
  fillOnRoad,
  pumpOut,
  hours,
  service,
  addVehicle,
  changeVehicle,
];
