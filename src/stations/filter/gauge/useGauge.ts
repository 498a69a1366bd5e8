"use client";
import { useRef } from "react";
import { type GaugeReading, readGaugeLine } from "@/core/filtration/gaugeLine";
import { type Feed, useFeed } from "@/desk";

/** So many lines alike while there is pressure: it sticks. */
const ALIKE = 12;
/** Litres that fall by more than this are no rounding. */
const FALL_LITRES = 0.3;
const JUMPS = "Its litres fall: it jumps about. The highest is kept, and marks by hand are better.";

/** Listens to a gauge on the line. Every sound reading is handed on; falls, standing still and silence are said. */
export function useGauge(onReading: (r: GaugeReading) => void): Feed<GaugeReading> {
  const hand = useRef(onReading);
  hand.current = onReading;
  return useFeed({
    read: readGaugeLine,
    silent: "No word from the gauge for ten seconds. Note marks by hand.",
    listener: () => {
      let before: GaugeReading | null = null;
      let alike = 0;
      let jumped = false;
      return (read) => {
        const fell = before !== null && read.litres < before.litres - FALL_LITRES;
        alike = before !== null && read.litres === before.litres && (read.kPa ?? 1) > 0 ? alike + 1 : 0;
        const grew = before === null || read.litres > before.litres;
        if (grew) {
          before = read;
          hand.current(read);
        }
        jumped ||= fell;
        if (jumped) return JUMPS;
        if (alike >= ALIKE) return "It stands still while there is pressure: it sticks, or nothing runs.";
        return grew ? "" : null;
      };
    },
  });
}
