"use client";
import { SEASONS } from "@/core/ledger/words";
import { Choice } from "@/ui";

/** What part of the year a recipe is for. */
export const SeasonChoice = ({ value, onChange }: { value: string; onChange: (season: string) => void }) => (
  <Choice
    label="For"
    narrow
    options={Object.entries(SEASONS).map(([key, name]) => ({ value: key, name }))}
    value={value}
    onChange={onChange}
  />
);
