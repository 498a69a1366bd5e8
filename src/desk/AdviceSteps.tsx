"use client";
import { type ButtonLook, buttonClass } from "@/ui";
import type { Step } from "@/ui/words";
import { useLog } from "./LogContext";
import { YardLink } from "./links";

/** One step of an advice as a thing to press: a bench to go to, or the Log filled in. */
interface Props {
  readonly step: Step;
  readonly look: ButtonLook;
  readonly label?: string;
  readonly small?: boolean;
}

export function StepButton({ step, look, label, small = false }: Props) {
  const log = useLog();
  if (step.href)
    return (
      <YardLink href={step.href} className={buttonClass(look, small ? "small" : "usual")} {...(label && { label })}>
        {step.label}
      </YardLink>
    );
  return (
    <button
      type="button"
      className={buttonClass(look, small ? "small" : "usual")}
      aria-label={label}
      onClick={() => log.open(step.log?.verb, step.log?.values)}
    >
      {step.label}
    </button>
  );
}
