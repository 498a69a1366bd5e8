"use client";
import { useEffect, useState } from "react";
import type { Settling, SettlingQuestionData, VesselView } from "@/core/readings";
import { formatNumber } from "@/core/units";
import { useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { shortDay, thicknessWords } from "@/ui/words";

/** Why this vessel is ready when it is: the same question its drawing answers, asked of the yard. */
export function SettlingWhy({ settling: s, vessel }: { settling: Settling; vessel: VesselView }) {
  const { view, client, at } = useYard();
  const units = useUnits();
  const [question, setQuestion] = useState<SettlingQuestionData | null>(null);
  const id = vessel.vessel.id;
  useEffect(() => {
    let gone = false;
    void client.settlingQuestion(id, view.at, at).then((found) => !gone && setQuestion(found));
    return () => {
      gone = true;
    };
  }, [client, id, view, at]);
  if (!question) return null;
  const dips = vessel.dipCount;
  const likely = s.earliestAt && s.latestAt ? `${shortDay(s.earliestAt)} to ${shortDay(s.latestAt)}` : undefined;
  return (
    <Why
      name="settle-forecast"
      input={question}
      likely={likely}
      readings={
        s.grains.readings === 0
          ? "no reading of grain size yet: typical grains, a fifth finer or coarser."
          : `${s.grains.readings} of your own readings of grain size: ${formatNumber(s.grains.size.value, 2)} times the usual (${s.grains.trust}).`
      }
      more={
        <ul className="mt-2 list-disc pl-5">
          <li>
            Standing {formatNumber(s.hours / 24, 1)} days since {shortDay(s.since)}, {units.celsius(s.meanCelsius, 1)}{" "}
            on average. It waits for {s.slowest}.
          </li>
          <li>{AHEAD_WORDS[view.settings.shedAhead]}</li>
          <li>Thickness: {thicknessWords(vessel.thickness)}</li>
          <li>
            {dips === 0
              ? "No dip since it was stirred: layers are drawn from what the sources usually bring."
              : `${dips} ${dips === 1 ? "dip" : "dips"} since it was stirred: the layers are as read.`}
          </li>
        </ul>
      }
    />
  );
}

const AHEAD_WORDS = {
  held: "From now on the shed is taken to stay as last logged.",
  typed: "From now on the shed is taken at the temperature you typed.",
  year: "From now on the shed follows your year curve.",
} as const;
