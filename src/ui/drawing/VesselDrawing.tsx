import { isMuck } from "@/core/fluids";
import type { VesselView } from "@/core/readings";
import type { Layer } from "@/core/settling";
import { lookOf } from "@/core/vessels";
import { FILLS, type Fill, OIL_BY_CLARITY, SCUM } from "./fills";
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
export function VesselDrawing({ view, pxPerMm, label, showDrawOff = true, marks = false }: Props) {
  const { vessel, layers, settling } = view;
  const width = widestMm(vessel) * pxPerMm;
  const height = vessel.rimMm * pxPerMm;
  const y = (mm: number): number => (vessel.rimMm - mm) * pxPerMm;
  const drawOffMm = showDrawOff && settling && vessel.role === "settling" ? settling.drawOffMm : null;
  const lying = lookOf(vessel.shape) === "lying";
  return (
    <svg
      role="img"
      aria-label={label}
      width={width + 2 * EDGE}
      height={height + 4}
      viewBox={`${-width / 2 - EDGE} -2 ${width + 2 * EDGE} ${height + 4}`}
      className="block max-w-none"
    >
      <path d={slicePath(vessel, 0, vessel.rimMm, { pxPerMm })} className="fill-card" />
      {layers.map((l) => (
        <LayerSlice key={`${l.kind}${l.fromMm}`} layer={l} view={view} pxPerMm={pxPerMm} />
      ))}
      {lookOf(vessel.shape) === "hooped" && vessel.rimMm > 700
        ? [1 / 3, 2 / 3].map((share) => (
            <path
              key={share}
              d={`M${-width / 2} ${height * share}H${width / 2}`}
              className="stroke-ink"
              strokeWidth="1.5"
            />
          ))
        : null}
      <path
        d={slicePath(vessel, 0, vessel.rimMm, { pxPerMm })}
        fill="none"
        className="stroke-ink"
        strokeWidth="2"
        strokeLinejoin="round"
      />
      {lying ? (
        <path
          d={`M${-width / 2 + 6} 0Q${-width / 2 - 2} ${height / 2} ${-width / 2 + 6} ${height}`}
          fill="none"
          className="stroke-ink"
          strokeWidth="1"
        />
      ) : null}
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

function LayerSlice({ layer, view, pxPerMm }: { layer: Layer; view: VesselView; pxPerMm: number }) {
  const d = slicePath(view.vessel, layer.fromMm, layer.toMm, { pxPerMm });
  if (layer.kind === "oil") return <OilSlices layer={layer} view={view} pxPerMm={pxPerMm} />;
  const fill = layer.kind === "scum" ? SCUM : FILLS[layer.kind === "fat" ? "fryer-fat" : layer.kind];
  return <Hatched d={d} fill={fill} />;
}

/** Oil while it settles: clear above where the slowest dirt has fallen to, raw below where the fastest has. */
function OilSlices({ layer, view, pxPerMm }: { layer: Layer; view: VesselView; pxPerMm: number }) {
  const main = view.components.find((c) => !isMuck(c.component));
  const fill = FILLS[main?.component ?? "canola"];
  const path = (from: number, to: number): string => slicePath(view.vessel, from, to, { pxPerMm });
  if (!view.settling || fill.hatch !== "none") return <Hatched d={path(layer.fromMm, layer.toMm)} fill={fill} />;
  const fronts = view.settling.fronts
    .map((f) => Math.min(layer.toMm, Math.max(layer.fromMm, f.clearedAboveMm)))
    .sort((a, b) => b - a);
  const bounds = [layer.toMm, ...fronts, layer.fromMm];
  return (
    <>
      {bounds.slice(1).map((from, i) => {
        const to = bounds[i] ?? from;
        if (to - from < 0.5) return null;
        const step =
          i === 0 ? OIL_BY_CLARITY.clear : i === bounds.length - 2 ? OIL_BY_CLARITY.raw : OIL_BY_CLARITY.settling;
        return (
          <path
            key={`${from}-${to}`}
            d={path(from, to)}
            fill={step}
            fillOpacity={i > 0 && i < bounds.length - 2 ? 0.75 + 0.25 / i : 1}
          />
        );
      })}
    </>
  );
}

function Hatched({ d, fill }: { d: string; fill: Fill }) {
  return (
    <>
      <path d={d} fill={fill.colour} />
      {fill.hatch === "none" ? null : <path d={d} fill={`url(#hatch-${fill.hatch})`} />}
    </>
  );
}
