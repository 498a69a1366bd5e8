"use client";
import type { Stage } from "@/core/kettle";
import type { BatchState } from "@/core/ledger";
import { HELP_WORDS, type Help } from "@/core/ledger/words";
import { useNote, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import type { Units } from "@/ui/words";

/** Gentlest first; each is tried only when the one before it did not part it. */
const stepsIn = (u: Units): Readonly<Record<Help, string>> => ({
  wait: "Stop stirring and spraying. Give it a night: most part by themselves.",
  warm: `Warm it to ${u.celsius(50)} to ${u.celsius(55)}, lid on, no stirring, and let it stand some hours.`,
  salt: "A cup of salt in warm water, a tenth of the fuel, poured gently in. Afterwards a plain rinse, or salt stays in the fuel.",
  acid: "Vinegar in warm water, little by little, until it breaks. It splits soap into free acid that stays: test the acid number after.",
});
const ORDER: readonly Help[] = ["wait", "warm", "salt", "acid"];

/** When it will not part: what to try, in order, and what has helped here before. */
export function EmulsionHelp({ batch, stage }: { batch: BatchState; stage: Stage }) {
  const { view } = useYard();
  const note = useNote();
  const steps = stepsIn(useUnits());
  const all = view.batches.flatMap((b) => b.helps);
  const failed = new Set(batch.helps.filter((h) => !h.parted).map((h) => h.tried));
  const next = ORDER.find((o) => !failed.has(o));
  const say = (tried: Help, parted: boolean): void =>
    note(
      { kind: "stage", data: { batch: batch.batch.id, stage, did: "read", help: { tried, parted } } },
      parted ? "It parted. Kept for the next time." : "It did not. Try the next.",
    );
  return (
    <details
      className="mt-3 rounded-md border border-rule bg-card px-3"
      open={batch.helps.length > 0 && !batch.helps.at(-1)?.parted}
    >
      <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[17px] font-semibold">
        It will not part: emulsion help
      </summary>
      <ol className="pb-2">
        {ORDER.map((tried) => {
          const here = all.filter((h) => h.tried === tried);
          return (
            <li key={tried} className={`border-t border-rule py-2 ${tried === next ? "" : "text-ink-2"}`}>
              <b>{HELP_WORDS[tried]}.</b> {steps[tried]}
              {here.length > 0 ? ` Here it parted ${here.filter((h) => h.parted).length} of ${here.length} times.` : ""}
              {tried === next ? (
                <span className="mt-1 grid grid-cols-2 gap-2">
                  <Button onClick={() => say(tried, true)}>It parted</Button>
                  <Button onClick={() => say(tried, false)}>It did not</Button>
                </span>
              ) : failed.has(tried) ? (
                " It did not part here."
              ) : null}
            </li>
          );
        })}
        {next === undefined ? (
          <li className="border-t border-rule py-2">
            Nothing parted it: it has not reacted, or is mostly soap. Give it up, or make soap of it.
          </li>
        ) : null}
      </ol>
    </details>
  );
}
