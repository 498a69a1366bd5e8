"use client";
import { useCallback, useEffect, useMemo, useState } from "react";
import { useYard } from "@/store";
import { fileName } from "@/ui";
import type { CopyFolder } from "./CopyFolder";

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

/** Copies the yard into the folder the user picked, a little after each time something was written. */
export default function CopyKeeper({ onChange }: { onChange: (folder: CopyFolder) => void }) {
  const { client, book, view, now, refresh } = useYard();
  const [handle, setHandle] = useState<FolderHandle | null>(null);
  const [isAsleep, setAsleep] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);

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
      can: true,
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
    [handle, isAsleep, refused, keep],
  );
  useEffect(() => onChange(folder), [onChange, folder]);
  return null;
}
