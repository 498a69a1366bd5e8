"use client";
import { type Arrangement, arrangementOf } from "@/core/driving";
import type { Vehicle } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { useNarrow, useUnits } from "@/desk";
import { fillOf } from "@/ui/drawing/fills";
import { contentsWords } from "@/ui/words";
import { LYING, STANDING } from "./loopLayout";

export type Phase = "diesel" | "oil" | "purge";

interface Props {
  readonly vehicle: Extract<Vehicle, { kind: "dual" }>;
  readonly diesel: VesselView;
  readonly oil: VesselView;
  readonly phase: Phase;
}

const WORDS: Record<Phase, string> = {
  diesel: "supply on diesel",
  oil: "supply on oil",
  purge: "supply on diesel, oil still coming round",
};

type ReturnsTo = Arrangement["returnsTo"];

export const RETURN_WORDS: Readonly<Record<ReturnsTo, string>> = {
  engine: "loops back to the engine side",
  "oil-tank": "goes to the oil tank",
  "diesel-tank": "goes to the diesel tank",
};
const RETURN_SHORT: Readonly<Record<ReturnsTo, string>> = {
  engine: "loop",
  "oil-tank": "oil tank",
  "diesel-tank": "diesel tank",
};
/** The fuel loop: two tanks, the supply valve, filter, exchanger, pump, and where the return goes. Valves rest on diesel. */
export function LoopDrawing({ vehicle, diesel, oil, phase }: Props) {
  const units = useUnits();
  const onOil = phase === "oil";
  const dieselColour = fillOf("diesel").colour;
  const oilColour = fillOf("canola").colour;
  const line = phase === "diesel" ? dieselColour : phase === "oil" ? oilColour : "#d4a24a";
  const { returnsTo } = arrangementOf(vehicle.returnTo);
  const turned = phase !== "diesel";
  const ends = turned ? returnsTo : "diesel-tank";
  const l = useNarrow() ? STANDING : LYING;
  const inTank = (v: VesselView): readonly [string, string] => [
    `${units.litres(v.litres)} of ${units.litres(v.capacityLitres)}`,
    contentsWords(v.components),
  ];
  return (
    <svg
      role="img"
      aria-label={`${vehicle.name}: ${WORDS[phase]}. Diesel tank ${units.litres(diesel.litres)}, oil tank ${units.litres(oil.litres)}. The return ${RETURN_WORDS[ends]}.`}
      viewBox={`0 0 ${l.box[0]} ${l.box[1]}`}
      className="mt-2 h-auto w-full"
      style={{ maxWidth: l.box[0] * 1.05 }}
    >
      <Tube d={l.pipes.diesel} colour={onOil ? "var(--rule)" : dieselColour} />
      <Tube d={l.pipes.oil} colour={onOil ? oilColour : "var(--rule)"} />
      <Tube d={l.pipes.supplied} colour={line} />
      <Tube d={l.pipes.back} colour={line} />
      <Tube d={l.pipes.returns["diesel-tank"]} colour={ends === "diesel-tank" ? line : "var(--rule)"} />
      {returnsTo === "diesel-tank" ? null : (
        <Tube d={l.pipes.returns[returnsTo]} colour={ends === returnsTo ? line : "var(--rule)"} />
      )}
      <Tank {...l.diesel} view={diesel} name={diesel.vessel.name} words={inTank(diesel)} />
      <Tank {...l.oil} view={oil} name={oil.vessel.name} words={inTank(oil)} />
      <Valve {...l.supply} turned={onOil} name="Supply" said={onOil ? "on oil" : "on diesel"} />
      <Valve {...l.back} turned={ends !== "diesel-tank"} name="Return" said={RETURN_SHORT[ends]} />
      <Box {...l.filter} width={78} name="Filter" />
      <Box {...l.exchanger} name="Exchanger" />
      <Box
        {...l.pump}
        name="Injection pump"
        words={`burns ${units.litresPerHour(vehicle.burnLitresPerHour)}`}
        width={130}
        height={64}
      />
    </svg>
  );
}

function Tube({ d, colour }: { d: string; colour: string }) {
  return (
    <>
      <path d={d} fill="none" className="stroke-ink" strokeWidth="13" strokeLinejoin="round" />
      <path d={d} fill="none" stroke={colour} strokeWidth="9" strokeLinejoin="round" />
    </>
  );
}

interface TankProps {
  readonly x: number;
  readonly y: number;
  readonly view: VesselView;
  readonly name: string;
  readonly words: readonly string[];
}

function Tank({ x, y, view, name, words }: TankProps) {
  const share = Math.min(1, view.litres / view.capacityLitres);
  const main = view.components[0]?.component ?? "diesel";
  return (
    <g>
      <rect x={x} y={y} width="130" height="86" rx="8" className="fill-card" />
      <rect x={x + 1} y={y + 86 * (1 - share)} width="128" height={86 * share} rx="6" fill={fillOf(main).colour} />
      {fillOf(main).hatch === "none" ? null : (
        <rect
          x={x + 1}
          y={y + 86 * (1 - share)}
          width="128"
          height={86 * share}
          rx="6"
          fill={`url(#hatch-${fillOf(main).hatch})`}
        />
      )}
      <rect x={x} y={y} width="130" height="86" rx="8" fill="none" className="stroke-ink" strokeWidth="2.5" />
      <text x={x} y={y + 106} className="fill-ink font-plate text-[17px] font-semibold">
        {name}
      </text>
      {words.map((line, i) => (
        <text key={line} x={x} y={y + 123 + 16 * i} className="fill-ink-2 font-plate text-[15px]">
          {line}
        </text>
      ))}
    </g>
  );
}

interface ValveProps {
  readonly x: number;
  readonly y: number;
  readonly words: { readonly x: number; readonly y: number; readonly anchor: "start" | "middle" | "end" };
  readonly turned: boolean;
  readonly name: string;
  readonly said: string;
}

function Valve({ x, y, words, turned, name, said }: ValveProps) {
  return (
    <g>
      <circle cx={x} cy={y} r="27" className="fill-card stroke-ink" strokeWidth="3" />
      <path
        d={turned ? `M${x} ${y + 24}V${y}H${x + 24}` : `M${x} ${y - 24}V${y}H${x + 24}`}
        fill="none"
        className="stroke-ink"
        strokeWidth="10"
      />
      <text x={words.x} y={words.y} textAnchor={words.anchor} className="fill-ink font-plate text-[16px] font-semibold">
        {name}
      </text>
      <text x={words.x} y={words.y + 16} textAnchor={words.anchor} className="fill-ink-2 font-plate text-[15px]">
        {said}
      </text>
    </g>
  );
}

function Box({
  x,
  y,
  name,
  words,
  width = 96,
  height = 50,
}: {
  x: number;
  y: number;
  name: string;
  words?: string;
  width?: number;
  height?: number;
}) {
  return (
    <g>
      <rect x={x} y={y} width={width} height={height} rx="6" className="fill-card stroke-ink" strokeWidth="2.5" />
      <text
        x={x + width / 2}
        y={y + (words ? 28 : 30)}
        textAnchor="middle"
        className="fill-ink font-plate text-[16px] font-semibold"
      >
        {name}
      </text>
      {words ? (
        <text x={x + width / 2} y={y + 48} textAnchor="middle" className="fill-ink-2 text-[13px]">
          {words}
        </text>
      ) : null}
    </g>
  );
}
