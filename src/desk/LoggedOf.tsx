"use client";
import { lazy, Suspense, useState } from "react";

// The words and forms of entries come with their schemas: when somebody looks, not with every bench.
const LoggedList = lazy(() => import("./entries/LoggedList"));

/** Everything that was logged of a thing, to be corrected or voided where it is seen. */
export function LoggedOf({ id, name }: { id: string; name: string }) {
  const [open, setOpen] = useState(false);
  return (
    <details className="mt-4" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[18px] font-semibold">
        Everything logged of {name}
      </summary>
      {open ? (
        <Suspense>
          <LoggedList id={id} />
        </Suspense>
      ) : null}
    </details>
  );
}
