"use client";
import { MS_PER_DAY } from "@/core/units";
import { useCopyFolder, useSaveCopy } from "@/desk";
import { useYard } from "@/store";
import { counted, shortDay } from "@/ui/words";

/** So much, or so long, is more than anybody would care to type again: the word stands out. */
const MANY = 40;
const LONG_MS = 30 * MS_PER_DAY;

/**
 * The one word that is always in sight when it is true: nothing but this browser has what was logged last. Gone when a
 * copy has it all; the demo is nobody's to lose.
 */
export function CopyWord() {
  const { name, book, now } = useYard();
  const save = useSaveCopy();
  const folder = useCopyFolder();
  if (name === "demo" || book.sinceCopy === 0) return null;
  const { copied, sinceCopy } = book;
  const isLongAgo = sinceCopy > MANY || (copied !== null && Date.parse(now()) - Date.parse(copied.at) > LONG_MS);
  return (
    <div
      className={`sticky top-0 z-10 flex min-h-[32px] items-center gap-2 border-b border-rule ${isLongAgo ? "bg-warn-floor" : "bg-card"} px-3 text-[14px] leading-tight text-ink md:px-5 print:hidden`}
    >
      <p className="min-w-0 flex-1 py-0.5">
        <b>Only in this browser.</b>{" "}
        {copied
          ? `Last copied ${shortDay(copied.at)}, ${entriesWord(sinceCopy)} since.`
          : `${entriesWord(sinceCopy)}, never copied.`}
        {folder.refused ? ` The folder did not take it: ${folder.refused}.` : ""}
      </p>
      {folder.isAsleep ? (
        <Small onClick={() => void folder.wake()}>Go on copying to {folder.name}</Small>
      ) : folder.name && !folder.refused ? null : (
        <Small onClick={() => void save()}>Copy it</Small>
      )}
    </div>
  );
}

const entriesWord = (n: number): string => counted(n, "entry", "entries");

function Small({ onClick, children }: { onClick: () => void; children: React.ReactNode }) {
  return (
    <button
      type="button"
      onClick={onClick}
      // The strip is slim; the thumb's target reaches beyond it.
      className="relative min-h-[32px] shrink-0 rounded px-2 font-plate text-[15px] font-semibold underline underline-offset-4 after:absolute after:inset-x-0 after:-inset-y-[6px] after:content-['']"
    >
      {children}
    </button>
  );
}
