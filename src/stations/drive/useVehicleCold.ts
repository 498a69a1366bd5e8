"use client";
import { useMemo } from "react";
import type { VehicleState } from "@/core/ledger";
import { type VehicleCold, vehicleCold } from "@/core/readings/drive/vehicleCold";
import { useYard } from "@/store";

/** A vehicle on tonight's low, by the same words as the advice. */
export function useVehicleCold(state: VehicleState): VehicleCold {
  const { view } = useYard();
  const { vessels, settings, fluids } = view;
  return useMemo(
    () => vehicleCold(state, { tank: (id) => vessels.find((v) => v.vessel.id === id), settings, fluids }),
    [state, vessels, settings, fluids],
  );
}
