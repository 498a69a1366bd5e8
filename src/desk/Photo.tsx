"use client";
import { type ChangeEvent, useEffect, useState } from "react";
import type { EntryId, EntryOf } from "@/core/ledger";
import { useYard } from "@/store";
import { PICTURE_WORDS, smallPicture } from "./picture";
import { useTell } from "./useTell";

interface Props {
  readonly of: EntryOf<"photo">["data"]["of"];
  readonly name: string;
  /** The entry that holds the latest. */
  readonly photo: EntryId | null;
  readonly alt: string;
  /** What to take a picture of. */
  readonly ask: string;
}

/** One photo of a thing, made small and kept in the yard. */
export function Photo({ of, name, photo, alt, ask }: Props) {
  const { client } = useYard();
  const tell = useTell();
  const [shown, setShown] = useState<{ of: string; url: string } | null>(null);
  const [refused, setRefused] = useState<string | null>(null);

  useEffect(() => {
    if (photo === null) return;
    let gone = false;
    void client.find(photo).then((entry) => {
      if (gone || entry?.kind !== "photo") return;
      setShown({ of: photo, url: `data:${entry.data.type};base64,${entry.data.base64}` });
    });
    return () => {
      gone = true;
    };
  }, [client, photo]);

  const choose = async (e: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const file = e.target.files?.[0];
    e.target.value = "";
    if (!file) return;
    const made = await smallPicture(file);
    if (!made.ok) {
      setRefused(`${PICTURE_WORDS[made.error]} Nothing was changed.`);
      return;
    }
    setRefused(await tell({ kind: "photo", data: { of, ...made.value } }, `Photo of ${name} kept.`));
  };

  return (
    <section aria-labelledby="photo-title" className="mt-4">
      <h2 id="photo-title" className="text-xl">
        Photo
      </h2>
      {photo !== null && shown?.of === photo ? (
        // biome-ignore lint/performance/noImgElement: it is in the yard, not on a server
        <img src={shown.url} alt={alt} className="mt-1 max-h-64 rounded-md" />
      ) : null}
      <label className="mt-2 block text-[14px] text-ink-2">
        {photo === null ? ask : "Another photo in its place"}
        <input
          type="file"
          accept="image/*"
          onChange={(e) => void choose(e)}
          className="mt-1 block min-h-[var(--target)] w-full content-center rounded-md border border-quiet bg-card px-3 py-2"
        />
      </label>
      <p aria-live="polite" className="text-[14px] text-stop">
        {refused}
      </p>
    </section>
  );
}
