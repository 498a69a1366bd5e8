"use client";
import { useEffect, useState } from "react";
import type { Opening, OpeningStage, YardName } from "@/store";
import { Button, saveFile } from "@/ui";

interface Props {
  /** None yet: the page itself is still coming. */
  readonly opening?: Opening;
  readonly name?: YardName;
}

/** What a yard that does not open is waiting for. */
const STUCK: Record<OpeningStage, string> = {
  starting: "The part of this page that reads the yard does not answer.",
  waiting: "Another tab is writing to this yard and does not finish. Close the other tabs of this yard.",
  reading: "The disk is slow, or the yard is large. It may still come.",
};

/** What stands while the yard is being opened: the frame's colours, so nothing jumps. */
export function Waiting({ opening, name = "own" }: Props) {
  const failure = opening?.failure ?? null;
  const holder = useHolder(name, opening?.stage === "waiting" && opening.isSlow);
  const isWrong = failure !== null || opening?.isSlow === true;
  return (
    <div className="min-h-dvh">
      <div className="flex h-[60px] items-center bg-deep px-5 font-plate text-[22px] font-semibold text-white uppercase md:h-[84px]">
        Brisk Barrel
      </div>
      {isWrong && opening ? (
        <main className="max-w-[70ch] p-5">
          <h1 className="text-2xl">{failure === null ? "The yard is not open yet" : "The yard could not be opened"}</h1>
          <p role="alert" className="my-2">
            {failure === null
              ? `${STUCK[opening.stage]}${opening.stage === "waiting" ? holder : ""}`
              : `The browser said: ${failure}. Nothing was changed. A private window keeps no data; a full disk cannot either.`}
          </p>
          <Rescue name={name} again={opening.again} />
        </main>
      ) : (
        <div className="p-5 text-ink-2">
          <p>Opening the yard.</p>
          {/* Without a script nothing else would ever say so. */}
          <p className="comes-late">It takes long. If this does not change, the page's script did not come: reload.</p>
        </div>
      )}
    </div>
  );
}

/** Which tab it is, once that is asked: nobody else needs the words for it. */
function useHolder(name: YardName, isAsked: boolean): string {
  const [words, setWords] = useState("");
  useEffect(() => {
    if (isAsked) import("./holderWords").then(async (m) => setWords(await m.holderWords(name))).catch(() => undefined);
  }, [name, isAsked]);
  return words;
}

function Rescue({ name, again }: { name: YardName; again: () => void }) {
  const [said, setSaid] = useState<string | null>(null);
  const save = async (): Promise<void> => {
    const now = new Date(Date.now()).toISOString();
    try {
      const { rescueFile } = await import("@/store/rescue");
      const text = await rescueFile(name, now);
      if (text === null) return setSaid("There is no entry of this yard on this disk.");
      saveFile(`yard-${now.slice(0, 10)}.json`, "application/json", text);
      setSaid("A copy was handed to the browser to save.");
    } catch (error) {
      setSaid(`The disk could not be read: ${String(error)}.`);
    }
  };
  return (
    <>
      <div className="flex flex-wrap gap-2">
        <Button look="go" onClick={again}>
          Start again
        </Button>
        <Button onClick={() => void save()}>Save a copy of what is on this disk</Button>
      </div>
      <p aria-live="polite" className="mt-2">
        {said}
      </p>
    </>
  );
}
