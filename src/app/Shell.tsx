"use client";
import { usePathname } from "next/navigation";
import type { ReactNode } from "react";
import { CopyFolderHost } from "@/desk";
import { YardProvider } from "@/store";
import { Hatches } from "@/ui/drawing/Hatches";
import { LogHost } from "./LogHost";
import { OneAddress } from "./OneAddress";
import { Waiting } from "./Waiting";
import { YardFrame } from "./YardFrame";

const makeDemo = async (nowMs: number) => (await import("@/demo/client")).makeDemoYard(nowMs);

/** Opens the yard and puts the frame round the station. Pages that need no yard stand by themselves. */
export function Shell({ children }: { children: ReactNode }) {
  const path = usePathname();
  if (path === "/_not-found") return children;
  return (
    <OneAddress>
      <YardProvider makeDemo={makeDemo} waiting={(opening, name) => <Waiting opening={opening} name={name} />}>
        <Hatches />
        <CopyFolderHost>
          <LogHost>
            <YardFrame>{children}</YardFrame>
          </LogHost>
        </CopyFolderHost>
      </YardProvider>
    </OneAddress>
  );
}
