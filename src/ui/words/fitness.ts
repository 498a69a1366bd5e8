import type { DraftRefusal, FitnessRefusal } from "@/core/clearance";
import type { YardView } from "@/core/view";
import { wordInterlock } from "./interlocks";
import { nameOf } from "./names";
import { unitsOf } from "./units";

export const isFitness = (r: DraftRefusal): r is FitnessRefusal => "into" in r;

/** Why a step is refused, and what to do in its place. */
export const wordRefusal = (r: DraftRefusal, view: YardView): string =>
  isFitness(r) ? wordFitness(r, view) : wordInterlock(r, unitsOf(view.settings));

function wordFitness(r: FitnessRefusal, view: YardView): string {
  const from = r.from === null ? "This oil" : `What is in ${nameOf(view, r.from)}`;
  const into = nameOf(view, r.into);
  switch (r.code) {
    case "slops-into-fuel":
      return `${from} is slops. It does not go into ${into}: let it settle, draw its clear top off, and run that through the bags.`;
    case "raw-into-fuel":
      return `${from} is raw. It does not go into ${into}: let it settle, draw it off above the line, then run it through the bags.`;
    case "wet-into-fuel":
      return `${from} is wet. Water in ${into} rusts an injection pump and seizes it: dry it, and test it again.`;
    case "not-cleared-into-fuel":
      return `${from} has not cleared yet: fines still hang above the line. Wait, or draw it off to wait for the bags.`;
    case "unfiltered-into-tank":
      return `${from} has been through no bag. Run it through the line into Ready, then fill ${into}.`;
    case "engine-oil-into-tank":
      return `${from} has engine oil in it that has been through no fine bag: its soot and metal wear the pump. Filter it to 10 µm or less, then blend it in a can.`;
  }
}
