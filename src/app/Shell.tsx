"use client";
import { usePathname } from "next/navigation";
import type { ReactNode } from "react";
import { YardProvider } from "@/store";
import { Hatches } from "@/ui/drawing/Hatches";
import { LogHost } from "./LogHost";
import { Waiting } from "./Waiting";
import { YardFrame } from "./YardFrame";

const makeDemo = async (nowMs: number) => (await import("@/demo/client")).makeDemoYard(nowMs);

/** Opens the yard and puts the frame round the station. Pages that need no yard stand by themselves. */
export function Shell({ children }: { children: ReactNode }) {
  const path = usePathname();
  if (path === "/_not-found") return children;
  return (
    <YardProvider
      makeDemo={makeDemo}
      waiting={<Waiting />}
      failed={(reason) => (
        <main className="p-6">
          <h1 className="text-2xl">The yard could not be opened</h1>
          <p>
            The browser said: {reason}. Nothing was changed. A private window keeps no data; a full disk cannot either.
          </p>
        </main>
      )}
    >
      <Hatches />
      <LogHost>
        <YardFrame>{children}</YardFrame>
      </LogHost>
    </YardProvider>
  );
}
