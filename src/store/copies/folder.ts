import { readYardFile } from "@/core/formats";
import type { BookState } from "../bookState";
import type { YardSession } from "../session";
import { copiesToDrop, copyName } from "./generations";

/** Of a folder that the user picked, what copying needs. */
export type CopyFolder = Pick<FileSystemDirectoryHandle, "getFileHandle" | "removeEntry" | "keys" | "name">;

export type FolderReport =
  | { readonly ok: true; readonly name: string; readonly book: BookState }
  | { readonly ok: false; readonly reason: string };

/**
 * Writes the whole yard as a new file into a folder, reads it back and checks it, and only then lets go of copies that
 * are old and many.
 */
export async function copyInto(
  folder: CopyFolder,
  session: Pick<YardSession, "exportFile" | "noteCopy">,
  yard: string,
  now: string,
): Promise<FolderReport> {
  try {
    const text = await session.exportFile(now);
    const name = copyName(yard, now);
    const file = await folder.getFileHandle(name, { create: true });
    const out = await file.createWritable();
    await out.write(text);
    await out.close();
    const back = await (await file.getFile()).text();
    if (back !== text || !readYardFile(back).ok)
      return { ok: false, reason: "the copy did not read back as it was written" };
    const names: string[] = [];
    for await (const known of folder.keys()) names.push(known);
    for (const old of copiesToDrop(names, yard, now)) await folder.removeEntry(old);
    return { ok: true, name, book: await session.noteCopy(now, "folder") };
  } catch (error) {
    return { ok: false, reason: error instanceof Error ? error.message : String(error) };
  }
}
