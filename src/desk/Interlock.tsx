"use client";
import { lazy, Suspense } from "react";
import type { DraftClearance } from "@/core/clearance";

const SaidOfStep = lazy(() => import("./SaidOfStep"));

/** The gates' word on a step: why it is not offered or what it needs first, and what speaks against it without forbidding it. */
export function Interlock({ clearance }: { clearance: DraftClearance | null }) {
  if (!clearance || isSilent(clearance)) return null;
  return (
    <Suspense>
      <SaidOfStep clearance={clearance} />
    </Suspense>
  );
}

/** Nothing is said of it: there is nothing to keep in sight. */
export const isSilent = (c: DraftClearance | null): boolean =>
  c === null || (c.refusals.length === 0 && c.needs.length === 0 && c.warnings.length === 0);
