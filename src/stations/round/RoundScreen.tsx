"use client";
import { useSearchParams } from "next/navigation";
import { useYard } from "@/store";
import { DriveView } from "./DriveView";
import { PlanView } from "./PlanView";
import { StopView } from "./StopView";

/** Before setting off, the plan; on the way, the stops; at a stop, the check, the count and the container. */
export function RoundScreen() {
  const { view } = useYard();
  const stop = useSearchParams().get("stop");
  if (!view.round) return <PlanView />;
  const source = view.sources.find((s) => s.source.id === stop);
  return source ? (
    <StopView key={source.source.id} source={source} round={view.round} />
  ) : (
    <DriveView round={view.round} />
  );
}
