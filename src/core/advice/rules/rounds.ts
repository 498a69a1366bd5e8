import type { Advice } from "../advice";
import type { Reading } from "../reading";

/** A round that is being driven comes before everything. */
export function goOn({ round }: Reading): Advice[] {
  if (!round) return [];
  const { id, stops } = round.round;
  const called = stops.filter((s) => round.called.has(s.source)).length;
  return [{ id: `go-on ${id}`, code: "go-on", dueAt: round.startedAt, station: "rounds", called, stops: stops.length }];
}

/** Containers this full run over before long, or are given to somebody else. */
const NEARLY_FULL = 0.8;

/** Sources whose containers are nearly full: one advice for all of them, due when the first of them is. */
export function planRound({ sources, round, now }: Reading): Advice[] {
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
