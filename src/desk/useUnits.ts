"use client";
import { useMemo } from "react";
import { useYard } from "@/store";
import { type Units, unitsOf } from "@/ui/words";

export function useUnits(): Units {
  const { settings } = useYard().view;
  return useMemo(() => unitsOf(settings), [settings]);
}
