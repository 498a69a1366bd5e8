const LONG_ENOUGH_MS = 10_000;

/** Hands a file to the browser to keep. */
export function saveFile(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const a = document.createElement("a");
  a.href = url;
  a.download = name;
  a.click();
  setTimeout(() => URL.revokeObjectURL(url), LONG_ENOUGH_MS);
}

/** A name that every file system takes. */
export const fileName = (words: string): string =>
  words
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-|-$/g, "");
