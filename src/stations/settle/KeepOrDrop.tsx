"use client";
import type { Draft } from "@/core/ledger";
import { LogStep } from "@/desk";

interface Props {
  /** Null while something is missing or wrong. */
  readonly draft: Draft | null;
  readonly said: string;
  readonly action: string;
  readonly further?: { readonly name: string; readonly drafts: readonly Draft[] } | null;
  readonly onDone: () => void;
}

/** Logs a reading; what is odd about it is said first, and the person keeps it or drops it. */
export const KeepOrDrop = ({ draft, onDone, ...rest }: Props) => (
  <LogStep draft={draft} disabled={!draft} onDone={onDone} onCancel={onDone} {...rest} />
);
