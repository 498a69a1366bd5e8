import { ARRANGEMENT_IDS, type ArrangementId, arrangementOf } from "@/core/driving";
import { tanksOf } from "@/core/ledger";
import { asVehicleId, asVesselId } from "@/core/ledger/named";
import { allOrSome, amountFields, fromField, litresChips, mostThatFits, toField, type Verb } from "@/desk/form";
import { nameOf } from "@/ui/words";

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
    toField("Which tank", "fill-into", true),
    fromField("From", "fill-from"),
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

export const addVehicle: Verb = {
  key: "add-vehicle",
  alsoCalled: ["car", "tractor", "engine"],
  name: "Add a vehicle",
  letter: "e",
  group: "yard",
  fields: [
    { kind: "text", name: "name", label: "Its name" },
    {
      kind: "choice",
      name: "oilTank",
      label: "Oil tank (or the only tank)",
      options: (view) =>
        view.vessels.filter((x) => x.vessel.role === "tank").map((x) => ({ value: x.vessel.id, name: x.vessel.name })),
      first: (view) => view.vessels.find((x) => x.vessel.role === "tank")?.vessel.id,
    },
    {
      kind: "choice",
      name: "dieselTank",
      label: "Diesel tank",
      options: (view, v) => [
        { value: "none", name: "One tank only" },
        ...view.vessels
          .filter((x) => x.vessel.role === "tank" && x.vessel.id !== v.text("oilTank"))
          .map((x) => ({ value: x.vessel.id, name: x.vessel.name })),
      ],
      first: () => "none",
    },
    {
      kind: "choice",
      name: "returnTo",
      label: "Return on oil",
      options: () => ARRANGEMENT_IDS.map((id) => ({ value: id, name: arrangementOf(id).name })),
      first: () => ARRANGEMENT_IDS[0],
    },
    { kind: "number", name: "burn", label: "Burns", suffix: "L/h", first: () => 7 },
    { kind: "number", name: "per100", label: "On 100 km", suffix: "L", optional: true },
    { kind: "number", name: "line", label: "In the line", suffix: "L", first: () => 0.2 },
    { kind: "number", name: "pump", label: "Pump", suffix: "L/min", first: () => 1.4 },
  ],
  build: (v, _, newId) => {
    const engine = {
      id: asVehicleId(newId()),
      name: v.text("name"),
      burnLitresPerHour: v.number("burn"),
      ...(v.maybe("per100") !== undefined && { litresPer100Km: v.number("per100") }),
    };
    if (v.text("dieselTank") === "none")
      return { kind: "vehicle", data: { ...engine, kind: "single", tank: asVesselId(v.text("oilTank")) } };
    const returnTo = v.text("returnTo") as ArrangementId;
    return {
      kind: "vehicle",
      data: {
        ...engine,
        kind: "dual",
        dieselTank: asVesselId(v.text("dieselTank")),
        oilTank: asVesselId(v.text("oilTank")),
        returnTo,
        lineLitres: v.number("line"),
        pumpLitresPerMinute: v.number("pump"),
        tanksInSeries: arrangementOf(returnTo).usualTanksInSeries,
      },
    };
  },
  said: (v) => `${v.text("name")} is in the yard.`,
};

export const DRIVE_VERBS: readonly Verb[] = [fill, hours, addVehicle];
