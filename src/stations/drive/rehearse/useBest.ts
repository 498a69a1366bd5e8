"use client";
import { useKept } from "@/desk";
import { useYard } from "@/store";

type Best = Readonly<Record<string, number>>;
const NONE: Best = {};

/** The best of each lesson on each vehicle: kept in this browser, and nowhere in the book. */
export function useBest(vehicle: string) {
  const { name } = useYard();
  const [best, keep] = useKept<Best>(`brisk-barrel-best ${name} ${vehicle}`, NONE);
  return {
    of: (lesson: string): number | null => best[lesson] ?? null,
    note: (lesson: string, points: number): void => {
      if (points > (best[lesson] ?? -1)) keep({ ...best, [lesson]: points });
    },
  };
}
