import { formatMillimetres } from "@/core/units";
import type { DrawPlan } from "./drawPlan";

/** Why a draw must be stopped when it ends. */
export const endWords = (plan: DrawPlan, into: string): string =>
  plan.end.because === "line" ? `the line at ${formatMillimetres(plan.lineMm)}` : `${into} is full`;
