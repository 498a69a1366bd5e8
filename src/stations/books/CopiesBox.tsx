"use client";
import { useEffect, useState } from "react";
import { toast } from "sonner";
import { useCopyFolder, useSaveCopy } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { counted, fullMoment, isFileError, wordError, wordFileError } from "@/ui/words";

/** Ways out: the yard as one file, by hand or by itself into a folder. */
export function CopiesBox() {
  const { book, name } = useYard();
  const save = useSaveCopy();
  const folder = useCopyFolder();
  return (
    <section aria-labelledby="copies-title" id="copies" className="mt-4">
      <h2 id="copies-title" className="text-xl">
        Keep a copy
      </h2>
      <p className="my-1 text-[14px] text-ink-2">
        The whole yard as one file. It is yours; nothing leaves this machine unless you carry it.{" "}
        {name === "demo"
          ? ""
          : book.copied
            ? `Last copied ${fullMoment(book.copied.at)}; ${counted(book.sinceCopy, "entry", "entries")} since.`
            : "Never copied yet."}
      </p>
      <Button wide onClick={() => void save()}>
        Export the yard
      </Button>
      {folder.can ? (
        <div className="mt-2">
          {folder.name === null ? (
            <Button wide onClick={() => void folder.pick()}>
              Copy by itself into a folder
            </Button>
          ) : (
            <>
              <p className="text-[15px]">
                {folder.isAsleep
                  ? `Copies to ${folder.name} are waiting: the browser wants to be asked again.`
                  : `Copied into ${folder.name} after you log, read back and checked. The newest five stay, then one a day for a week and one a month for a year.`}
              </p>
              <div className="mt-1 flex flex-wrap gap-2">
                {folder.isAsleep ? (
                  <Button look="go" onClick={() => void folder.wake()}>
                    Go on copying
                  </Button>
                ) : null}
                <Button onClick={() => void folder.pick()}>Another folder</Button>
                <Button onClick={() => void folder.drop()}>Stop copying</Button>
              </div>
            </>
          )}
          {folder.refused ? (
            <p role="alert" className="mt-1 text-stop">
              The folder did not take the copy: {folder.refused}. The yard itself is untouched.
            </p>
          ) : null}
        </div>
      ) : null}
    </section>
  );
}

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
