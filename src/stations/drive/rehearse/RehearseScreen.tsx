"use client";
import { lazy, Suspense } from "react";
import { Bench } from "@/ui";
import { useVehicle } from "../useVehicle";

const Lessons = lazy(() => import("./Lessons").then((m) => ({ default: m.Lessons })));

/** A yard without a vehicle practises too: on one that is nobody's. */
export function RehearseScreen() {
  const state = useVehicle() ?? null;
  return (
    <Suspense
      fallback={
        <Bench title="Rehearse" subtitle="" asideLabel="About it" aside={null}>
          {null}
        </Bench>
      }
    >
      <Lessons key={state?.vehicle.id ?? "none"} own={state} />
    </Suspense>
  );
}
