import type { SourceId } from "../../ledger";
import type { YardReading } from "../../readings";
import type { Advice, Rule } from "../advice";

export type RoundsMatter =
  | { readonly code: "go-on"; readonly called: number; readonly stops: number }
  | { readonly code: "plan-round"; readonly full: readonly SourceId[]; readonly litres: number };

/** A round that is being driven comes before everything. */
function goOn({ round, now }: YardReading): Advice[] {
  if (!round) return [];
  const { id, stops } = round.round;
  const called = stops.filter((s) => round.called.has(s.source)).length;
  return [{ id: `go-on ${id}`, code: "go-on", dueAt: now, station: "rounds", called, stops: stops.length }];
}

/** Containers this full run over before long, or are given to somebody else. */
const NEARLY_FULL = 0.8;

/** Sources whose containers are nearly full: one advice for all of them, due when the first of them is. */
function planRound({ sources, round, now }: YardReading): Advice[] {
  if (round) return [];
  const full = sources.filter((s) => s.waiting.now.mean >= NEARLY_FULL * s.waiting.containerLitres);
  if (full.length === 0) return [];
  return [
    {
      id: "plan-round",
      code: "plan-round",
      dueAt: now,
      station: "rounds",
      full: full.map((s) => s.source.id),
      litres: full.reduce((sum, s) => sum + s.waiting.now.mean, 0),
    },
  ];
}

export const ROUNDS_RULES: readonly Rule[] = [
  { rank: 1, advise: goOn },
  { rank: 13, advise: planRound },
];
