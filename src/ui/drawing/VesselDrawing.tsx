import { useId } from "react";
import { isMuck } from "@/core/fluids";
import type { Vessel } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import type { Layer } from "@/core/settling";
import { coneTopMm, maxHeightMm, usualLook, type VesselLook, widthAtHeightMm } from "@/core/vessels";
import { CONTAINERS } from "./containers";
import type { Frame } from "./containers/container";
import { type Fill, fillOf, OIL_BY_CLARITY, SCUM } from "./fills";
import { slicePath, widestMm } from "./outline";

interface Props {
  readonly view: VesselView;
  readonly pxPerMm: number;
  /** What a person who cannot see the drawing is told. */
  readonly label: string;
  readonly showDrawOff?: boolean;
  readonly marks?: boolean;
}

const EDGE = 14;

/** A vessel cut open, to scale: layers from the bottom, clearing from the top, the draw-off line. Numbers in, drawing out. */
export function VesselDrawing({
  view,
  pxPerMm,
  label,
  showDrawOff = view.vessel.role === "settling",
  marks = false,
}: Props) {
  const { vessel, layers, settling } = view;
  const width = widestMm(vessel) * pxPerMm;
  const height = vessel.rimMm * pxPerMm;
  const y = (mm: number): number => (vessel.rimMm - mm) * pxPerMm;
  const drawOffMm = showDrawOff && settling ? settling.drawOffMm : null;
  const frame = frameOf(vessel, pxPerMm);
  const look = CONTAINERS[vesselLook(vessel)];
  const outline = slicePath(vessel, 0, vessel.rimMm, { pxPerMm });
  return (
    <svg
      role="img"
      aria-label={label}
      width={width + 2 * EDGE}
      height={height + 4}
      viewBox={`${-width / 2 - EDGE} -2 ${width + 2 * EDGE} ${height + 4}`}
      className="block max-w-none overflow-visible"
    >
      {look.behind?.(frame)}
      <path d={outline} className="fill-card" />
      {layers.map((l) => (
        <LayerSlice key={`${l.kind}${l.fromMm}`} layer={l} view={view} pxPerMm={pxPerMm} />
      ))}
      <path d={outline} fill="none" className="stroke-ink" strokeWidth="2" strokeLinejoin="round" />
      {look.over?.(frame)}
      {marks
        ? Array.from({ length: Math.floor(vessel.rimMm / 100) }, (_, i) => (i + 1) * 100).map((mm) => (
            <path key={mm} d={`M${-width / 2} ${y(mm)}h8`} className="stroke-ink-2" strokeWidth="1" />
          ))
        : null}
      {drawOffMm === null ? null : (
        <g className="stroke-stop fill-stop">
          <path d={`M${-width / 2 - 6} ${y(drawOffMm)}H${width / 2 + 4}`} strokeWidth="2" strokeDasharray="5 3" />
          <path d={`M${width / 2 + 4} ${y(drawOffMm)}l9 -5v10z`} stroke="none" />
        </g>
      )}
    </svg>
  );
}

/** What a container is known by: as its owner said, by what it is for, or by its shape. */
const vesselLook = (vessel: Vessel): VesselLook =>
  vessel.look ?? (vessel.role === "tank" ? "tank" : vessel.role === "kettle" ? "kettle" : usualLook(vessel));

function frameOf(vessel: Vessel, pxPerMm: number): Frame {
  const coneTop = coneTopMm(vessel.shape);
  return {
    width: widestMm(vessel) * pxPerMm,
    top: widthAtHeightMm(vessel.shape, Math.min(vessel.rimMm, maxHeightMm(vessel.shape))) * pxPerMm,
    bottom: widthAtHeightMm(vessel.shape, 0) * pxPerMm,
    height: vessel.rimMm * pxPerMm,
    coneAt: coneTop === null ? null : (vessel.rimMm - coneTop) * pxPerMm,
  };
}

function LayerSlice({ layer, view, pxPerMm }: { layer: Layer; view: VesselView; pxPerMm: number }) {
  const d = slicePath(view.vessel, layer.fromMm, layer.toMm, { pxPerMm });
  if (layer.kind === "oil") return <OilSlices layer={layer} view={view} pxPerMm={pxPerMm} />;
  const fill = layer.kind === "scum" ? SCUM : fillOf(layer.kind === "fat" ? "fryer-fat" : layer.kind);
  return <Hatched d={d} fill={fill} />;
}

/** Depth of colour is dirt: light where the slowest has sunk past, amber where some still hangs, brown as it was stirred. */
function OilSlices({ layer, view, pxPerMm }: { layer: Layer; view: VesselView; pxPerMm: number }) {
  const id = useId();
  const main = view.components.find((c) => !isMuck(c.component));
  const fill = fillOf(main?.component ?? "canola");
  const d = slicePath(view.vessel, layer.fromMm, layer.toMm, { pxPerMm });
  if (!view.settling || fill.hatch !== "none") return <Hatched d={d} fill={fill} />;
  const stops = clarityStops(layer, view.settling.fronts);
  return (
    <>
      <linearGradient
        id={id}
        gradientUnits="userSpaceOnUse"
        x1="0"
        x2="0"
        y1={(view.vessel.rimMm - layer.toMm) * pxPerMm}
        y2={(view.vessel.rimMm - layer.fromMm) * pxPerMm}
      >
        {stops.map((stop, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two stops may be alike, and only their order tells them apart
          <stop key={i} offset={stop.offset} stopColor={stop.colour} />
        ))}
      </linearGradient>
      <path d={d} fill={`url(#${id})`} />
    </>
  );
}

/** How far above and below a front its colour runs over into the next: dirt does not stop at a line. */
const SOFT = 0.06;

/** Colours of oil from the top of its layer down: a step deeper below each front. */
export function clarityStops(
  layer: Pick<Layer, "fromMm" | "toMm">,
  fronts: readonly { readonly clearedAboveMm: number }[],
): { offset: number; colour: string }[] {
  const height = Math.max(1e-9, layer.toMm - layer.fromMm);
  const at = fronts
    .map((f) => Math.min(1, Math.max(0, (layer.toMm - f.clearedAboveMm) / height)))
    .sort((a, b) => a - b);
  const colourBelow = (passed: number): string =>
    passed === 0 ? OIL_BY_CLARITY.clear : passed === at.length ? OIL_BY_CLARITY.raw : OIL_BY_CLARITY.settling;
  const stops = [{ offset: 0, colour: colourBelow(at.filter((a) => a <= 0).length) }];
  for (const [i, a] of at.entries()) {
    if (a <= 0 || a >= 1) continue;
    stops.push({ offset: Math.max(a - SOFT, stops.at(-1)?.offset ?? 0), colour: colourBelow(i) });
    stops.push({ offset: Math.min(1, a + SOFT), colour: colourBelow(i + 1) });
  }
  return stops;
}

function Hatched({ d, fill }: { d: string; fill: Fill }) {
  return (
    <>
      <path d={d} fill={fill.colour} />
      {fill.hatch === "none" ? null : <path d={d} fill={`url(#hatch-${fill.hatch})`} />}
    </>
  );
}
