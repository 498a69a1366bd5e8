"use client";
import type { VehicleState } from "@/core/ledger";
import { LogStep } from "@/desk";
import { Button } from "@/ui";
import type { useRigDraft } from "./useRigDraft";

interface Props {
  readonly state: VehicleState;
  readonly draft: ReturnType<typeof useRigDraft>;
  readonly isSound: boolean;
}

/** What was built is the vehicle's from now on; until then it is only drawn. */
export function FitIt({ state: { vehicle }, draft, isSound }: Props) {
  if (!draft.isChanged) return <p className="mt-2 text-[14px] text-ink-2">As it is fitted. Change it below.</p>;
  const tanks = draft.rig.parts.filter((p) => p.kind === "tank").length;
  const wanted = vehicle.kind === "dual" ? 2 : 1;
  return (
    <div className="mt-2">
      {tanks === wanted ? null : (
        <p role="status" className="text-stop">
          {vehicle.name} has {wanted === 1 ? "one tank" : "two tanks"} in the yard, and this loop {tanks}. Change the
          vehicle first.
        </p>
      )}
      <LogStep
        draft={{ kind: "vehicle", data: { ...vehicle, rig: draft.rig } }}
        said={`${vehicle.name} is plumbed so from now on.`}
        action="Fit it so"
        disabled={!isSound || tanks !== wanted}
        onDone={draft.forget}
      />
      <Button look="quiet" onClick={draft.forget}>
        Back to how it is fitted
      </Button>
    </div>
  );
}
