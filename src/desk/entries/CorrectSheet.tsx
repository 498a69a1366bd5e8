"use client";
import { useMemo } from "react";
import type { Entry } from "@/core/ledger";
import { Sheet } from "@/ui/Sheet";
import { titleOf } from "@/ui/words/entries";
import { correctionOf, FormView } from "../form";

const NOTHING = {};

/** The form that puts an entry right, the same for every kind: see `correctionOf`. */
export default function CorrectSheet({ entry, onDone }: { entry: Entry; onDone: () => void }) {
  const form = useMemo(() => correctionOf(entry), [entry]);
  return (
    <Sheet open title={`Put right: ${titleOf(entry).toLowerCase()}`} onClose={onDone}>
      <FormView
        form={form}
        given={NOTHING}
        was={{ happenedAt: entry.happenedAt, note: entry.note ?? "" }}
        keptAs={`correct ${entry.id}`}
        submit="Put it right"
        onDone={onDone}
      />
    </Sheet>
  );
}
