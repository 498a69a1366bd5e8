import { purgeResidual } from "@/core/driving";
import { loopOf } from "@/core/ledger";
import { upkeepOf } from "@/core/readings/drive/upkeep";
import { MS_PER_DAY, MS_PER_HOUR } from "@/core/units";
import type { Dice } from "./dice";
import type { Line } from "./things";
import { tenth, type Writer } from "./writer";

/** One week of driving: fuel bought, tanks filled, four trips of the flatbed and one job of the tractor. */
export function vehicleWeek(w: Writer, line: Line, d: Dice, monday: number, outside: number, trips = 4): void {
  buy(w, line, monday + 7 * MS_PER_HOUR);
  fillTanks(w, line, d, monday + 12 * MS_PER_HOUR);
  for (let i = 0; i < trips; i++) flatbedTrip(w, line, d, monday + (i + 1) * MS_PER_DAY + 8 * MS_PER_HOUR, outside);
  tractorJob(w, line, d, monday + 5 * MS_PER_DAY + 10 * MS_PER_HOUR, outside);
  for (const name of ["flatbed", "tractor"]) lookAfter(w, line, name, monday + 5 * MS_PER_DAY + 15 * MS_PER_HOUR);
}

/** On a Saturday afternoon whatever is due is done. */
function lookAfter(w: Writer, line: Line, name: string, atMs: number): void {
  const state = w.yard.vehicles.get(line.vehicle(name));
  if (!state) return;
  for (const due of upkeepOf(state, new Date(atMs).toISOString()))
    if (due.share >= 1)
      w.write(atMs, {
        kind: "service",
        data: {
          vehicle: state.vehicle.id,
          what: due.what,
          ...(due.what === "filter" && { found: due.isEarly ? "black" : "used", sparesAboard: 2 }),
        },
      });
}

function buy(w: Writer, line: Line, atMs: number): void {
  const [diesel, kerosene] = [line.id("diesel-can"), line.id("kerosene-can")];
  if (w.litres(diesel) < 10)
    w.write(atMs, { kind: "purchase", data: { to: diesel, fluid: "diesel", amount: { litres: 18 }, paid: 30.4 } });
  if (w.litres(kerosene) < 8)
    w.write(atMs, { kind: "purchase", data: { to: kerosene, fluid: "kerosene", amount: { litres: 18 }, paid: 21.2 } });
}

function fillTanks(w: Writer, line: Line, d: Dice, atMs: number): void {
  const { vehicle, id } = line;
  if (w.litres(id("flatbed-diesel")) < 30 && w.litres(id("diesel-can")) > 9.5)
    w.write(atMs, {
      kind: "fill",
      data: { vehicle: vehicle("flatbed"), from: id("diesel-can"), to: id("flatbed-diesel"), amount: { litres: 9 } },
    });
  const oil = tenth(Math.min(w.room(id("flatbed-oil")) - 3, w.litres(id("ready")) - 12));
  if (oil > 15)
    w.write(atMs + MS_PER_HOUR, {
      kind: "fill",
      data: { vehicle: vehicle("flatbed"), from: id("ready"), to: id("flatbed-oil"), amount: { litres: oil } },
    });
  const share = d.between(0.3, 0.4);
  const room = Math.min(w.room(id("tractor-tank")) - 8, 22);
  if (w.litres(id("tractor-tank")) < 36 && w.litres(id("ready")) > 25 && w.litres(id("kerosene-can")) > room * share)
    w.write(atMs + 2 * MS_PER_HOUR, {
      kind: "blend",
      data: {
        to: id("tractor-tank"),
        parts: [
          { from: id("ready"), amount: { litres: tenth(room * (1 - share)) } },
          { from: id("kerosene-can"), amount: { litres: tenth(room * share) } },
        ],
      },
    });
}

export function flatbedTrip(w: Writer, line: Line, d: Dice, atMs: number, outside: number, returnedLitres = 0): void {
  const flatbed = w.yard.vehicles.get(line.vehicle("flatbed"))?.vehicle;
  if (flatbed?.kind !== "dual") return;
  const { line: purged, burnLitresPerMinute: burn } = loopOf(flatbed);
  const minutes = { startOnDiesel: d.whole(8, 13), onOil: d.whole(45, 95), purge: d.whole(5, 7) };
  const used = {
    dieselBurned: burn * (minutes.startOnDiesel + minutes.purge),
    oilBurned: burn * minutes.onOil,
    residualOilShare: purged ? purgeResidual(purged, minutes.purge) : 0,
  };
  if (
    w.litres(flatbed.oilTank) < used.oilBurned + returnedLitres + 1 ||
    w.litres(flatbed.dieselTank) < used.dieselBurned + 2
  )
    return;
  w.write(atMs, {
    kind: "trip",
    data: {
      vehicle: flatbed.id,
      km: Math.round((minutes.startOnDiesel + minutes.onOil + minutes.purge) * d.between(0.6, 0.75)),
      outsideCelsius: outside,
      minutes,
      burned: [
        { from: flatbed.dieselTank, litres: used.dieselBurned },
        { from: flatbed.oilTank, litres: used.oilBurned },
      ],
      ...(returnedLitres > 0 && {
        moved: [{ from: flatbed.oilTank, to: flatbed.dieselTank, litres: returnedLitres }],
      }),
      forecast: { residualShare: used.residualOilShare },
    },
  });
}

function tractorJob(w: Writer, line: Line, d: Dice, atMs: number, outside: number): void {
  const litres = tenth(d.between(6, 11));
  const tank = line.id("tractor-tank");
  if (w.litres(tank) < litres + 3) return;
  w.write(atMs, {
    kind: "trip",
    data: {
      vehicle: line.vehicle("tractor"),
      outsideCelsius: outside,
      minutes: { startOnDiesel: 0, onOil: Math.round(litres * 12), purge: 0 },
      burned: [{ from: tank, litres }],
    },
  });
}
