"use client";
import { StationPages } from "@/desk";

const PAGES = [
  { key: "bench", name: "The bench", href: "/blend" },
  { key: "ways", name: "Compare the ways", href: "/ways" },
  { key: "season", name: "The months ahead", href: "/season" },
  { key: "recipes", name: "Recipes and trials", href: "/recipes" },
] as const;

/** The pages of this station; from a run sheet all of them. */
export const BlendPages = ({ here }: { here: "sheet" | (typeof PAGES)[number]["key"] }) => (
  <StationPages label="More of Blend" pages={PAGES} here={here} />
);
