"use client";
import { YardLink } from "@/desk";

const PAGES = [
  { key: "ways", name: "Compare the ways", href: "/ways" },
  { key: "season", name: "The months ahead", href: "/season" },
  { key: "recipes", name: "Recipes and trials", href: "/recipes" },
] as const;

/** The other pages of this station. */
export const BlendPages = ({ here }: { here: "bench" | "sheet" | (typeof PAGES)[number]["key"] }) => (
  <nav aria-label="More of Blend" className="flex flex-wrap gap-x-4">
    {[{ key: "bench", name: "The bench", href: "/blend" } as const, ...PAGES]
      .filter((p) => p.key !== here)
      .map((p) => (
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
