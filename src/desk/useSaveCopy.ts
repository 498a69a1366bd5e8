"use client";
import { useCallback } from "react";
import { toast } from "sonner";
import { useYard } from "@/store";
import { fileName, saveFile } from "@/ui";

/**
 * Hands the whole yard to the browser as a file, and asks whether it arrived: a download that was refused, or that nobody
 * finds again, is no copy.
 */
export function useSaveCopy(): () => Promise<void> {
  const { client, view, now, refresh, book } = useYard();
  const { entries } = book;
  return useCallback(async () => {
    const at = now();
    const text = await client.exportFile(at);
    saveFile(`${fileName(view.settings.yardName) || "yard"}-${at.slice(0, 10)}.json`, "application/json", text);
    const keep = async (): Promise<void> => {
      await client.noteCopy(at, "file", entries).catch(() => undefined);
      await refresh();
    };
    toast("The browser was handed the file. Is it where you will find it again?", {
      duration: Number.POSITIVE_INFINITY,
      action: { label: "It is kept", onClick: () => void keep() },
      cancel: { label: "It did not come", onClick: () => undefined },
    });
  }, [client, view.settings.yardName, now, refresh, entries]);
}
