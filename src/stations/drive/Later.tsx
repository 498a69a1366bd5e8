"use client";
import { type ComponentType, Suspense } from "react";
import type { VehicleState } from "@/core/ledger";
import { Bench } from "@/ui";
import { NoVehicle } from "./NoVehicle";
import { useVehicle } from "./useVehicle";

interface Props {
  readonly title: string;
  /** Loaded when it is shown: what it reckons with is not for the first sight of a page. */
  readonly of: ComponentType<{ readonly state: VehicleState }>;
}

/** A page of one vehicle, whose bench comes after the page is drawn. */
export function Later({ title, of: Of }: Props) {
  const state = useVehicle();
  if (!state) return <NoVehicle title={title} />;
  return (
    <Suspense
      fallback={
        <Bench title={title} subtitle={state.vehicle.name} asideLabel={title} aside={null}>
          {null}
        </Bench>
      }
    >
      <Of key={state.vehicle.id} state={state} />
    </Suspense>
  );
}
