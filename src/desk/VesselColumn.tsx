"use client";
import { usePathname } from "next/navigation";
import type { VesselView } from "@/core/readings";
import { useYard } from "@/store";
import { VesselDrawing, vesselWords } from "@/ui";
import { mostlyWords, standingDays, type Units, wordAdvice } from "@/ui/words";
import { StepButton } from "./AdviceSteps";
import { useUnits } from "./useUnits";

interface Props {
  readonly vessel: VesselView;
  readonly pxPerMm: number;
  readonly drag?: { ref: (el: HTMLElement | null) => void; listeners: object | undefined; over: boolean };
}

/** One vessel on the floor line, and under it its plate: name, what is in it, how it stands, the next thing to do. */
export function VesselColumn({ vessel: v, pxPerMm, drag }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const advice = view.advice.find((a) => a.vessel === v.vessel.id);
  const path = usePathname();
  const words = advice ? wordAdvice(advice, view) : null;
  // On the bench itself its own step is the bench: a button to where one stands would do nothing.
  const elsewhere = words !== null && words.steps[0].href?.split("?")[0] !== path;
  const dueNow = advice !== undefined && advice.dueAt <= view.at;
  return (
    <li className="flex w-min min-w-[104px] flex-col items-center justify-end" data-vessel={v.vessel.id}>
      <div
        ref={drag?.ref}
        {...drag?.listeners}
        className={`touch-pan-y ${drag ? "cursor-grab" : ""} ${drag?.over ? "rounded outline-3 outline-go" : ""}`}
      >
        <VesselDrawing view={v} pxPerMm={pxPerMm} label={vesselWords(v, units)} />
      </div>
      <div aria-hidden="true" className="h-[7px] w-full bg-rule" />
      <div className="flex h-[112px] w-full flex-col items-center gap-0.5 px-1 pt-1.5 text-center">
        <h3 className="text-[16px] leading-tight whitespace-nowrap">{v.vessel.name}</h3>
        <p className="text-[13px] leading-tight text-ink-2">
          {v.litres < 0.05 ? "empty" : `${units.litres(v.litres)} ${mostlyWords(v.components)}`}
        </p>
        <p className="text-[13px] leading-tight whitespace-nowrap text-ink-2">{stands(v, view.at, units)}</p>
        {words && elsewhere ? (
          <div className="mt-auto pb-1">
            <StepButton
              step={{ ...words.steps[0], label: words.short }}
              look={dueNow && advice?.code === "draw-off" ? "stop" : "plain"}
              label={`${words.short}: ${v.vessel.name}`}
              small
            />
          </div>
        ) : null}
      </div>
    </li>
  );
}

function stands(v: VesselView, now: string, units: Units): string {
  if (v.broken) return "its rim cannot be right";
  if (v.uncovered) return "too cold or hot to forecast";
  const fat = v.layers.find((l) => l.kind === "fat");
  if (v.quality.water?.wet && v.vessel.role !== "waste") return "wet: test it";
  if (v.vessel.role === "ready" && v.changedAt) return `rested ${standingDays(v.changedAt, now)}`;
  if (!v.settling || !v.stirredAt) return "";
  const line = v.dipped && fat ? `, fat ${units.mm(fat.toMm)}` : "";
  return `${standingDays(v.stirredAt, now)}${line}`;
}
