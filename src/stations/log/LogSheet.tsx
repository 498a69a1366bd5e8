"use client";
import { matchSorter } from "match-sorter";
import { useEffect, useState } from "react";
import { useUndo, YardLink } from "@/desk";
import { type BenchLink, FormView, type Verb } from "@/desk/form";
import { Button, buttonClass, TextField } from "@/ui";
import { Sheet } from "@/ui/Sheet";

interface Props {
  readonly verbs: readonly Verb[];
  readonly benches: readonly BenchLink[];
  readonly verb: string | null;
  readonly values: Readonly<Record<string, string>>;
  readonly onClose: () => void;
}

const GROUPS: readonly { key: Verb["group"]; name: string }[] = [
  { key: "oil", name: "Oil" },
  { key: "fuel", name: "Fuel" },
  { key: "look", name: "Looked and measured" },
  { key: "yard", name: "New in the yard" },
];

const FINDER = "log-finder";
const BY_NAME = { keys: ["name", "alsoCalled"], threshold: matchSorter.rankings.CONTAINS };

/** The Log: what just happened, by a key, a tap or a few letters typed. */
export default function LogSheet({ verbs, benches, verb: asked, values, onClose }: Props) {
  const [key, setKey] = useState(asked);
  const [typed, setTyped] = useState("");
  const { undo, redo } = useUndo();
  const verb = verbs.find((v) => v.key === key);
  useLetters(verb ? null : { verbs, benches, pick: setKey });

  if (verb)
    return (
      <Sheet open title={verb.name} onClose={onClose}>
        <FormView form={verb} given={values} onDone={onClose} />
      </Sheet>
    );
  const found = typed.trim() === "" ? null : matchSorter([...verbs, ...benches], typed.trim(), BY_NAME);
  const shown = (of: readonly Verb[]) => of.map((v) => <VerbButton key={v.key} verb={v} onPick={setKey} />);
  const linked = (of: readonly BenchLink[]) => of.map((b) => <BenchButton key={b.href} bench={b} onPick={onClose} />);
  return (
    <Sheet open title="What just happened?" onClose={onClose}>
      <form
        id={FINDER}
        className="mb-3"
        onSubmit={(e) => {
          e.preventDefault();
          const [best] = found ?? [];
          if (best && isVerb(best)) setKey(best.key);
          else if (best) document.getElementById(`bench-${best.letter}`)?.click();
        }}
      >
        <TextField label="Type a few letters of it, or pick (/)" value={typed} onChange={setTyped} />
      </form>
      {found ? (
        <section aria-label="Found" aria-live="polite" className="grid grid-cols-1 gap-2 md:grid-cols-2">
          {shown(found.filter(isVerb))}
          {linked(found.filter((f): f is BenchLink => !isVerb(f)))}
          {found.length === 0 ? <p>Nothing is called that. Try another word for it.</p> : null}
        </section>
      ) : (
        <>
          {GROUPS.map((g) => (
            <section key={g.key} className="mb-3">
              <h3 className="text-ink-2">{g.name}</h3>
              <div className="mt-1 grid grid-cols-2 gap-2 md:grid-cols-3">
                {shown(verbs.filter((v) => v.group === g.key))}
              </div>
            </section>
          ))}
          <section className="mb-3">
            <h3 className="text-ink-2">Taken back</h3>
            <div className="mt-1 grid grid-cols-2 gap-2 md:grid-cols-3">
              <Button onClick={() => void undo()}>Undo my last entry</Button>
              <Button onClick={() => void redo()}>Redo</Button>
            </div>
          </section>
          <section className="mb-3">
            <h3 className="text-ink-2">On its bench</h3>
            <div className="mt-1 grid grid-cols-2 gap-2 md:grid-cols-4">{linked(benches)}</div>
          </section>
        </>
      )}
    </Sheet>
  );
}

const isVerb = (of: Verb | BenchLink): of is Verb => "fields" in of;

interface Letters {
  readonly verbs: readonly Verb[];
  readonly benches: readonly BenchLink[];
  readonly pick: (key: string) => void;
}

/** A letter picks its verb, a slash begins to type; not while one types. */
function useLetters(of: Letters | null): void {
  useEffect(() => {
    if (!of) return;
    const press = (e: KeyboardEvent): void => {
      if (e.ctrlKey || e.metaKey || e.altKey || e.target instanceof HTMLInputElement) return;
      const letter = e.key.toLowerCase();
      const verb = of.verbs.find((v) => v.letter === letter);
      const bench = of.benches.find((b) => b.letter === letter);
      if (!verb && !bench && letter !== "/") return;
      e.preventDefault();
      if (verb) of.pick(verb.key);
      else if (bench) document.getElementById(`bench-${bench.letter}`)?.click();
      else document.getElementById(FINDER)?.querySelector("input")?.focus({ preventScroll: true });
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [of]);
}

const VerbButton = ({ verb, onPick }: { verb: Verb; onPick: (key: string) => void }) => (
  <Button onClick={() => onPick(verb.key)} className="justify-between">
    {verb.name} <Letter of={verb.letter} />
  </Button>
);

const BenchButton = ({ bench, onPick }: { bench: BenchLink; onPick: () => void }) => (
  <span onClickCapture={onPick}>
    <YardLink href={bench.href} className={`${buttonClass("plain")} w-full justify-between`}>
      <span id={`bench-${bench.letter}`}>{bench.name}</span> <Letter of={bench.letter} />
    </YardLink>
  </span>
);

function Letter({ of }: { of: string | undefined }) {
  if (of === undefined) return null;
  return (
    <span aria-hidden="true" className="rounded border border-quiet px-1.5 font-plate text-[13px] text-ink-2 uppercase">
      {of}
    </span>
  );
}
