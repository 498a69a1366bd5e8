"use client";
import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useState } from "react";
import { useYard } from "@/store";
import { fileName } from "@/ui";

/** How long nothing must have been written before the yard is copied: a session's entries go in one copy. */
const QUIET_MS = 8000;

/** As the browsers that have it define it; the type library of the page does not know it yet. */
interface FolderHandle extends FileSystemDirectoryHandle {
  queryPermission(what: { mode: "readwrite" }): Promise<PermissionState>;
  requestPermission(what: { mode: "readwrite" }): Promise<PermissionState>;
}
type Picker = (options: { id: string; mode: "readwrite" }) => Promise<FolderHandle>;
const pickerOf = (): Picker | null =>
  (globalThis as unknown as { showDirectoryPicker?: Picker }).showDirectoryPicker ?? null;

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

const FolderContext = createContext<CopyFolder | null>(null);

export function useCopyFolder(): CopyFolder {
  const folder = useContext(FolderContext);
  if (!folder) throw new Error("no copy folder above this component");
  return folder;
}

/** Copies the yard into the folder the user picked, a little after each time something was written. */
export function CopyFolderHost({ children }: { children: ReactNode }) {
  const { client, book, view, name: yard, now, refresh } = useYard();
  const [handle, setHandle] = useState<FolderHandle | null>(null);
  const [isAsleep, setAsleep] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  const [can, setCan] = useState(false);
  useEffect(() => setCan(pickerOf() !== null && yard === "own"), [yard]);

  useEffect(() => {
    let gone = false;
    const known = async (): Promise<void> => {
      const kept = (await client.folder()) as FolderHandle | null;
      if (gone || !kept) return;
      setHandle(kept);
      setAsleep((await kept.queryPermission({ mode: "readwrite" })) !== "granted");
    };
    known().catch(() => undefined);
    return () => {
      gone = true;
    };
  }, [client]);

  const yardFile = fileName(view.settings.yardName) || "yard";
  const due = handle !== null && !isAsleep && book.sinceCopy > 0;
  // biome-ignore lint/correctness/useExhaustiveDependencies: another entry starts the quiet time anew
  useEffect(() => {
    if (!due || !handle) return;
    const later = setTimeout(async () => {
      const copied = await client.copyInto(handle, yardFile, now()).catch((e: unknown) => ({
        ok: false as const,
        reason: String(e),
      }));
      setRefused(copied.ok ? null : copied.reason);
      await refresh().catch(() => undefined);
    }, QUIET_MS);
    return () => clearTimeout(later);
  }, [due, handle, client, yardFile, book.entries]);

  const keep = useCallback(
    async (next: FolderHandle | null): Promise<void> => {
      await client.setFolder(next);
      setHandle(next);
      setAsleep(false);
      setRefused(null);
    },
    [client],
  );
  const folder = useMemo(
    (): CopyFolder => ({
      can,
      name: handle?.name ?? null,
      isAsleep,
      refused,
      async pick() {
        const picked = await pickerOf()?.({ id: "brisk-barrel-copies", mode: "readwrite" }).catch(() => null);
        if (picked) await keep(picked);
      },
      async wake() {
        if ((await handle?.requestPermission({ mode: "readwrite" })) === "granted") setAsleep(false);
      },
      drop: () => keep(null),
    }),
    [can, handle, isAsleep, refused, keep],
  );
  return <FolderContext.Provider value={folder}>{children}</FolderContext.Provider>;
}
