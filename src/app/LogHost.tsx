"use client";
import dynamic from "next/dynamic";
import { type ReactNode, useCallback, useEffect, useMemo, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { hush, LogContext, useUndo } from "@/desk";
import { useBackToClose } from "./useBackToClose";

// The Log is loaded when it is first opened: the yard must draw before it.
const loadLog = () => import("./Log");
const Log = dynamic(loadLog, { ssr: false });

/** Long enough for the yard to be drawn; then the Log comes too, so that no letter typed after L is lost. */
const FETCH_LOG_AFTER_MS = 1200;

interface Asked {
  readonly verb: string | null;
  readonly values: Readonly<Record<string, string>>;
  readonly turn: number;
}

/** Also while a plate of a choice has the focus; not while typing. */
const EVERYWHERE = { preventDefault: true, enableOnFormTags: ["radio"] } as const;

/** Keeps the Log at hand on every page: its key, its button, and openings with something filled in. */
export function LogHost({ children }: { children: ReactNode }) {
  const [asked, setAsked] = useState<Asked | null>(null);
  const { undo, redo } = useUndo();
  const opener = useMemo(
    () => ({
      open: (verb?: string, values: Readonly<Record<string, string>> = {}) => {
        hush();
        setAsked((a) => ({ verb: verb ?? null, values, turn: (a?.turn ?? 0) + 1 }));
      },
    }),
    [],
  );
  const close = useBackToClose(
    asked !== null,
    useCallback(() => setAsked(null), []),
  );
  useEffect(() => {
    const timer = setTimeout(() => void loadLog(), FETCH_LOG_AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
  useHotkeys("l", () => opener.open(), { ...EVERYWHERE, enabled: asked === null });
  useHotkeys("u", () => void undo(), { ...EVERYWHERE, enabled: asked === null });
  useHotkeys("shift+u", () => void redo(), { ...EVERYWHERE, enabled: asked === null });
  return (
    <LogContext.Provider value={opener}>
      {children}
      {asked ? (
        <Log key={asked.turn} verb={asked.verb} values={asked.values} onClose={close} onLeave={() => setAsked(null)} />
      ) : null}
    </LogContext.Provider>
  );
}
