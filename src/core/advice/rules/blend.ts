import type { WayId } from "../../costs";
import { tanksOf, type VehicleId } from "../../ledger";
import type { YardReading } from "../../readings";
import { worthFiring } from "../../readings/blend/ways";
import { marksOf } from "../../readings/drive/vehicleCold";
import type { Advice, Rule } from "../advice";

export type BlendMatter =
  /** A petrol blend has stood, or will have: what fell out is drained then. */
  | { readonly code: "drain-blend"; readonly litres: number; readonly expectedLitres: number | null }
  | { readonly code: "jar-blend" }
  /** A black blend: no jar of it is ever clear. */
  | { readonly code: "drop-blend" }
  /** What it starts on lies unmixed, and the lowest of it is too thick for tonight. */
  | {
      readonly code: "drive-to-mix";
      readonly vehicle: VehicleId;
      readonly litres: number;
      readonly nuMm2PerS: number;
      readonly limitMm2PerS: number;
    }
  /** A kit that stands idle pays at today's price. */
  | {
      readonly code: "fire-up";
      readonly way: WayId;
      readonly perLitre: number;
      readonly savesPerLitre: number;
      readonly pumpPrice: number;
      readonly paysAbove: number | null;
    };

const WORTH_LITRES = 0.5;

/** A petrol blend in its can: it stands, is drained, and a jar of it is held to the light, before it goes anywhere. */
function petrolBlends({ vessels, gums }: YardReading): Advice[] {
  return vessels.flatMap(({ state, standing }): Advice[] => {
    const { petrol, litres } = standing;
    const { id, role } = state.vessel;
    if (!petrol || role !== "blend" || litres < WORTH_LITRES) return [];
    const common = { station: "blend" as const, vessel: id, dueAt: petrol.standsUntil };
    if (!petrol.drained) {
      const expectedLitres = gums.fullShare === null ? null : gums.fullShare * litres;
      return [{ ...common, id: `drain-blend ${id}`, code: "drain-blend", litres, expectedLitres }];
    }
    if (petrol.clear) return [];
    const code = petrol.isDark ? "drop-blend" : "jar-blend";
    return [{ ...common, id: `${code} ${id}`, code }];
  });
}

/** Oil that was poured below and not driven lies where a cold pump draws. */
function unmixed({ vehicles, byId, settings, now }: YardReading): Advice[] {
  return vehicles.flatMap(({ vehicle }): Advice[] => {
    const [start] = tanksOf(vehicle);
    const lowest = byId.get(start)?.standing.unmixed?.[0];
    const limitMm2PerS = marksOf(settings, vehicle).pumpLimitMm2PerS;
    if (!lowest || lowest.nuMm2PerS <= limitMm2PerS) return [];
    const { litres, nuMm2PerS } = lowest;
    return [
      {
        id: `drive-to-mix ${vehicle.id}`,
        code: "drive-to-mix",
        dueAt: now,
        station: "drive",
        vessel: start,
        vehicle: vehicle.id,
        litres,
        nuMm2PerS,
        limitMm2PerS,
      },
    ];
  });
}

function mothballed(reading: YardReading): Advice[] {
  const { now, vessels, settings } = reading;
  const yard = { ...reading, at: now, vessels: vessels.map((v) => v.view) };
  return worthFiring(yard).map(
    ({ id, savesPerLitre, way }): Advice => ({
      id: `fire-up ${id}`,
      code: "fire-up",
      dueAt: now,
      station: "blend",
      way: id,
      perLitre: way.perLitre,
      savesPerLitre,
      pumpPrice: reading.prices.diesel?.pricePerLitre ?? settings.fuelPricePerLitre,
      paysAbove: way.pumpPrice,
    }),
  );
}

export const BLEND_RULES: readonly Rule[] = [
  { rank: 20, advise: petrolBlends },
  { rank: 21, advise: mothballed },
  { rank: 22, advise: unmixed },
];
