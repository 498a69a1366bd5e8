"use client";
import { useState } from "react";
import type { Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { LogStep } from "@/desk";
import { ClarityChoice } from "@/ui";
import { clarityWord } from "@/ui/words";

interface Props {
  readonly target: VesselView;
  readonly isDark: boolean;
  readonly onDone: () => void;
}

/** A jar filled half-way up and held to the light: clear is fine, and what hangs is not down yet. */
export function JarStep({ target, isDark, onDone }: Props) {
  const [step, setStep] = useState("");
  const [wrong, setWrong] = useState<string>();
  const draft: Draft | null =
    step === ""
      ? null
      : {
          kind: "jar",
          data: { vessel: target.vessel.id, step: Number(step), atMm: Math.round(target.surfaceMm / 2) },
        };
  return (
    <>
      <p>
        Draw it from half-way up, and look through it at a line of print.{" "}
        {isDark
          ? "Too dark to see through: smear a drop on a glass against the light, and feel it between the fingers. Grit or slime is not down yet."
          : "Clear means fine."}
      </p>
      <div className="mt-2">
        <ClarityChoice
          label="It looks"
          value={step}
          onChange={(s) => {
            setStep(s);
            setWrong(undefined);
          }}
          error={wrong}
        />
      </div>
      <LogStep
        draft={draft}
        said={`The jar of ${target.vessel.name}: ${step === "" ? "" : clarityWord(Number(step))}.`}
        action="Log the jar"
        isComplete={() => {
          if (step === "") setWrong("How does it look?");
          return step !== "";
        }}
        onDone={onDone}
      />
    </>
  );
}
