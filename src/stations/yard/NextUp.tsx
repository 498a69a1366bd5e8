"use client";
import { useState } from "react";
import { enteredLitres } from "@/core/ledger/accounts";
import { MS_PER_DAY } from "@/core/units";
import { StepButton, useLog, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button, buttonClass, Termed } from "@/ui";
import { due, wordAdvice } from "@/ui/words";

/** On a phone the first few stand above the drawing; the rest are one press away. */
const ON_PHONE = 3;

/** What to do next, by time, each with its why and its first steps. */
export function NextUp() {
  const { view } = useYard();
  const [all, setAll] = useState(false);
  const today = view.advice.filter((a) => Date.parse(a.dueAt) < Date.parse(view.at) + MS_PER_DAY).length;
  return (
    <>
      <div className="flex items-baseline justify-between border-b border-rule pb-2">
        <h2 className="text-xl">Next up</h2>
        <p className="font-plate text-[15px]">{today} today</p>
      </div>
      {view.advice.length === 0 ? <NothingDue /> : null}
      <ol>
        {view.advice.map((a, index) => {
          const words = wordAdvice(a, view);
          const at = due(a.dueAt, view.at);
          return (
            <li
              key={a.id}
              className={`grid grid-cols-[68px_1fr] gap-x-2 border-b border-rule py-3 ${index >= ON_PHONE && !all ? "max-lg:hidden" : ""}`}
            >
              <p
                className={`font-plate text-[16px] font-semibold leading-tight ${at.main === "Now" ? "text-stop" : ""}`}
              >
                {at.main}
                <span className="block text-[13px] font-medium text-ink-2">{at.sub}</span>
              </p>
              <div>
                <h3 className="text-[16px] leading-tight">{words.title}</h3>
                <p className="text-[14px] text-ink-2">
                  <Termed>{words.why}</Termed>
                </p>
                <div className="mt-1.5 flex flex-wrap gap-2">
                  {words.steps.map((step, i) => (
                    <StepButton
                      key={step.label}
                      step={step}
                      look={i === 0 && index === 0 ? "go" : "plain"}
                      label={`${step.label}: ${words.title}`}
                    />
                  ))}
                </div>
              </div>
            </li>
          );
        })}
      </ol>
      {view.advice.length > ON_PHONE && !all ? (
        <Button className="mt-2 lg:hidden" onClick={() => setAll(true)}>
          Show all {view.advice.length}
        </Button>
      ) : null}
    </>
  );
}

/** In a yard without oil the next thing is to put some in, by whichever way. */
function NothingDue() {
  const { view } = useYard();
  const log = useLog();
  if (enteredLitres(view.balance) > 0) return <p className="py-3">Nothing is due. Everything stands as it should.</p>;
  return (
    <div className="py-3">
      <p>No oil is in the book yet.</p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button look="go" onClick={() => log.open("pickup")}>
          Pick up
        </Button>
        <YardLink href="/opening" className={buttonClass("plain")}>
          What stands there already
        </YardLink>
      </div>
    </div>
  );
}
