"use client";
import { useState } from "react";
import { type OneChange, oneChange } from "@/core/driving";
import type { TripPast, VehicleState } from "@/core/ledger";
import { formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { SelectField } from "@/ui";
import { fullDay, type Units } from "@/ui/words";
import { onTheRoad } from "@/ui/words/economy";

const WAYS = {
  heater: "Heater on or off",
  share: "Less or more oil in it",
  cold: "Colder or warmer outside",
  day: "Before and after a day",
} as const;
type Way = keyof typeof WAYS;

const oilIn = (t: TripPast): number => (t.shares.vegetable ?? 0) + (t.shares.fat ?? 0) + (t.shares.engine ?? 0);
const LEAST_KM = 3;

/** Litres on a hundred kilometres, or an hour of a machine that goes nowhere. */
const thirst = (t: TripPast, byHour: boolean): number | null => {
  if (byHour) return t.minutes > 5 ? t.litres / (t.minutes / 60) : null;
  return t.km !== null && t.km >= LEAST_KM ? (100 * t.litres) / t.km : null;
};

function middleOf(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}

/** The trips in two heaps that differ in one thing. */
function heaps(past: readonly TripPast[], way: Way, day: string): readonly [TripPast[], TripPast[], string, string] {
  const split = (is: (t: TripPast) => boolean, a: string, b: string) =>
    [past.filter((t) => !is(t)), past.filter(is), a, b] as const;
  switch (way) {
    case "heater":
      return split((t) => t.heated, "heater off", "heater on");
    case "share": {
      const middle = middleOf(past.map(oilIn));
      return split((t) => oilIn(t) > middle, `up to ${Math.round(middle * 100)} % oil`, "more");
    }
    case "cold": {
      const known = past.filter((t) => t.outsideCelsius !== null);
      const middle = middleOf(known.map((t) => t.outsideCelsius ?? 0));
      const isCold = (t: TripPast): boolean => (t.outsideCelsius ?? 0) <= middle;
      return [known.filter(isCold), known.filter((t) => !isCold(t)), "in the colder half", "in the warmer half"];
    }
    case "day":
      return split((t) => t.at >= day, `before ${day === "" ? "" : fullDay(day)}`, "from then on");
  }
}

/** Whether one change made a difference beyond this vehicle's own scatter. */
export function OneChangeTrial({ state }: { state: VehicleState }) {
  const units = useUnits();
  const [way, setWay] = useState<Way>("share");
  const byHour = state.vehicle.isStationary === true;
  const { past } = state;
  const days = past.slice(3, -2).map((t) => t.at);
  const [day, setDay] = useState(days[Math.floor(days.length / 2)] ?? "");
  const [a, b, nameA, nameB] = heaps(past, way, day);
  const thirsts = (of: readonly TripPast[]): number[] => of.flatMap((t) => thirst(t, byHour) ?? []);
  const [first, second] = [thirsts(a), thirsts(b)];
  const enough = first.length >= 3 && second.length >= 3;
  const result = enough ? oneChange(first, second) : null;
  return (
    <section aria-labelledby="change-title" className="mt-4 max-w-[760px]">
      <h2 id="change-title" className="text-xl">
        Did one change make a difference?
      </h2>
      <div className="grid gap-2 md:grid-cols-2">
        <SelectField
          label="Trips that differ in"
          value={way}
          onChange={(w) => setWay(w as Way)}
          options={(Object.keys(WAYS) as Way[]).map((w) => ({ value: w, name: WAYS[w] }))}
        />
        {way === "day" && days.length > 0 ? (
          <SelectField
            label="The day it was changed"
            value={day}
            onChange={setDay}
            options={[...new Set(days)].map((d) => ({ value: d, name: fullDay(d) }))}
          />
        ) : null}
      </div>
      <p className="mt-2" role="status">
        {result
          ? verdict(result, nameA, nameB, units, byHour)
          : `There are ${first.length} trips ${nameA} and ${second.length} ${nameB} with their ${byHour ? "hours" : "kilometres"} in the book: three of each at the least tell anything.`}
      </p>
    </section>
  );
}

function verdict(r: OneChange, nameA: string, nameB: string, u: Units, byHour: boolean): string {
  const say = (litres: number): string => (byHour ? u.litresPerHour(litres) : onTheRoad(litres, u));
  const both = `${nameA.replace(/^./, (c) => c.toUpperCase())}, ${r.first.trips} trips: ${say(r.first.mean)}; ${nameB}, ${r.second.trips} trips: ${say(r.second.mean)}.`;
  const chance = `Chance alone makes as much in ${formatNumber(100 * r.byChance, r.byChance < 0.1 ? 1 : 0)} of 100 cases`;
  return r.isReal
    ? `${both} That is more than this vehicle's own scatter. ${chance}.`
    : `${both} That is within this vehicle's own scatter: nothing is shown. ${chance}.`;
}
