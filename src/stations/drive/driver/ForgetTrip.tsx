"use client";
import { useState } from "react";
import { Button } from "@/ui";

/** By two taps: one beside another must not lose a day's drive. */
export function ForgetTrip({ onForget }: { onForget: () => void }) {
  const [isSure, setSure] = useState(false);
  return (
    <Button look="quiet" onClick={() => (isSure ? onForget() : setSure(true))}>
      {isSure ? "Tap again to forget it: nothing of it is kept" : "Forget this trip"}
    </Button>
  );
}
