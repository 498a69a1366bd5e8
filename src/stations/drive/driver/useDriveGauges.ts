"use client";
import { useRef } from "react";
import { type DriveDoubt, type DriveReading, doubtOfReading, readDriveLine } from "@/core/driving/gaugeLine";
import { type Feed, useFeed } from "@/desk";

const DOUBT_WORDS: Readonly<Record<DriveDoubt, string>> = {
  jumps: "A gauge jumps further than anything warms: that look is left out.",
  "stands-still": "The coolant has stood still to a tenth for minutes: the gauge sticks, or its sensor hangs in air.",
  "too-hot": "A gauge reads what cannot be: that look is left out.",
  "fuel-over-coolant": "Fuel hotter than the coolant that warms it: one of the two gauges is wrong.",
  "runs-back": "The gauges' own clock runs back: they were switched off and on.",
};
const KEPT = 400;

interface Asked {
  readonly hasHeater: boolean;
  readonly thermostatCelsius: number;
  readonly onReading: (r: DriveReading) => void;
}

/** Listens to a vehicle's gauges. What cannot be so is said, and not believed. */
export function useDriveGauges(asked: Asked): Feed<DriveReading> {
  const latest = useRef(asked);
  latest.current = asked;
  return useFeed({
    read: readDriveLine,
    silent: "No word from the gauges for ten seconds. The model goes on; look yourself.",
    listener: () => {
      let before: DriveReading[] = [];
      return (read) => {
        const doubt = doubtOfReading(before, read, latest.current);
        // A gauge that was switched on again begins a row of its own.
        if (doubt === "runs-back") before = [];
        if (doubt !== null && doubt !== "stands-still") return DOUBT_WORDS[doubt];
        before = [...before, read].slice(-KEPT);
        if (doubt === null) latest.current.onReading(read);
        return doubt === null ? "" : DOUBT_WORDS[doubt];
      };
    },
  });
}
