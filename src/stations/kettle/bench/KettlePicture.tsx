"use client";
import type { Stage } from "@/core/kettle";
import { kgIn } from "@/core/kettle";
import type { BatchState } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { potIn, splitExpected } from "@/core/readings/kettle/pots";
import { stageState } from "@/core/readings/kettle/stages";
import type { Layer } from "@/core/settling";
import { heightAtLitres } from "@/core/vessels";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { VesselDrawing } from "@/ui";
import { clock } from "@/ui/words";

const TALL_PX = 330;
const STANDING: ReadonlySet<Stage> = new Set([
  "acid-settle",
  "acid-split",
  "settle",
  "split",
  "settle-2",
  "split-2",
  "wash",
]);

interface Props {
  readonly vessel: VesselView;
  readonly batch: BatchState;
  readonly stage: Stage | null;
}

/** The kettle cut open, to scale, with its layers as they should be by now; what matters written beside it. */
export function KettlePicture({ vessel: v, batch, stage }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const pot = potIn(v);
  const stands = stage !== null && STANDING.has(stage);
  const hasGlycerol = kgIn(pot, "glycerol") > 0.05;
  const expected = stands
    ? splitExpected(pot, hasGlycerol ? "glycerol" : stage === "wash" ? "wash" : "acid", view.settings.phases)
    : null;
  const lineMm =
    expected && expected.litres > 0.05 ? heightAtLitres(v.vessel, Math.min(expected.litres, v.capacityLitres)) : null;
  const layers: Layer[] = [
    ...(lineMm === null
      ? []
      : [{ kind: hasGlycerol ? ("sludge" as const) : ("water" as const), fromMm: 0, toMm: lineMm }]),
    { kind: "oil", fromMm: lineMm ?? 0, toMm: v.surfaceMm },
  ];
  const shown: VesselView = { ...v, layers, settling: null };
  const last = batch.readings.at(-1);
  const runs = stage === null ? null : stageState(batch, stage).runsSince;
  const room = v.capacityLitres - v.litres;
  const words = [
    `${units.litres(v.litres)}, ${room >= 0 ? `foam room ${units.litres(room)}` : "over its rim"}`,
    ...(last ? [`${units.celsius(last.celsius, 1)} at ${clock(last.at)}${runs ? ", stirring" : ""}`] : []),
    ...(lineMm === null ? [] : [`the line at ${units.mm(lineMm)}`]),
  ];
  const y = (mm: number): number => (1 - mm / v.vessel.rimMm) * TALL_PX;
  return (
    <figure className="flex gap-4">
      <div className="relative">
        <VesselDrawing
          view={shown}
          pxPerMm={TALL_PX / v.vessel.rimMm}
          label={`${v.vessel.name}: ${words.join(", ")}`}
          showDrawOff={false}
          marks
        />
        <span
          aria-hidden="true"
          className="absolute left-full ml-1 w-40 border-t border-ink pt-0.5 font-plate text-[15px] font-semibold max-md:hidden"
          style={{ top: y(v.surfaceMm) }}
        >
          {words[0]}
        </span>
        {lineMm === null || y(lineMm) - y(v.surfaceMm) < 40 ? null : (
          <span
            aria-hidden="true"
            className="absolute left-full ml-1 w-40 border-t border-ink pt-0.5 font-plate text-[15px] max-md:hidden"
            style={{ top: y(lineMm) }}
          >
            {words.at(-1)}
          </span>
        )}
        <figcaption className="w-0 min-w-full text-center">
          <b className="block font-plate text-[18px]">{v.vessel.name}</b>
          <span className="text-[14px] text-ink-2">{kettleWords(v)}</span>
          {last ? <span className="block text-[14px]">{words[1]}</span> : null}
          <span className="block text-[14px] md:hidden">
            {[words[0], ...(lineMm === null ? [] : [words.at(-1)])].join(", ")}
          </span>
        </figcaption>
      </div>
      <span aria-hidden="true" className="w-36 shrink-0 max-md:hidden" />
    </figure>
  );
}

/** What a kettle is, in a line. */
export function kettleWords({ vessel }: VesselView): string {
  return [
    vessel.material?.replaceAll("-", " ") ?? "of what nobody has said",
    vessel.isClosed ? "closed, vent led away" : "open",
    vessel.heaterKw ? `${vessel.heaterKw}\u00a0kW` : "no heater said",
  ].join(", ");
}
