"use client";
import type { Rig } from "@/core/driving/rig";
import type { Vehicle } from "@/core/ledger";
import { useKept } from "@/desk";
import { useYard } from "@/store";

const NONE: Rig | null = null;

/** A loop that is being built: kept in the browser until it is fitted to its vehicle. */
export function useRigDraft(vehicle: Vehicle) {
  const { name } = useYard();
  const [draft, keep, forget] = useKept<Rig | null>(`brisk-barrel-rig ${name} ${vehicle.id}`, NONE);
  return {
    rig: draft ?? vehicle.rig,
    isChanged: draft !== null && JSON.stringify(draft) !== JSON.stringify(vehicle.rig),
    change: keep,
    forget,
  };
}
