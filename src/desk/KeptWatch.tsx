"use client";
import { useEffect } from "react";
import { toast } from "sonner";
import { type KeptTrouble, keptTexts } from "./keptTexts";

const SAID: Record<KeptTrouble, string> = {
  full: "This browser keeps nothing more beside the yard. What is half typed, and any timer, is on this page only: do not close it.",
  cleared: "The browser had cleared its drafts and timers. What this page knew of them was put back.",
};

/** Says what becomes of drafts and timers when the browser does not keep them. */
export function KeptWatch() {
  useEffect(() => keptTexts.onTrouble((trouble) => void toast.error(SAID[trouble], { duration: 30_000 })), []);
  return null;
}
