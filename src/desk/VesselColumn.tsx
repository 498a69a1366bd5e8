"use client";
import { usePathname } from "next/navigation";
import type { VesselView } from "@/core/readings";
import { useYard } from "@/store";
import { VesselDrawing, vesselWords } from "@/ui";
import { widestMm } from "@/ui/drawing/outline";
import { mostlyWords, standingDays, type Units, wordAdvice } from "@/ui/words";
import { amissWords } from "@/ui/words/amiss";
import { StepButton } from "./AdviceSteps";
import { YardLink } from "./links";
import { useUnits } from "./useUnits";

interface Props {
  readonly vessel: VesselView;
  readonly pxPerMm: number;
  /** One line under the name, where many stand. */
  readonly isDense?: boolean;
  /** The nearest thing to do is at this one: it stands out, the others are quiet. */
  readonly isNext?: boolean;
  /** Of a row's width, against the others in it: a tote needs more than a pail. */
  readonly share?: number;
  readonly drag?: { ref: (el: HTMLElement | null) => void; listeners: object | undefined; over: boolean };
}

/** One vessel on the floor line, and under it its plate: name, what is in it, how it stands, the next thing to do. */
export function VesselColumn({ vessel: v, pxPerMm, isDense = false, isNext = false, share, drag }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const advice = view.advice.find((a) => a.vessel === v.vessel.id);
  const path = usePathname();
  const words = advice ? wordAdvice(advice, view) : null;
  // On the bench itself its own step is the bench: a button to where one stands would do nothing.
  const elsewhere = words !== null && words.steps[0].href?.split("?")[0] !== path;
  const dueNow = advice !== undefined && advice.dueAt <= view.at;
  const [holds, how] = [
    v.litres < 0.05 ? "empty" : `${units.litres(v.litres)} ${mostlyWords(v.components)}`,
    stands(v, view.at, units),
  ];
  const [amiss] = v.words;
  return (
    <li
      className={`flex min-w-0 flex-1 flex-col items-center justify-end ${isDense ? "basis-[84px] pt-[28px]" : "basis-[100px] pt-[30px]"}`}
      // Where nobody has shared out the row, one that is wider than its place goes to the next row.
      style={share === undefined ? { minWidth: v.broken ? 0 : widestMm(v.vessel) * pxPerMm } : { flex: `${share} 1 0` }}
      data-vessel={v.vessel.id}
      tabIndex={-1}
    >
      <div
        ref={drag?.ref}
        {...drag?.listeners}
        className={`-mx-2 touch-manipulation ${drag?.listeners ? "cursor-grab" : ""} ${drag?.over ? "rounded outline-3 outline-go" : ""}`}
      >
        <VesselDrawing view={v} pxPerMm={pxPerMm} label={vesselWords(v, units)} />
      </div>
      <div aria-hidden="true" className="h-[6px] w-full bg-rule" />
      <div
        className={`flex w-full flex-col items-center px-0.5 pt-1 text-center *:shrink-0 ${isDense ? "h-[94px]" : "h-[116px] gap-0.5"}`}
      >
        <h3 className="max-w-full truncate text-[16px] leading-tight">
          <YardLink href={`/container?vessel=${v.vessel.id}`}>{v.vessel.name}</YardLink>
        </h3>
        {isDense ? (
          <p className="line-clamp-1 font-plate text-[14px] leading-tight text-ink-2">
            {amiss ? (
              <b className="text-stop">{amissWords(amiss, units)}</b>
            ) : (
              [v.litres < 0.05 ? "empty" : units.litres(v.litres), how.split(",")[0]].filter(Boolean).join(", ")
            )}
          </p>
        ) : (
          <>
            <p className="line-clamp-2 font-plate text-[14px] leading-tight text-ink-2">{holds}</p>
            {amiss ? (
              <p className="line-clamp-2 font-plate text-[14px] leading-tight font-semibold text-stop">
                {amissWords(amiss, units)}
              </p>
            ) : (
              <p className="line-clamp-1 font-plate text-[14px] leading-tight text-ink-2">{how}</p>
            )}
          </>
        )}
        {words && elsewhere ? (
          <div className="mt-auto max-w-full pb-1">
            <StepButton
              step={{ ...words.steps[0], label: words.short }}
              look={isNext ? (dueNow ? "stop" : "go") : "plain"}
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
  const proven = v.litres > 0.05 && (v.quality.filteredUm ?? 0) > 0 ? `${v.quality.filteredUm} µm` : "";
  if (v.vessel.role === "ready" && v.changedAt)
    return [proven, `rested ${standingDays(v.changedAt, now)}`].filter(Boolean).join(", ");
  if (proven) return proven;
  if (!v.settling || !v.stirredAt) return "";
  const line = v.dipped && fat ? `, fat ${units.mm(fat.toMm)}` : "";
  return `${standingDays(v.stirredAt, now)}${line}`;
}
