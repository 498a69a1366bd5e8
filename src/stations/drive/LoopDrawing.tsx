"use client";
import { type Arrangement, arrangementOf } from "@/core/driving";
import type { Vehicle } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { useUnits } from "@/desk";
import { FILLS } from "@/ui/drawing/fills";
import { contentsWords } from "@/ui/words";

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
/** How its pipe is drawn, from the valve on. */
const RETURN_PIPE: Readonly<Record<ReturnsTo, string>> = {
  engine: "M520 70V225",
  "oil-tank": "M520 70V290H180",
  "diesel-tank": "M500 50H140V70",
};

/** The fuel loop: two tanks, the supply valve, filter, exchanger, pump, and where the return goes. Valves rest on diesel. */
export function LoopDrawing({ vehicle, diesel, oil, phase }: Props) {
  const units = useUnits();
  const onOil = phase === "oil";
  const dieselColour = FILLS.diesel.colour;
  const oilColour = FILLS.canola.colour;
  const line = phase === "diesel" ? dieselColour : phase === "oil" ? oilColour : "#d4a24a";
  const { returnsTo } = arrangementOf(vehicle.returnTo);
  const turned = phase !== "diesel";
  const ends = turned ? returnsTo : "diesel-tank";
  return (
    <svg
      role="img"
      aria-label={`${vehicle.name}: ${WORDS[phase]}. Diesel tank ${units.litres(diesel.litres)}, oil tank ${units.litres(oil.litres)}. The return ${RETURN_WORDS[ends]}.`}
      viewBox="0 0 840 420"
      className="mt-2 h-auto w-full max-w-[860px]"
    >
      <Tube d="M205 110H330V205" colour={onOil ? "var(--rule)" : dieselColour} />
      <Tube d="M205 330H300V245H330" colour={onOil ? oilColour : "var(--rule)"} />
      <Tube d="M350 225H700V160" colour={line} />
      <Tube d="M700 100V50H540" colour={line} />
      <Tube d={RETURN_PIPE["diesel-tank"]} colour={ends === "diesel-tank" ? line : "var(--rule)"} />
      {returnsTo === "diesel-tank" ? null : (
        <Tube d={RETURN_PIPE[returnsTo]} colour={ends === returnsTo ? line : "var(--rule)"} />
      )}
      <Tank
        x={75}
        y={70}
        view={diesel}
        name={diesel.vessel.name}
        words={`${units.litres(diesel.litres)} of ${units.litres(diesel.capacityLitres)}, ${contentsWords(diesel.components)}`}
      />
      <Tank
        x={75}
        y={270}
        view={oil}
        name={oil.vessel.name}
        words={`${units.litres(oil.litres)} of ${units.litres(oil.capacityLitres)}, ${contentsWords(oil.components)}`}
      />
      <Valve x={335} y={225} turned={onOil} name="Supply" words={onOil ? "on oil" : "on diesel"} />
      <Valve x={520} y={50} turned={ends !== "diesel-tank"} name="Return" words={RETURN_SHORT[ends]} />
      <Box x={432} y={200} width={78} name="Filter" />
      <Box x={565} y={200} name="Exchanger" />
      <Box
        x={640}
        y={98}
        name="Injection pump"
        words={`burns ${vehicle.burnLitresPerHour} L/h`}
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

function Tank({ x, y, view, name, words }: { x: number; y: number; view: VesselView; name: string; words: string }) {
  const share = Math.min(1, view.litres / view.capacityLitres);
  const main = view.components[0]?.component ?? "diesel";
  return (
    <g>
      <rect x={x} y={y} width="130" height="86" rx="8" className="fill-card" />
      <rect x={x + 1} y={y + 86 * (1 - share)} width="128" height={86 * share} rx="6" fill={FILLS[main].colour} />
      {FILLS[main].hatch === "none" ? null : (
        <rect
          x={x + 1}
          y={y + 86 * (1 - share)}
          width="128"
          height={86 * share}
          rx="6"
          fill={`url(#hatch-${FILLS[main].hatch})`}
        />
      )}
      <rect x={x} y={y} width="130" height="86" rx="8" fill="none" className="stroke-ink" strokeWidth="2.5" />
      <text x={x} y={y + 106} className="fill-ink font-plate text-[17px] font-semibold">
        {name}
      </text>
      <text x={x} y={y + 124} className="fill-ink-2 text-[14px]">
        {words}
      </text>
    </g>
  );
}

function Valve({ x, y, turned, name, words }: { x: number; y: number; turned: boolean; name: string; words: string }) {
  return (
    <g>
      <circle cx={x} cy={y} r="27" className="fill-card stroke-ink" strokeWidth="3" />
      <path
        d={turned ? `M${x} ${y + 24}V${y}H${x + 24}` : `M${x} ${y - 24}V${y}H${x + 24}`}
        fill="none"
        className="stroke-ink"
        strokeWidth="10"
      />
      <text x={x + 32} y={y - 22} className="fill-ink font-plate text-[16px] font-semibold">
        {name}
      </text>
      <text x={x + 34} y={y + 33} className="fill-ink-2 text-[13px]">
        {words}
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
