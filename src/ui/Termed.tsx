"use client";
import { type ReactNode, useState } from "react";
import { TERMS } from "./words/terms";

/** A sentence in which the terms of the craft can be pressed for what they mean, each where it first stands. */
export function Termed({ children }: { children: string }) {
  const [open, setOpen] = useState<string | null>(null);
  const pieces = inPieces(children);
  const meaning = open === null ? undefined : TERMS.find(({ term }) => term.test(open))?.meaning;
  return (
    <>
      {pieces.map(
        (piece): ReactNode =>
          piece.isTerm ? (
            <button
              key={piece.at}
              type="button"
              aria-expanded={open === piece.text}
              onClick={() => setOpen(open === piece.text ? null : piece.text)}
              className="cursor-help font-[inherit] text-inherit underline decoration-dotted underline-offset-4"
            >
              {piece.text}
            </button>
          ) : (
            piece.text
          ),
      )}
      {meaning ? (
        <span
          role="note"
          className="mt-1 block rounded-md border border-quiet bg-card px-2 py-1 font-sans text-[14px] font-normal text-ink"
        >
          {meaning}
        </span>
      ) : null}
    </>
  );
}

interface Piece {
  readonly text: string;
  readonly at: number;
  readonly isTerm: boolean;
}

/** The text cut where a term first stands; what lies inside a longer term is not cut again. */
function inPieces(text: string): Piece[] {
  const found: Piece[] = [];
  for (const { term } of TERMS) {
    const match = term.exec(text);
    if (!match) continue;
    const [from, to] = [match.index, match.index + match[0].length];
    if (found.some((p) => from < p.at + p.text.length && to > p.at)) continue;
    found.push({ text: match[0], at: from, isTerm: true });
  }
  found.sort((a, b) => a.at - b.at);
  const pieces: Piece[] = [];
  let at = 0;
  for (const p of found) {
    if (p.at > at) pieces.push({ text: text.slice(at, p.at), at, isTerm: false });
    pieces.push(p);
    at = p.at + p.text.length;
  }
  if (at < text.length) pieces.push({ text: text.slice(at), at, isTerm: false });
  return pieces;
}
