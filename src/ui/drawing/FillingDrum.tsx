import { OIL_BY_CLARITY } from "./fills";

interface Props {
  readonly holdsLitres: number;
  readonly mean: number;
  readonly low: number;
  readonly high: number;
  readonly label: string;
  readonly height?: number;
}

const WIDTH = 54;
const WALL = 3;

/** A container at a source, filling unseen: oil to where it is expected, and the band that four times in five holds it. */
export function FillingDrum({ holdsLitres, mean, low, high, label, height = 84 }: Props) {
  const inside = height - 2 * WALL;
  const y = (litres: number): number => WALL + inside * (1 - Math.min(1, Math.max(0, litres / holdsLitres)));
  const right = WIDTH - WALL;
  return (
    <svg
      role="img"
      aria-label={label}
      width={WIDTH + 12}
      height={height}
      viewBox={`0 0 ${WIDTH + 12} ${height}`}
      className="shrink-0"
    >
      <rect x={WALL} y={WALL} width={WIDTH - 2 * WALL} height={inside} className="fill-card" />
      <rect
        x={WALL}
        y={y(mean)}
        width={WIDTH - 2 * WALL}
        height={Math.max(0, height - WALL - y(mean))}
        fill={OIL_BY_CLARITY.raw}
      />
      <rect
        x={WALL}
        y={y(high)}
        width={WIDTH - 2 * WALL}
        height={Math.max(0, y(low) - y(high))}
        fill={OIL_BY_CLARITY.settling}
        fillOpacity={0.45}
      />
      <path d={`M${WALL} ${y(mean)}H${right}`} className="stroke-ink" strokeWidth={1.5} strokeDasharray="4 2" />
      <path d={`M${right + 4} ${y(high)}h5V${y(low)}h-5`} fill="none" className="stroke-ink-2" strokeWidth={1.5} />
      <rect
        x={WALL}
        y={WALL}
        width={WIDTH - 2 * WALL}
        height={inside}
        rx={2}
        fill="none"
        className="stroke-ink"
        strokeWidth={2}
      />
      {[1 / 3, 2 / 3].map((share) => (
        <path key={share} d={`M${WALL} ${WALL + inside * share}H${right}`} className="stroke-ink" strokeWidth={0.8} />
      ))}
    </svg>
  );
}
