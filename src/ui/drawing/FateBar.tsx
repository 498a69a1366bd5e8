import { fillOf, OIL_BY_CLARITY } from "./fills";

interface Props {
  readonly usableShare: number;
  readonly sludgeShare: number;
  readonly fatShare: number;
  readonly waterShare?: number;
  readonly label: string;
}

/** What a source's oil became, or what a heel is made of: oil, water, sludge, fat, as one bar. */
export function FateBar({ usableShare, sludgeShare, fatShare, waterShare = 0, label }: Props) {
  const parts = [
    { key: "fuel", share: usableShare, colour: OIL_BY_CLARITY.clear, hatch: "none" },
    { key: "water", share: waterShare, ...fillOf("water") },
    { key: "sludge", share: sludgeShare, ...fillOf("sludge") },
    { key: "fat", share: fatShare, ...fillOf("fryer-fat") },
  ];
  let x = 0;
  return (
    <svg role="img" aria-label={label} viewBox="0 0 100 8" preserveAspectRatio="none" className="h-2.5 w-full">
      {parts.map(({ key, share, colour, hatch }) => {
        const from = x;
        x += 100 * share;
        return (
          <g key={key}>
            <rect x={from} y={0} width={100 * share} height={8} fill={colour} />
            {hatch === "none" ? null : (
              <rect x={from} y={0} width={100 * share} height={8} fill={`url(#hatch-${hatch})`} />
            )}
          </g>
        );
      })}
    </svg>
  );
}
