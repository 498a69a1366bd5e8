"use client";
import { useEffect, useState } from "react";
import { YardLink } from "@/desk";
import { Button, buttonClass } from "@/ui";
import { Sheet } from "@/ui/Sheet";
import { VerbFormView } from "./VerbFormView";
import { BENCHES, GROUPS, VERBS } from "./verbs";

interface Props {
  readonly verb: string | null;
  readonly values: Readonly<Record<string, string>>;
  readonly onClose: () => void;
}

/** The Log: what just happened, in a few taps or letters. */
export default function LogSheet({ verb: asked, values, onClose }: Props) {
  const [key, setKey] = useState(asked);
  const verb = VERBS.find((v) => v.key === key);

  useEffect(() => {
    if (verb) return;
    const pick = (e: KeyboardEvent): void => {
      if (e.ctrlKey || e.metaKey || e.altKey || e.target instanceof HTMLInputElement) return;
      const found = VERBS.find((v) => v.letter === e.key.toLowerCase());
      const bench = BENCHES.find((b) => b.letter === e.key.toLowerCase());
      if (!found && !bench) return;
      e.preventDefault();
      if (found) setKey(found.key);
      else document.getElementById(`bench-${bench?.letter}`)?.click();
    };
    window.addEventListener("keydown", pick);
    return () => window.removeEventListener("keydown", pick);
  }, [verb]);

  return (
    <Sheet open title={verb?.name ?? "What just happened?"} onClose={onClose}>
      {verb ? (
        <VerbFormView verb={verb} given={values} onDone={onClose} />
      ) : (
        <>
          {GROUPS.map((g) => (
            <section key={g.key} className="mb-3">
              <h3 className="text-ink-2">{g.name}</h3>
              <div className="mt-1 grid grid-cols-2 gap-2 md:grid-cols-3">
                {VERBS.filter((v) => v.group === g.key).map((v) => (
                  <Button key={v.key} onClick={() => setKey(v.key)} className="justify-between">
                    {v.name} <Letter of={v.letter} />
                  </Button>
                ))}
              </div>
            </section>
          ))}
          <section className="mb-3">
            <h3 className="text-ink-2">On its bench</h3>
            <div className="mt-1 grid grid-cols-2 gap-2 md:grid-cols-4">
              {BENCHES.map((b) => (
                <span key={b.letter} onClickCapture={onClose}>
                  <YardLink href={b.href} className={`${buttonClass("plain")} w-full justify-between`}>
                    <span id={`bench-${b.letter}`}>{b.name}</span> <Letter of={b.letter} />
                  </YardLink>
                </span>
              ))}
            </div>
          </section>
        </>
      )}
    </Sheet>
  );
}

function Letter({ of }: { of: string }) {
  return (
    <span aria-hidden="true" className="rounded border border-quiet px-1.5 font-plate text-[13px] text-ink-2 uppercase">
      {of}
    </span>
  );
}
