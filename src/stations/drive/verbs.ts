import { tanksOf } from "@/core/ledger";
import { asVehicleId, asVesselId } from "@/core/ledger/named";
import {
  allOrSome,
  amountFields,
  fromField,
  isDieselTank,
  isThin,
  litresChips,
  mayMeet,
  mostlyOf,
  mostThatFits,
  toField,
  type Verb,
  vesselOf,
} from "@/desk/form";
import { nameOf } from "@/ui/words";
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
        return wantsThin ? (most === "diesel" ? 0 : 1) : most !== null && isThin(most) ? 1 : 0;
      },
    }),
    ...amountFields(
      (view, v) => litresChips(mostThatFits(view, v) ?? 0, 10, 20),
      (view, v) => mostThatFits(view, v),
    ),
  ],
  build: (v, view) => {
    const tank = asVesselId(v.text("to"));
    const owner = view.vehicles.find(({ vehicle }) => tanksOf(vehicle).includes(tank));
    return {
      kind: "fill",
      data: {
        vehicle: owner?.vehicle.id ?? NOBODYS,
        from: asVesselId(v.text("from")),
        to: tank,
        amount: allOrSome(v, view),
      },
    };
  },
  said: (v, view, u) => `Filled ${nameOf(view, v.text("to"))} with ${u.litres(v.number("litres"))}.`,
};

export const hours: Verb = {
  key: "hours",
  alsoCalled: ["ran", "engine", "tractor"],
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
    { kind: "minutes", name: "minutes", label: "Minutes run", first: () => 60, chips: () => [30, 60, 120] },
  ],
  build: (v, view) => {
    const found = view.vehicles.find((s) => s.vehicle.id === v.text("vehicle"))?.vehicle;
    const minutes = v.number("minutes");
    const litres = ((found?.burnLitresPerHour ?? 0) * minutes) / 60;
    return {
      kind: "trip",
      data: {
        vehicle: asVehicleId(v.text("vehicle")),
        minutes: { startOnDiesel: 0, onOil: minutes, purge: 0 },
        burned: found?.kind === "single" ? [{ from: found.tank, litres }] : [],
      },
    };
  },
  said: (v, view) => `${nameOf(view, v.text("vehicle"))} ran ${v.number("minutes")} minutes.`,
};

export const DRIVE_VERBS: readonly Verb[] = [fill, hours, addVehicle, changeVehicle];
