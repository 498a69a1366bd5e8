import type { Look } from "@/core/driving/rehearsal";

interface Props {
  readonly looks: readonly Look[];
  readonly at: number;
  readonly limitMm2PerS: number;
}

const WIDTH = 800;
const HEIGHT = 120;

/** The drive as three rows: oil at the pump as an area, what the valves made of it as a band, fuel too thick as marks. */
export function Timeline({ looks, at, limitMm2PerS }: Props) {
  const end = Math.max(1, looks.at(-1)?.minute ?? 1);
  const x = (minute: number): number => (WIDTH * minute) / end;
  const top = HEIGHT - 22;
  const area = `M0 ${top}${looks.map((l) => `L${x(l.minute).toFixed(1)} ${(top * (1 - l.oilAtPump)).toFixed(1)}`).join("")}L${WIDTH} ${top}Z`;
  return (
    <svg aria-hidden="true" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="h-auto w-full rounded-md bg-card">
      <path d={area} fill="#d4831a" fillOpacity="0.85" />
      {looks.map((l, i) => {
        const next = looks[i + 1]?.minute ?? end;
        const fill = !l.moment.setting.runs
          ? "var(--rule)"
          : l.moment.mode === "wrong"
            ? "var(--stop)"
            : l.moment.mode === "oil"
              ? "#d4831a"
              : l.moment.mode === "purge"
                ? "#dcc86a"
                : "#b7c168";
        return (
          <rect
            key={l.minute}
            x={x(l.minute)}
            y={top + 4}
            width={Math.max(0.5, x(next) - x(l.minute))}
            height="14"
            fill={fill}
          />
        );
      })}
      {looks
        .filter((l) => l.nuMm2PerS > limitMm2PerS && l.moment.setting.runs)
        .map((l) => (
          <rect key={l.minute} x={x(l.minute)} y="0" width="3" height="8" className="fill-stop" />
        ))}
      <path d={`M${x(at)} 0V${HEIGHT}`} className="stroke-ink" strokeWidth="2.5" />
    </svg>
  );
}
