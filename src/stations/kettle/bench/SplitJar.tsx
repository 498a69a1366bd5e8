interface Props {
  readonly title: string;
  readonly words: string;
  /** Of all that stands in it, what lies below, 0 to 1; null: nothing to be seen yet. */
  readonly below: number | null;
  readonly above: "oil" | "mixed" | "ester" | "wet";
  readonly lower: "glycerol" | "water";
}

const ABOVE = { oil: "#d4a017", mixed: "#b98a4a", ester: "#f0c864", wet: "#e7d9a8" } as const;
const LOWER = { glycerol: "#4d2118", water: "#a9c4cc" } as const;
const [WIDTH, HEIGHT, NECK] = [92, 150, 18];

/** A jar held against another: light above, dark below, and the line between. */
export function SplitJar({ title, words, below, above, lower }: Props) {
  const room = HEIGHT - NECK - 16;
  const deep = below === null ? 0 : Math.min(1, Math.max(0, below)) * room;
  return (
    <figure className="flex w-[130px] flex-col items-center">
      <figcaption className="font-plate text-[17px] font-semibold">{title}</figcaption>
      <svg
        role="img"
        aria-label={`${title}: ${words}`}
        width={WIDTH}
        height={HEIGHT}
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      >
        <rect x="8" y="1" width={WIDTH - 16} height={NECK - 4} rx="2" className="fill-ink" />
        <rect x="2" y={NECK} width={WIDTH - 4} height={HEIGHT - NECK - 2} rx="8" className="fill-card" />
        {below === null ? null : (
          <>
            <rect x="3" y={NECK + 12} width={WIDTH - 6} height={room - deep} fill={ABOVE[above]} />
            <rect
              x="3"
              y={NECK + 12 + room - deep}
              width={WIDTH - 6}
              height={deep}
              fill={LOWER[lower]}
              rx={deep > 8 ? 5 : 0}
            />
            <rect
              x="3"
              y={NECK + 12 + room - deep}
              width={WIDTH - 6}
              height={deep}
              fill="url(#hatch-lines)"
              opacity="0.35"
            />
          </>
        )}
        <rect
          x="2"
          y={NECK}
          width={WIDTH - 4}
          height={HEIGHT - NECK - 2}
          rx="8"
          fill="none"
          className="stroke-ink"
          strokeWidth="2"
        />
      </svg>
      <span className="text-center text-[14px] text-ink-2">{words}</span>
    </figure>
  );
}
