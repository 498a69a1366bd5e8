"use client";
import { type ChangeEvent, useEffect, useState } from "react";
import type { Stage } from "@/core/kettle";
import type { BatchState, EntryId } from "@/core/ledger";
import { useTell } from "@/desk";
import { PICTURE_WORDS, smallPicture } from "@/desk/picture";
import { useYard } from "@/store";

/** A picture out of the book. */
export function StagePhotoShown({ entry, alt }: { entry: EntryId; alt: string }) {
  const { client } = useYard();
  const [shown, setShown] = useState<{ readonly of: EntryId; readonly url: string } | null>(null);
  useEffect(() => {
    let gone = false;
    void client.find(entry).then((found) => {
      if (gone || found?.kind !== "photo") return;
      setShown({ of: entry, url: `data:${found.data.type};base64,${found.data.base64}` });
    });
    return () => {
      gone = true;
    };
  }, [client, entry]);
  return shown?.of === entry ? (
    // biome-ignore lint/performance/noImgElement: it is in the yard, not on a server
    <img src={shown.url} alt={alt} className="mt-1 h-28 w-[130px] rounded-md object-cover" />
  ) : null;
}

/** A stage's own picture: taken with a phone's camera, and laid beside the best batch's. */
export function StagePhoto({
  batch,
  stage,
  ask = "A photo of it",
}: {
  batch: BatchState;
  stage: Stage | "jar";
  ask?: string;
}) {
  const tell = useTell();
  const [refused, setRefused] = useState<string | null>(null);
  const last = batch.photos.findLast((p) => p.stage === stage);
  const choose = async (e: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const file = e.target.files?.[0];
    e.target.value = "";
    if (!file) return;
    const made = await smallPicture(file);
    if (!made.ok) return setRefused(`${PICTURE_WORDS[made.error]} Nothing was changed.`);
    setRefused(
      await tell(
        { kind: "photo", data: { of: { kind: "batch", id: batch.batch.id, stage }, ...made.value } },
        "The photo is kept.",
      ),
    );
  };
  return (
    <div className="w-[130px]">
      {last ? <StagePhotoShown entry={last.entry} alt={`${batch.batch.name} at this stage`} /> : null}
      <label className="mt-1 flex min-h-[var(--target)] cursor-pointer items-center justify-center rounded-md border border-quiet bg-card px-2 text-center font-plate text-[15px] font-semibold focus-within:outline-2">
        {last ? "Another" : ask}
        <input
          type="file"
          accept="image/*"
          capture="environment"
          className="sr-only"
          onChange={(e) => void choose(e)}
        />
      </label>
      <p aria-live="polite" className="text-[13px] text-stop">
        {refused}
      </p>
    </div>
  );
}
