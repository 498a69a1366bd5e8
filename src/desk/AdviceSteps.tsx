"use client";
import { buttonClass, Button, type ButtonLook } from "@/ui";
import type { Step } from "@/ui/words";
import { YardLink } from "./links";
import { useLog } from "./LogContext";

/** One step of an advice as a thing to press: a bench to go to, or the Log filled in. */
export function StepButton({ step, look, label }: { step: Step; look: ButtonLook; label?: string }) {
  const log = useLog();
  if (step.href)
    return (
      <YardLink href={step.href} className={buttonClass(look)} {...(label && { label })}>
        {step.label}
      </YardLink>
    );
  return (
    <Button look={look} aria-label={label} onClick={() => log.open(step.log?.verb, step.log?.values)}>
      {step.label}
    </Button>
  );
}
