"use client";
import { useCallback } from "react";
import { useYard } from "@/store";
import { fileName, saveFile } from "@/ui";

/** Hands the whole yard to the browser as a file, and notes that it was copied. */
export function useSaveCopy(): () => Promise<void> {
  const { client, view, now, refresh } = useYard();
  return useCallback(async () => {
    const at = now();
    const text = await client.exportFile(at);
    saveFile(`${fileName(view.settings.yardName) || "yard"}-${at.slice(0, 10)}.json`, "application/json", text);
    await client.noteCopy(at, "file").catch(() => undefined);
    await refresh();
  }, [client, view.settings.yardName, now, refresh]);
}
