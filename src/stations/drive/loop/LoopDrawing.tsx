"use client";
import { useMemo } from "react";
import { isTurned, isValve, type Moment, type Pipe, type Rig, type RigPart } from "@/core/driving/rig";
import { useNarrow, useUnits } from "@/desk";
import { fillOf } from "@/ui/drawing/fills";
import { type Laid, layLoop, type Placed, TANK_WORDS_PX } from "./layout";

/** A tank as it stands in the yard, or as the trip has left it. */
export interface DrawnTank {
  readonly litres: number;
  readonly capacityLitres: number;

  /** What it is mostly, for its hatch. */
  readonly main: Parameters<typeof fillOf>[0];
}

interface Props {
  readonly rig: Rig;
  readonly setting: Moment["setting"];
  readonly pipes: Readonly<Record<string, Pipe>>;
  readonly tanks: Readonly<Record<string, DrawnTank>>;
  /** A second line in a part's box, by its id. */
  readonly notes: Readonly<Record<string, string>>;
  readonly label: string;
  /** Turns what a valve hangs on; a loop that is only looked at has none. */
  readonly onValve?: ((part: string) => void) | undefined;
  /** Said of each valve: where it stands, and what a tap does. */
  readonly valveWords: Readonly<Record<string, string>>;
}

/** The fuel loop: what is in which pipe, which way each valve stands, and where it flows. */
export function LoopDrawing({ rig, setting, pipes, tanks, notes, label, onValve, valveWords }: Props) {
  const isNarrow = useNarrow();
  const laid = useMemo(() => layLoop(rig, isNarrow), [rig, isNarrow]);
  const percent = (part: number, of: number): string => `${(100 * part) / of}%`;
  return (
    <div className="relative mt-2 w-full" style={{ maxWidth: laid.width * 1.08 }}>
      <svg role="img" aria-label={label} viewBox={`0 0 ${laid.width} ${laid.height}`} className="h-auto w-full">
        {laid.pipes.map(({ hose, d }) => (
          <Tube key={hose.id} d={d} pipe={pipes[hose.id]} />
        ))}
        {laid.parts.map((p) => (
          <Drawn
            key={p.part.id}
            placed={p}
            note={notes[p.part.id]}
            tank={tanks[p.part.id]}
            arms={laid.arms}
            isNarrow={isNarrow}
            isTurned={isValve(p.part) && isTurned(rig, p.part, setting)}
          />
        ))}
      </svg>
      {onValve
        ? laid.parts
            .filter((p) => isValve(p.part))
            .map((p) => (
              <button
                key={p.part.id}
                type="button"
                aria-label={valveWords[p.part.id]}
                title={valveWords[p.part.id]}
                onClick={() => onValve(p.part.id)}
                className="absolute min-h-[var(--target)] min-w-[var(--target)] -translate-x-1/2 -translate-y-1/2 rounded-full"
                style={{ left: percent(p.x, laid.width), top: percent(p.y, laid.height) }}
              />
            ))
        : null}
    </div>
  );
}

const DIESEL = fillOf("diesel").colour;
const OIL = fillOf("canola").colour;

/** A pipe by what is in it: from diesel to oil by share, grey where it is air; white dots where it moves. */
function Tube({ d, pipe }: { d: string; pipe: Pipe | undefined }) {
  const oil = pipe ? pipe.oil / Math.max(1e-9, 1 - pipe.air) : 0;
  const isAir = !pipe || pipe.air > 0.5;
  const colour = isAir ? "var(--rule)" : `color-mix(in srgb, ${OIL} ${Math.round(100 * oil)}%, ${DIESEL})`;
  const flow = pipe?.litresPerMinute ?? 0;
  const moves = Math.abs(flow) > 1e-4;
  return (
    <>
      <path d={d} fill="none" className="stroke-ink" strokeWidth="13" strokeLinejoin="round" />
      <path d={d} fill="none" stroke={colour} strokeWidth="9" strokeLinejoin="round" />
      {!isAir && oil < 0.5 ? (
        <path d={d} fill="none" stroke="#5f6a1d" strokeOpacity="0.55" strokeWidth="9" strokeDasharray="1.5 9" />
      ) : null}
      {moves ? (
        <path
          d={d}
          fill="none"
          stroke="#ffffff"
          strokeWidth="3.2"
          strokeLinecap="round"
          strokeDasharray="0.1 14"
          className={flow > 0 ? "motion-safe:animate-flow" : "motion-safe:animate-flow-back"}
        />
      ) : null}
    </>
  );
}

interface DrawnProps {
  readonly placed: Placed;
  readonly note: string | undefined;
  readonly tank: DrawnTank | undefined;
  readonly arms: Laid["arms"];
  readonly isNarrow: boolean;
  readonly isTurned: boolean;
}

