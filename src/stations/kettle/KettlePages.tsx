"use client";
import { StationPages } from "@/desk";

const PAGES = [
  { key: "bench", name: "The kettle", href: "/kettle" },
  { key: "titrate", name: "Titrate", href: "/titrate" },
  { key: "plan", name: "Plan a batch", href: "/batch" },
  { key: "chemicals", name: "Chemicals", href: "/chemicals" },
  { key: "walk", name: "Walk-down", href: "/walkdown" },
  { key: "still", name: "Methanol back", href: "/still" },
  { key: "batches", name: "All batches", href: "/batches" },
] as const;

/** The pages of this station. */
export const KettlePages = ({ here }: { here: (typeof PAGES)[number]["key"] }) => (
  <StationPages label="More of Kettle" pages={PAGES} here={here} />
);
