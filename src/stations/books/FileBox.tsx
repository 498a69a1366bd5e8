"use client";
import { type ChangeEvent, useState } from "react";
import { toast } from "sonner";
import { type RestoreReport, useYard } from "@/store";
import { Button } from "@/ui";
import { counted, fullDay } from "@/ui/words";
import { isFileError, wordError, wordFileError } from "@/ui/words/errors";

interface Offered extends RestoreReport {
  readonly text: string;
  readonly name: string;
}

/** A yard's file, in the place of the yard that stands here: said what it would bring, and kept what it replaces. */
export function FileBox() {
  const { client, view, refresh, now, book } = useYard();
  const [offered, setOffered] = useState<Offered | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);

  const choose = async (e: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const file = e.target.files?.[0];
    e.target.value = "";
    setOffered(null);
    if (!file) return;
    const text = await file.text();
    const checked = await client.checkFile(text);
    if (checked.ok) {
      setRefused(null);
      setOffered({ text, ...checked.value, name: file.name });
      // Chosen from where it was kept, it has been read back: that is what makes it a copy.
      if (checked.value.same > book.entries - book.sinceCopy) {
        await client.noteCopy(checked.value.exportedAt, "file", checked.value.same);
        await refresh();
      }
    } else setRefused(`${wordFileError(checked.error)} Nothing was changed.`);
  };

  const restore = async (): Promise<void> => {
    if (!offered) return;
    setBusy(true);
    const restored = await client.restore(offered.text, now()).finally(() => setBusy(false));
    if (restored.ok) {
      setOffered(null);
      // Whoever restores a file has it.
      await client.noteCopy(restored.value.exportedAt, "file");
      await refresh();
      toast(`Restored ${counted(restored.value.entries, "entry", "entries")}.`);
    } else {
      const { error } = restored;
      setRefused(isFileError(error) ? `${wordFileError(error)} Nothing was changed.` : wordError(error, view));
    }
  };

  return (
    <section aria-labelledby="file-title" className="mt-4">
      <h2 id="file-title" className="text-xl">
        Bring a yard in
      </h2>
      <label className="mt-2 flex min-h-[var(--target)] cursor-pointer items-center justify-center rounded-md border border-quiet bg-card px-3 font-plate text-xl font-semibold focus-within:outline-3 focus-within:outline-go">
        Restore from a file
        <input type="file" accept="application/json,.json" onChange={(e) => void choose(e)} className="sr-only" />
      </label>
      <div aria-live="polite">
        {refused ? (
          <p role="alert" className="mt-2 rounded-md border-2 border-stop px-3 py-2 text-stop">
            {refused}
          </p>
        ) : null}
        {offered ? (
          <div className="mt-2 rounded-md border-2 border-warn bg-warn-floor px-3 py-2">
            <p>
              {offered.name} holds {counted(offered.entries, "entry", "entries")}
              {offered.faults > 0 ? `, ${offered.faults} of which do not add up` : ""}
              {offered.unreadable > 0
                ? `, ${offered.unreadable} of which this release cannot read (they are kept, and left out of every figure)`
                : ""}
              {offered.circles > 0
                ? `, ${offered.circles} of which correct each other in a circle (the last written stands)`
                : ""}
              {offered.odd > 0 ? `, ${offered.odd} of which hold a hidden character in some name or note` : ""}. It was
              written on {fullDay(offered.exportedAt)}. {wordSame(offered, book.entries)} It takes the place of the{" "}
              {book.entries} that stand here, which are kept as a copy that can be put back.
            </p>
            <div className="mt-2 flex gap-2">
              <Button look="stop" onClick={() => void restore()} disabled={isBusy}>
                {isBusy ? "Putting it in place" : "Replace this yard"}
              </Button>
              <Button onClick={() => setOffered(null)} disabled={isBusy}>
                Leave it
              </Button>
            </div>
          </div>
        ) : null}
      </div>
    </section>
  );
}

/** How the file stands to the yard that is here. */
function wordSame({ same, entries }: RestoreReport, standing: number): string {
  if (standing === 0) return "";
  if (same === standing)
    return entries === same
      ? "It is a true copy of this yard, to the letter."
      : `It has all ${standing} that stand here, to the letter, and ${entries - same} more.`;
  return `Of the ${standing} that stand here it has ${same}, to the letter.`;
}
