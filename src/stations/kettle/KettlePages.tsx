"use client";
import { YardLink } from "@/desk";

const PAGES = [
  { key: "bench", name: "The kettle", href: "/kettle" },
  { key: "titrate", name: "Titrate", href: "/titrate" },
  { key: "plan", name: "Plan a batch", href: "/batch" },
  { key: "chemicals", name: "Chemicals", href: "/chemicals" },
  { key: "walk", name: "Walk-down", href: "/walkdown" },
  { key: "still", name: "Methanol back", href: "/still" },
  { key: "batches", name: "All batches", href: "/batches" },
] as const;

/** The pages of this station, one press apart. */
export const KettlePages = ({ here }: { here: (typeof PAGES)[number]["key"] }) => (
  <nav aria-label="More of Kettle" className="flex flex-wrap gap-x-4">
    {PAGES.filter((p) => p.key !== here).map((p) => (
      <YardLink
        key={p.key}
        href={p.href}
        className="inline-flex min-h-[var(--target)] items-center font-plate text-[17px] font-semibold text-go underline underline-offset-4"
      >
        {p.name}
      </YardLink>
    ))}
  </nav>
);
