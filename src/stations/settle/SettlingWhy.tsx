"use client";
import { useEffect, useState } from "react";
import type { Settling, SettlingQuestionData, VesselView } from "@/core/advice";
import { formatNumber } from "@/core/units";
import { useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { shortDay } from "@/ui/words";

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
  }, [client, id, view.at, at]);
  if (!question) return null;
  const dips = vessel.dips.length;
  const likely = s.earliestAt && s.latestAt ? `${shortDay(s.earliestAt)} to ${shortDay(s.latestAt)}` : undefined;
  return (
    <Why
      name="settle-forecast"
      input={question}
      likely={likely}
      readings="no reading of grain size yet: typical grains, a fifth finer or coarser."
      more={
        <ul className="mt-2 list-disc pl-5">
          <li>
            Standing {formatNumber(s.hours / 24, 1)} days since {shortDay(s.since)}, shed{" "}
            {units.celsius(s.meanCelsius, 1)} on average. It waits for {s.slowest}.
          </li>
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
