import type { Advice } from "@/core/advice";
import { STAGE_WORDS } from "@/core/ledger/words";
import type { YardView } from "@/core/view";
import type { AdviceWords } from "./advice";
import { nameOf } from "./names";
import { clock, dayAndClock } from "./times";

/** What a batch's stage wants: it runs, its time is up, it stands still, or it is the next. */
export function kettleStage(a: Extract<Advice, { code: "kettle-stage" }>, view: YardView): AdviceWords {
  const batch = nameOf(view, a.batch);
  const stage = STAGE_WORDS[a.stage];
  const steps = [{ label: "To the kettle", href: `/kettle?batch=${a.batch}` }] as const;
  switch (a.state) {
    case "runs":
      return {
        title: `${batch}: ${stage.toLowerCase()} until ${dayAndClock(a.dueAt)}`,
        why: "The clock runs; nothing is to be done before.",
        short: `${stage} to ${clock(a.dueAt)}`,
        steps,
      };
    case "over":
      return {
        title: `${batch}: ${stage.toLowerCase()} is up`,
        why: "Look whether it is as it should be, and go on.",
        short: `${stage}: look`,
        steps,
      };
    case "stopped":
      return {
        title: `${batch} stands still at ${stage.toLowerCase()}`,
        why: "It was stopped. Its page says what it still needs, and whether it may go on.",
        short: "Stopped: go on",
        steps,
      };
    case "next":
      return {
        title: `${batch}: ${stage.toLowerCase()}`,
        why: "It is the next stage of this batch.",
        short: stage,
        steps,
      };
  }
}
