"use client";
import { resistancesOf } from "@/core/filtration/line";
import { METRE_OF_OIL_PA } from "@/core/filtration/runPace";
import { mixOf } from "@/core/readings/vessel/mixture";
import { Why } from "@/desk";
import { useYard } from "@/store";
import { ownIn } from "@/ui/words";
import type { Run } from "./useRun";

/** Why the run takes as long: of the element that it waits for, with the fluid that is most of it. */
export function RunWhy({ run }: { run: Run }) {
  const { view } = useYard();
  const { plan, through } = run;
  const element = plan ? through[plan.slowest] : undefined;
  const stage = plan?.question.stages[plan.slowest];
  const parts = mixOf(run.from.components, run.from.thickness, view.fluids);
  const main = parts.length > 0 ? parts.reduce((a, b) => (b.litres > a.litres ? b : a)) : null;
  if (!plan || !element || !stage || !main || plan.forecast.minutes === null) return null;
  const { drive, litres } = plan.question;
  const readings =
    element.fit.runs === 0
      ? `no run of ${element.bag.name} alone yet: what its rating suggests`
      : `${element.fit.runs} runs in which ${element.bag.name} was the finest; by the most of the oil, ${main.fluid.id}`;
  const common = {
    areaM2: stage.areaM2,
    fluid: main.fluid.id,
    celsius: run.celsius.value ?? view.settings.shedCelsius,
    litres,
    usedFactor: main.usedFactor,
    ...resistancesOf(stage),
    ...ownIn(view),
  };
  return drive.way === "gravity" && drive.headM !== null && drive.feedAreaM2 !== null ? (
    <Why
      name="filter-gravity"
      input={{ ...common, headM: drive.headM, feedAreaM2: drive.feedAreaM2 }}
      readings={readings}
    />
  ) : (
    <Why
      name="filter-time"
      input={{ ...common, pressurePa: drive.way === "pressure" ? drive.pressurePa : METRE_OF_OIL_PA }}
      readings={readings}
    />
  );
}
