"use client";
import { useEffect, useState } from "react";
import { toast } from "sonner";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { counted, fullMoment } from "@/ui/words";
import { isFileError, wordError, wordFileError } from "@/ui/words/errors";

/** Yards that a restore has replaced: the way back. */
export function KeptYards() {
  const { client, book, view, refresh, now } = useYard();
  const [kept, setKept] = useState<readonly { n: number; at: string; entries: number }[]>([]);
  const [refused, setRefused] = useState<string | null>(null);
  const { entries } = book;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a restore changes what is kept
  useEffect(() => {
    let gone = false;
    client
      .keptYards()
      .then((found) => !gone && setKept(found))
      .catch(() => undefined);
    return () => {
      gone = true;
    };
  }, [client, entries, view]);
  if (kept.length === 0) return null;
  const putBack = async (n: number): Promise<void> => {
    const text = await client.keptYard(n);
    if (text === null) return setRefused("That copy is gone.");
    const restored = await client.restore(text, now());
    if (!restored.ok) {
      const { error } = restored;
      return setRefused(isFileError(error) ? wordFileError(error) : wordError(error, view));
    }
    setRefused(null);
    await refresh();
    toast(
      `${counted(restored.value.entries, "entry was", "entries were")} put back. What stood here is kept in their place.`,
    );
  };
  return (
    <section aria-labelledby="kept-title" className="mt-4">
      <h2 id="kept-title" className="text-xl">
        Replaced yards
      </h2>
      <ul>
        {kept.map(({ n, at, entries: count }) => (
          <li key={n} className="flex flex-wrap items-center gap-2 border-t border-rule py-1">
            <span className="min-w-[160px] flex-1 text-[15px]">
              {counted(count, "entry", "entries")}, until {fullMoment(at)}
            </span>
            <Button onClick={() => void putBack(n)} aria-label={`Put back the yard of ${fullMoment(at)}`}>
              Put back
            </Button>
          </li>
        ))}
      </ul>
      {refused ? (
        <p role="alert" className="mt-1 text-stop">
          {refused}
        </p>
      ) : null}
    </section>
  );
}
