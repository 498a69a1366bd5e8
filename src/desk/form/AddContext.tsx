"use client";
import { createContext } from "react";

/** Opens the form of a verb that makes a thing, and comes back with the thing's id. */
export type Add = (verb: string, given: Readonly<Record<string, string>>, onMade: (id: string) => void) => void;

/** Null where nothing can be added on the way: in the books, say. */
export const AddContext = createContext<Add | null>(null);
