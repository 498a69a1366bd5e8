import type { ReactNode } from "react";

/** A caution, at the step it belongs to. */
export function Caution({ children }: { children: ReactNode }) {
  return (
    <p className="rounded-md border-2 border-warn bg-warn-floor px-3 py-2 text-[14px] text-ink">
      <b className="text-warn">Take care: </b>
      {children}
    </p>
  );
}
