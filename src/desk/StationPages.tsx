"use client";
import { YardLink } from "./links";

export interface StationPage {
  readonly key: string;
  readonly name: string;
  readonly href: string;
}

/** A station's other pages, one press apart. */
export const StationPages = ({
  label,
  pages,
  here,
}: {
  label: string;
  pages: readonly StationPage[];
  here: string;
}) => (
  <nav aria-label={label} className="flex flex-wrap gap-x-4">
    {pages
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
