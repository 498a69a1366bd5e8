"use client";
import { createContext, lazy, type ReactNode, Suspense, useContext, useEffect, useState } from "react";
import { useYard } from "@/store";

// Only a browser that can write into folders has use for it.
const CopyKeeper = lazy(() => import("./CopyKeeper"));

export interface CopyFolder {
  /** Whether this browser can write into a folder at all. */
  readonly can: boolean;
  readonly name: string | null;
  /** A folder is chosen, but the browser wants to be asked again before it writes there. */
  readonly isAsleep: boolean;
  /** Why the last copy was not made. */
  readonly refused: string | null;
  pick(): Promise<void>;
  wake(): Promise<void>;
  drop(): Promise<void>;
}

const nothing = async (): Promise<void> => undefined;
/** A browser that cannot, or the demo, which is nobody's to lose. */
const NONE: CopyFolder = {
  can: false,
  name: null,
  isAsleep: false,
  refused: null,
  pick: nothing,
  wake: nothing,
  drop: nothing,
};

const FolderContext = createContext<CopyFolder>(NONE);

export const useCopyFolder = (): CopyFolder => useContext(FolderContext);

/** Keeps copies of the yard in a folder of the user's, where this browser can. */
export function CopyFolderHost({ children }: { children: ReactNode }) {
  const { name } = useYard();
  const [can, setCan] = useState(false);
  const [folder, setFolder] = useState<CopyFolder>(NONE);
  useEffect(() => {
    const could = "showDirectoryPicker" in globalThis && name === "own";
    setCan(could);
    if (!could) setFolder(NONE);
  }, [name]);
  return (
    <FolderContext.Provider value={folder}>
      {children}
      {can ? (
        <Suspense>
          <CopyKeeper onChange={setFolder} />
        </Suspense>
      ) : null}
    </FolderContext.Provider>
  );
}
