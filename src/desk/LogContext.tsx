"use client";
import { createContext, useContext } from "react";

/** Opens the Log: by itself on its verbs, or on one verb with some of it filled in. */
export interface LogOpener {
  open(verb?: string, values?: Readonly<Record<string, string>>): void;
}

export const LogContext = createContext<LogOpener>({ open: () => undefined });
export const useLog = (): LogOpener => useContext(LogContext);
