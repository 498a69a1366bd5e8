import type { PurgeReading, Service, WarmUpReading } from "../driving";
import type { RigChecks } from "./kinds/rigTest";
import type { Vehicle } from "./kinds/vehicle";
import type { RanOn, Shares } from "./ranOn";
import type { Noticed } from "./schema/tripNote";

export interface ServiceState {
  readonly at: string;
  readonly what: Service;
  readonly part: string | null;
  readonly found: "clean" | "used" | "black" | null;
  readonly km: number;
  readonly hours: number;
}

/** A trip as it is looked back on. */
export interface TripPast {
  readonly at: string;
  readonly km: number | null;
  readonly litres: number;
  readonly minutes: number;
  readonly outsideCelsius: number | null;
  /** What it burned, by what that is to an engine. */
  readonly shares: Shares;
  readonly heated: boolean;
  /** How the engine ran. */
  readonly noticed: readonly Noticed[];
}

export interface VehicleState {
  readonly vehicle: Vehicle;
  readonly km: number;
  readonly trips: number;
  readonly lastTripAt: string | null;
  /** What its hour meter read last, where it has one that somebody reads. */
  readonly hourMeter: number | null;
  /** Oil still at the pump when it last stopped, 0 to 1; a single tank has none to purge. */
  readonly residualOilShare: number | null;
  /** Litres burned on trips whose kilometres are known, and those kilometres. */
  readonly measuredLitres: number;
  readonly measuredKm: number;
  /** Kilometres driven on each fuel, by its share of the litres of each trip. */
  readonly kmOn: Readonly<Record<string, number>>;
  /** What its odometer read last, with kilometres told since. */
  readonly odometerKm: number | null;
  /** Its fuel loop as it was tried on the bench; null: not yet, or not told. */
  readonly rigTest: {
    readonly at: string;
    readonly checks: RigChecks;
    readonly tripCelsius?: number | undefined;
    readonly resetCelsius?: number | undefined;
  } | null;
  /** What was done to it, oldest first, with the kilometres and hours it had run then. */
  readonly services: readonly ServiceState[];
  /** Spare filters aboard; null where nobody counts them. */
  readonly sparesAboard: number | null;
  /** Over its filter as a gauge read it last; null since it was changed. */
  readonly lastDropKPa: number | null;
  /** Hours that it ran, by its trips. */
  readonly hours: number;
  /** When it first burned oil, and how far it had run. */
  readonly oilSince: { readonly at: string; readonly km: number; readonly hours: number } | null;
  /** Its latest trips, oldest first; how its coolant warmed on them, and how long it was until a purge was heard. */
  readonly past: readonly TripPast[];
  readonly warmUps: readonly WarmUpReading[];
  readonly purges: readonly PurgeReading[];
  /** Mixes that it has burned, the latest last. */
  readonly ranOn: readonly RanOn[];
}

/** A vehicle of which nothing but how it is made is known. */
export const freshVehicle = (vehicle: Vehicle): VehicleState => ({
  vehicle,
  km: 0,
  trips: 0,
  lastTripAt: null,
  hourMeter: null,
  residualOilShare: null,
  measuredLitres: 0,
  measuredKm: 0,
  kmOn: {},
  odometerKm: null,
  rigTest: null,
  services: [],
  sparesAboard: null,
  lastDropKPa: null,
  hours: 0,
  oilSince: null,
  past: [],
  warmUps: [],
  purges: [],
  ranOn: [],
});
