"use client";
import { useState } from "react";
import { LEFT_ALONE, STAGES } from "@/core/kettle";
import { WALK_ITEMS } from "@/core/ledger/words";
import type { VesselView } from "@/core/readings";
import { LogStep, NoSuchVessel, useChosenVessel, useLog, VesselTabs } from "@/desk";
import { type Answer, AnswerList, Bench, Button, Caution } from "@/ui";
import { fullDay } from "@/ui/words";
import { STAGE_WORDS } from "@/ui/words/kettle";
import { kettleWords } from "../bench/KettlePicture";
import { KettlePages } from "../KettlePages";
import { SightGlass } from "./SightGlass";

type Item = keyof typeof WALK_ITEMS;
const ITEMS = Object.keys(WALK_ITEMS) as Item[];

/** A kettle looked over before its first batch; kept with the kettle. */
export function WalkScreen() {
  const { chosen, all, isUnknown } = useChosenVessel("kettle");
  const log = useLog();
  const kettles = all.filter((v) => v.vessel.role === "kettle" || v.vessel.role === "still");
  const kettle = chosen && kettles.includes(chosen) ? chosen : kettles[0];
  if (isUnknown) return <NoSuchVessel bench="is looked over" />;
  if (!kettle)
    return (
      <Bench title="Walk-down" subtitle="No kettle stands here." asideLabel="More" aside={<KettlePages here="walk" />}>
        <Button className="mt-4" onClick={() => log.open("add-vessel", { preset: "kettle", role: "kettle" })}>
          Add a kettle
        </Button>
      </Bench>
    );
  return (
    <Bench
      title={`Walk down ${kettle.vessel.name}`}
      subtitle={`${kettleWords(kettle)}. ${kettle.walkDown ? `Looked over ${fullDay(kettle.walkDown.at)}.` : "Not looked over yet."}`}
      asideLabel="Left alone"
      aside={
        <>
          <Alone />
          <Button className="mt-3" onClick={() => log.open("change-vessel", { vessel: kettle.vessel.id })}>
            Its material, lid and heater
          </Button>
          <SightGlass key={kettle.vessel.id} kettle={kettle} />
          <KettlePages here="walk" />
        </>
      }
    >
      {kettles.length > 1 ? <VesselTabs all={kettles} chosen={kettle} path="/walkdown" /> : null}
      <WalkForm key={`${kettle.vessel.id} ${kettle.walkDown?.at}`} kettle={kettle} />
    </Bench>
  );
}

function WalkForm({ kettle }: { kettle: VesselView }) {
  const [answers, setAnswers] = useState<Readonly<Partial<Record<Item, Answer>>>>(known(kettle));
  const [wrong, setWrong] = useState<string>();
  const missing = ITEMS.filter((i) => answers[i] === undefined);
  const bad = ITEMS.filter((i) => answers[i] === "no");
  return (
    <div className="mt-2 max-w-[760px]">
      <AnswerList
        items={WALK_ITEMS}
        answers={answers}
        onAnswer={(item, answer) => {
          setAnswers({ ...answers, [item]: answer });
          setWrong(undefined);
        }}
      />
      {bad.length > 0 ? (
        <div className="mt-2">
          <Caution>
            Put right first: {bad.map((i) => WALK_ITEMS[i].toLowerCase()).join("; ")}. Until then no lye and no methanol
            go in.
          </Caution>
        </div>
      ) : null}
      {wrong ? <p className="mt-2 text-stop">{wrong}</p> : null}
      <LogStep
        draft={{ kind: "walk-down", data: { vessel: kettle.vessel.id, checks: { ...answers } } }}
        said={`${kettle.vessel.name} is looked over.`}
        action="Keep it with the kettle"
        isComplete={() => {
          if (missing.length > 0)
            setWrong(`Not answered yet: ${missing.map((i) => WALK_ITEMS[i].toLowerCase()).join("; ")}.`);
          return missing.length === 0;
        }}
      />
    </div>
  );
}

const known = (kettle: VesselView): Partial<Record<Item, Answer>> =>
  Object.fromEntries(Object.entries(kettle.walkDown?.checks ?? {}).filter(([, a]) => a !== undefined));

/** Which stages may run with nobody there, and what a power cut asks for. */
function Alone() {
  const may = STAGES.filter((s) => LEFT_ALONE[s]).map((s) => STAGE_WORDS[s].toLowerCase());
  const not = STAGES.filter((s) => !LEFT_ALONE[s]).map((s) => STAGE_WORDS[s].toLowerCase());
  const once = (list: readonly string[]): string => [...new Set(list)].join(", ");
  return (
    <>
      <h2 className="text-xl">With nobody there</h2>
      <p className="text-[15px]">
        May stand alone: {once(may)}. Not: {once(not)}.
      </p>
      <h2 className="mt-3 text-xl">When the power goes</h2>
      <p className="text-[15px]">
        Heater off at the wall, so that it does not come on again uncovered or unstirred. Lid on. Press “It stopped” on
        its stage: what it has had counts, and the page says how to go on.
      </p>
    </>
  );
}
