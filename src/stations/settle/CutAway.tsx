"use client";
import { memo } from "react";
import type { VesselView } from "@/core/readings";
import { useUnits } from "@/desk";
import { VesselDrawing, vesselWords } from "@/ui";
import { widestMm } from "@/ui/drawing/outline";
import type { Units } from "@/ui/words";
import { StickHandles } from "./StickHandles";
import type { DipDraft } from "./useDip";

const TALL_PX = 390;
const SCALE_PX = 44;

/** The labels need their share of a phone's width. */
const isNarrow = (): boolean => window.matchMedia("(max-width: 640px)").matches;
const widestPx = (): number => (isNarrow() ? 130 : 250);

interface Label {
  readonly mm: number;
  readonly text: string;
  readonly strong?: boolean;
  /** By the book or a model; what a stick read is written upright. */
  readonly reckoned?: boolean;
}

interface Props {
  /** As it stands at the moment the slider shows. */
  readonly vessel: VesselView;
  readonly dip: DipDraft | null;
}

/** The vessel cut open, large, with every height in it named beside it. */
export const CutAway = memo(function CutAway({ vessel: v, dip }: Props) {
  const units = useUnits();
  const pxPerMm = Math.min(TALL_PX / v.vessel.rimMm, widestPx() / widestMm(v.vessel));
  const labels = spread(labelsOf(v, units), v.vessel.rimMm, pxPerMm);
  const stepMm = units.length.unit === "in" ? 127 : 200;
  const width = widestMm(v.vessel) * pxPerMm + 28;
  const height = v.vessel.rimMm * pxPerMm + 24;
  const lowest = Math.max(height, (labels.at(-1)?.y ?? 0) + LINE_PX);
  return (
    <div className="relative mt-9 w-[480px] max-w-full" style={{ height: lowest }}>
      <div className="absolute" style={{ left: SCALE_PX }}>
        <VesselDrawing view={v} pxPerMm={pxPerMm} label={vesselWords(v, units)} marks showDrawOff />
      </div>
      <svg
        aria-hidden="true"
        width={width + 230}
        height={lowest}
        className="pointer-events-none absolute left-0 max-w-full overflow-visible"
      >
        {Array.from({ length: Math.floor(v.vessel.rimMm / stepMm) + 1 }, (_, i) => i * stepMm).map((mm) => (
          <text
            key={mm}
            x="40"
            y={(v.vessel.rimMm - mm) * pxPerMm + 6}
            textAnchor="end"
            className="fill-ink-2 font-plate text-[14px]"
          >
            {Math.round(units.length.of(mm))}
          </text>
        ))}
        {v.settling && !dip?.open ? (
          <Above
            x={SCALE_PX + width / 2}
            y={(v.vessel.rimMm - v.settling.drawOffMm) * pxPerMm + 2}
            text={`${units.litres(v.settling.drawableLitres)} above`}
          />
        ) : null}
        {dip?.open
          ? null
          : labels.map((l) => (
              <g key={l.text}>
                <path
                  d={`M${width + 32} ${l.y0}L${width + 46} ${l.y}`}
                  className={l.strong ? "stroke-stop" : "stroke-ink-2"}
                />
                <text
                  x={width + 50}
                  y={l.y + 5}
                  className={`text-[14px] ${l.reckoned ? "italic" : ""} ${l.strong ? "fill-stop font-plate text-[17px] font-semibold" : "fill-ink"}`}
                >
                  {l.text}
                </text>
              </g>
            ))}
      </svg>
      {dip?.open ? (
        <StickHandles
          dip={dip}
          rimMm={v.vessel.rimMm}
          pxPerMm={pxPerMm}
          left={SCALE_PX + 14}
          width={Math.max(width - 28, 240)}
        />
      ) : null}
    </div>
  );
});

const PLATE_PX = { width: 92, height: 22 };

/** What lies above the draw-off line, on a plate that reads on any oil. */
function Above({ x, y, text }: { x: number; y: number; text: string }) {
  const top = y - PLATE_PX.height - 5;
  return (
    <>
      <rect x={x - PLATE_PX.width / 2} y={top} rx="4" {...PLATE_PX} className="fill-card" />
      <text x={x} y={top + 16} textAnchor="middle" className="fill-ink font-plate text-[16px] font-semibold">
        {text}
      </text>
    </>
  );
}

function labelsOf(v: VesselView, units: Units): Label[] {
  const labels: Label[] = [{ mm: v.surfaceMm, text: `oil ${units.mm(v.surfaceMm)}, ${units.litres(v.litres)}` }];
  for (const f of v.settling?.fronts ?? [])
    if (f.clearedAboveMm > (v.settling?.drawOffMm ?? 0) && f.clearedAboveMm < v.surfaceMm - 1)
      labels.push({
        mm: f.clearedAboveMm,
        text: `${isNarrow() ? f.name.replace(SIZE, "") : f.name} gone above ${units.length.text(Math.round(f.clearedAboveMm))}`,
        reckoned: true,
      });
  if (v.settling)
    labels.push({
      mm: v.settling.drawOffMm,
      text: `draw off here, ${units.mm(v.settling.drawOffMm)}`,
      strong: true,
    });
  const names = { fat: "fat line", water: "water", sludge: "sludge", scum: "scum floats above" } as const;
  const found: Partial<Record<string, boolean>> = { ...v.found, scum: true };
  for (const l of v.layers) {
    if (l.kind === "oil") continue;
    const mm = l.kind === "scum" ? l.fromMm : l.toMm;
    labels.push({
      mm,
      text: found[l.kind] ? `${names[l.kind]} ${units.mm(mm)}, read` : `${names[l.kind]} about ${units.mm(mm)}`,
      reckoned: !found[l.kind],
    });
  }
  return labels;
}

const LINE_PX = 19;
const SIZE = / \d+ µm$/;

/** Labels from the top down, none on top of another. */
function spread(labels: readonly Label[], rimMm: number, pxPerMm: number): (Label & { y: number; y0: number })[] {
  let last = -LINE_PX;
  return [...labels]
    .sort((a, b) => b.mm - a.mm)
    .map((l) => {
      const y0 = (rimMm - l.mm) * pxPerMm + 2;
      const y = Math.max(y0, last + LINE_PX);
      last = y;
      return { ...l, y, y0 };
    });
}