function Drawn({ placed: p, note, tank, arms, isNarrow, isTurned: turned }: DrawnProps) {
  const { part } = p;
  if (part.kind === "tank") return <Tank placed={p} tank={tank} />;
  if (part.kind === "tee") return <circle cx={p.x} cy={p.y} r="8" className="fill-ink" />;
  if (isValve(part)) return <Valve placed={p} arms={arms} turned={turned} isNarrow={isNarrow} />;
  return <Box placed={p} part={part} note={note} />;
}

function Box({
  placed: { x, y, width, height },
  part,
  note,
}: {
  placed: Placed;
  part: RigPart;
  note: string | undefined;
}) {
  const words = wrapped(part.name, width);
  return (
    <g>
      <rect
        x={x - width / 2}
        y={y - height / 2}
        width={width}
        height={height}
        rx="6"
        className="fill-card stroke-ink"
        strokeWidth="2.5"
      />
      {words.map((line, i) => (
        <text
          key={line}
          x={x}
          y={y + (note ? -3 : 5) + 15 * (i - (words.length - 1) / 2)}
          textAnchor="middle"
          className="fill-ink font-plate text-[15px] font-semibold"
        >
          {line}
        </text>
      ))}
      {note ? (
        <text
          x={x}
          y={y + 14 + 7.5 * (words.length - 1)}
          textAnchor="middle"
          className="fill-ink-2 font-plate text-[14px]"
        >
          {note}
        </text>
      ) : null}
    </g>
  );
}

/** A name too long for its box goes on two lines. */
function wrapped(name: string, width: number): string[] {
  const words = name.split(" ");
  if (name.length * 6.6 <= width || words.length === 1) return [name];
  const half = Math.ceil(words.length / 2);
  return [words.slice(0, half).join(" "), words.slice(half).join(" ")];
}

interface TankProps {
  readonly placed: Placed;
  readonly tank: DrawnTank | undefined;
}

function Tank({ placed: { x, y, width, height, part, wordsAbove }, tank }: TankProps) {
  const units = useUnits();
  const [left, tall] = [x - width / 2, height - TANK_WORDS_PX];
  const top = y - height / 2 + (wordsAbove ? TANK_WORDS_PX : 0);
  const words = wordsAbove ? top - 24 : top + tall + 17;
  const share = tank && tank.capacityLitres > 0 ? Math.min(1, tank.litres / tank.capacityLitres) : 0;
  const fill = fillOf(tank?.main ?? "diesel");
  const surface = top + tall * (1 - share);
  return (
    <g>
      <rect x={left} y={top} width={width} height={tall} rx="8" className="fill-card" />
      <rect x={left + 1} y={surface} width={width - 2} height={tall * share} rx="6" fill={fill.colour} />
      {fill.hatch === "none" ? null : (
        <rect
          x={left + 1}
          y={surface}
          width={width - 2}
          height={tall * share}
          rx="6"
          fill={`url(#hatch-${fill.hatch})`}
        />
      )}
      <rect x={left} y={top} width={width} height={tall} rx="8" fill="none" className="stroke-ink" strokeWidth="2.5" />
      <text x={left} y={words} className="fill-ink font-plate text-[16px] font-semibold">
        {part.name}
      </text>
      {tank ? (
        <text x={left} y={words + 16} className="fill-ink-2 font-plate text-[14px]">
          {units.litres(tank.litres)} of {units.litres(tank.capacityLitres)}
        </text>
      ) : null}
    </g>
  );
}

const RADIUS = 26;

/** A valve with its way drawn in: from where it always meets to where it meets now. */
interface ValveProps {
  readonly placed: Placed;
  readonly arms: Laid["arms"];
  readonly turned: boolean;
  readonly isNarrow: boolean;
}

function Valve({ placed: { part, x, y }, arms, turned, isNarrow }: ValveProps) {
  const open = part.kind === "three-way" ? ["common", turned ? "b" : "a"] : turned ? ["in", "out"] : [];
  const way = open.flatMap((port) => {
    const arm = arms.get(`${part.id}.${port}`);
    if (!arm) return [];
    const far = Math.hypot(arm.x - x, arm.y - y) || 1;
    return [{ x: x + ((arm.x - x) / far) * (RADIUS - 3), y: y + ((arm.y - y) / far) * (RADIUS - 3) }];
  });
  const [a, b] = way;
  return (
    <g>
      <circle cx={x} cy={y} r={RADIUS} className="fill-card stroke-ink" strokeWidth="3" />
      <path
        d={a && b ? `M${a.x} ${a.y}L${x} ${y}L${b.x} ${b.y}` : `M${x} ${y - RADIUS + 4}V${y + RADIUS - 4}`}
        fill="none"
        className="stroke-ink"
        strokeWidth="9"
        strokeLinejoin="round"
      />
      <text
        x={isNarrow ? x + RADIUS + 6 : x}
        y={isNarrow ? y + 5 : y - RADIUS - 6}
        textAnchor={isNarrow ? "start" : "middle"}
        className="fill-ink stroke-floor font-plate text-[15px] font-semibold"
        strokeWidth="4"
        style={{ paintOrder: "stroke" }}
      >
        {part.name}
      </text>
    </g>
  );
}
