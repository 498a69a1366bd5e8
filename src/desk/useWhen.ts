"use client";
import { useState } from "react";
import type { Draft } from "@/core/ledger";
import { MS_PER_MINUTE } from "@/core/units";
import { useYard } from "@/store";
import { readMoment } from "@/ui";
import { fullMoment } from "@/ui/words";

export interface When {
  /** As its field holds it; empty is now. */
  readonly text: string;
  /** What is wrong with it, for its field. */
  readonly wrong: string | undefined;
  /** Undefined: now, as it is written. */
  readonly iso: string | undefined;
  /** The moment in words, with its year. */
  readonly words: string;
  set(text: string): void;
  /** So much earlier than it says. */
  earlier(ms: number): void;
  /** A draft that happened then. */
  stamp<D extends Draft>(draft: D): D;
}

/** When something happened: now, unless its owner says otherwise. `was` is kept to the millisecond while it is not touched. */
export function useWhen(was?: string): When {
  const { now } = useYard();
  const [first] = useState(was === undefined ? "" : onTheClock(was));
  const [text, setText] = useState(first);
  const isAsOpened = text === first;
  const read = isAsOpened || (text === "" && was === undefined) ? null : readMoment(text);
  const future = read?.ok && Date.parse(read.iso) > Date.parse(now()) + SLACK_MS ? "That has not come yet." : undefined;
  const wrong = read !== null && !read.ok ? read.wrong : future;
  const iso = isAsOpened ? was : read?.ok ? read.iso : undefined;
  return {
    text,
    wrong,
    iso,
    words: iso === undefined ? "Now" : fullMoment(iso),
    set: setText,
    earlier: (ms) => setText(onTheClock(new Date(Date.parse(iso ?? now()) - ms).toISOString())),
    stamp: (draft) => (iso === undefined ? draft : { ...draft, happenedAt: iso }),
  };
}

/** A field tells the minute only. */
const SLACK_MS = MS_PER_MINUTE;

/** What a datetime-local field holds: the reader's own clock, to the minute. */
function onTheClock(isoTime: string): string {
  const d = new Date(isoTime);
  return new Date(d.getTime() - d.getTimezoneOffset() * MS_PER_MINUTE).toISOString().slice(0, 16);
}
