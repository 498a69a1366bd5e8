"use client";
import { matchSorter } from "match-sorter";
import { useEffect, useState } from "react";
import type { Draft } from "@/core/ledger";
import { useUndo, YardLink } from "@/desk";
import { type Add, AddContext, type BenchLink, FormView, type Verb } from "@/desk/form";
import { Button, buttonClass, TextField } from "@/ui";
import { Sheet } from "@/ui/Sheet";

interface Props {
  readonly verbs: readonly Verb[];
  readonly benches: readonly BenchLink[];
  readonly verb: string | null;
  readonly values: Readonly<Record<string, string>>;
  readonly onClose: () => void;
  readonly onLeave: () => void;
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
export default function LogSheet({ verbs, benches, verb: asked, values, onClose, onLeave }: Props) {
  const [key, setKey] = useState(asked);
  const [typed, setTyped] = useState("");
  const { undo, redo } = useUndo();
  const verb = verbs.find((v) => v.key === key);
  useLetters(verb ? null : { verbs, benches, pick: setKey });

  if (verb) return <VerbSheet verbs={verbs} verb={verb} values={values} onClose={onClose} />;
  const found = typed.trim() === "" ? null : matchSorter([...verbs, ...benches], typed.trim(), BY_NAME);
  const shown = (of: readonly Verb[]) => of.map((v) => <VerbButton key={v.key} verb={v} onPick={setKey} />);
  const linked = (of: readonly BenchLink[]) => of.map((b) => <BenchButton key={b.href} bench={b} onPick={onLeave} />);
  return (
    <Sheet open title="What just happened?" onClose={onClose}>
      <form
        id={FINDER}
        className="mb-3"
        onSubmit={(e) => {
          e.preventDefault();
          const [best] = found ?? [];
          if (best && isVerb(best)) setKey(best.key);
          else if (best) document.getElementById(benchId(best))?.click();
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

interface VerbProps {
  readonly verbs: readonly Verb[];
  readonly verb: Verb;
  readonly values: Readonly<Record<string, string>>;
  readonly onClose: () => void;
}

interface Adding {
  readonly verb: Verb;
  readonly values: Readonly<Record<string, string>>;
  onMade(id: string): void;
}

/** One verb's form; what a choice of it is missing is added over it, and comes back chosen. */
function VerbSheet({ verbs, verb, values, onClose }: VerbProps) {
  const [adding, setAdding] = useState<Adding | null>(null);
  const add: Add = (key, given, onMade) => {
    const found = verbs.find((v) => v.key === key);
    if (found) setAdding({ verb: found, values: given, onMade });
  };
  const made = (drafts: readonly Draft[]): void => {
    setAdding(null);
    const [thing] = drafts.flatMap(({ data }) => ("id" in data && typeof data.id === "string" ? [data.id] : []));
    if (thing !== undefined) adding?.onMade(thing);
  };
  return (
    <Sheet
      open
      title={adding ? `${adding.verb.name}, for: ${verb.name.toLowerCase()}` : verb.name}
      onClose={adding ? () => setAdding(null) : onClose}
    >
      {/* Hidden, not gone: what is filled in there stays. */}
      <div hidden={adding !== null}>
        <AddContext.Provider value={add}>
          <FormView form={verb} given={values} keptAs={verb.key} onDone={onClose} />
        </AddContext.Provider>
      </div>
      {adding ? <FormView form={adding.verb} given={adding.values} onDone={made} /> : null}
    </Sheet>
  );
}

const isVerb = (of: Verb | BenchLink): of is Verb => "fields" in of;

interface Letters {
  readonly verbs: readonly Verb[];
  readonly benches: readonly BenchLink[];
  readonly pick: (key: string) => void;
}

/** What a bench's name is found by: its address, since not every one has a letter. */
const benchId = ({ href }: BenchLink): string => `bench-${href.slice(1)}`;

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
      else if (bench) document.getElementById(benchId(bench))?.click();
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
    <YardLink replace href={bench.href} className={`${buttonClass("plain")} w-full justify-between`}>
      <span id={benchId(bench)}>{bench.name}</span> <Letter of={bench.letter} />
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
