"use client";
import { useEffect, useState } from "react";
import type { Draft, Entry, EntryId } from "@/core/ledger";
import { useYard } from "@/store";
import { Button, Choice, TextField } from "@/ui";
import { wordEntry } from "@/ui/words/entries";
import { Interlock } from "../Interlock";
import { despite, isRefused, useClearance, wordsAgainst } from "../useClearance";
import { useTell } from "../useTell";

const BEFORE = "before";
const NOTHING = "nothing";

/** Why an entry is void; of a correction also which amount shall stand. */
export default function VoidForm({ entry, onDone }: { entry: Entry; onDone: () => void }) {
  const { view } = useYard();
  const tell = useTell();
  const corrected = useCorrected(entry);
  const [stands, setStands] = useState("");
  const [reason, setReason] = useState("");
  const [refused, setRefused] = useState<string>();
  const voidOf = (id: EntryId): Draft => ({ kind: "void", data: { entry: id, reason: reason.trim() || "void" } });
  const drafts = corrected && stands === NOTHING ? [voidOf(entry.id), voidOf(corrected.id)] : [voidOf(entry.id)];
  const clearance = useClearance(corrected && stands === "" ? null : drafts);
  const run = async (against: readonly string[] = []): Promise<void> => {
    if (reason.trim() === "") {
      setRefused("Say why, for whoever reads the books.");
      return;
    }
    if (corrected && stands === "") {
      setRefused("Say which shall stand.");
      return;
    }
    const said = await tell(
      despite(drafts, against),
      corrected && stands === BEFORE
        ? "Voided. What it had corrected stands again."
        : "Voided. Everything after it is worked out again.",
    );
    setRefused(said ?? undefined);
    if (said === null) onDone();
  };
  return (
    <form
      noValidate
      className="flex flex-wrap items-end gap-2 py-2"
      onSubmit={(e) => {
        e.preventDefault();
        // Enter goes no further than the plain button would: against the gates it is pressed.
        if (!isRefused(clearance)) void run();
      }}
    >
      {corrected ? (
        <div className="w-full">
          <Choice
            label="This is a correction. Which shall stand?"
            value={stands}
            onChange={setStands}
            options={[
              { value: BEFORE, name: "As it was before", detail: wordEntry(corrected, view) },
              { value: NOTHING, name: "Neither", detail: "it never happened" },
            ]}
          />
        </div>
      ) : null}
      <div className="min-w-[220px] flex-1">
        <TextField label="Why is it void?" value={reason} onChange={setReason} error={refused} />
      </div>
      <div className="w-full">
        <Interlock clearance={clearance} />
      </div>
      {isRefused(clearance) ? (
        <Button look="stop" onClick={() => void run(wordsAgainst(clearance))}>
          Void it all the same
        </Button>
      ) : (
        <Button look="stop" type="submit">
          Void it
        </Button>
      )}
    </form>
  );
}

/** What an entry corrected: null while it is looked up, and for one that corrected nothing. */
function useCorrected(entry: Entry): Entry | null {
  const { client } = useYard();
  const [found, setFound] = useState<Entry | null>(null);
  const { replaces } = entry;
  useEffect(() => {
    let gone = false;
    if (replaces !== undefined) void client.find(replaces).then((e) => !gone && setFound(e));
    return () => {
      gone = true;
    };
  }, [client, replaces]);
  return found;
}
