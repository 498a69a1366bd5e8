"use client";
import type { WaysTask } from "@/core/costs";
import { Why } from "@/desk";
import { useYard } from "@/store";
import { waysInputOf } from "./waysInputOf";

/** Why the cheapest is that. */
export function WaysWhy({ task }: { task: WaysTask }) {
  const { view } = useYard();
  return (
    <Why
      name="ways"
      input={waysInputOf(task, view)}
      readings="your prices where you gave them, and what each way takes with you."
    />
  );
}
