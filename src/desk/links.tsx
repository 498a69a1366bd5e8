"use client";
import Link from "next/link";
import type { ReactNode } from "react";
import { useYard } from "@/store";

/** An address inside the open yard: the demo stays the demo from page to page. */
export function useHref(): (path: string) => string {
  const { name } = useYard();
  return (path) => (name === "own" ? path : `${path}${path.includes("?") ? "&" : "?"}demo=1`);
}

interface Props {
  readonly href: string;
  readonly className?: string;
  readonly label?: string;
  readonly here?: boolean;
  /** In place of this page in the browser's history. */
  readonly replace?: boolean;
  readonly children: ReactNode;
}

export function YardLink({ href, className, label, here, replace = false, children }: Props) {
  const to = useHref();
  return (
    <Link
      {...(replace && { replace })}
      href={to(href)}
      className={className}
      aria-label={label}
      aria-current={here ? "page" : undefined}
    >
      {children}
    </Link>
  );
}
