/** What one input does to the answer when it is a tenth less and a tenth more. */
export interface EffectRow {
  readonly name: string;
  readonly low: string;
  readonly high: string;
  /** The answers as shares of what it is now: 1.1 is a tenth more; null where there would be none. */
  readonly lowShare: number | null;
  readonly highShare: number | null;
}

interface Props {
  readonly answer: { readonly name: string; readonly value: string };
  readonly effects: readonly EffectRow[];
}

const SHOWN = 6;
const WIDTH = 96;
const MIDDLE = WIDTH / 2;

/** The strongest inputs as bars to both sides of today's answer; the figures stand beside them. */
export function EffectBars({ answer, effects }: Props) {
  if (effects.length === 0)
    return <p className="mt-2 text-ink-2">A tenth more or less of any of these changes nothing.</p>;
  const shown = effects.slice(0, SHOWN);
  const reach = Math.max(0.01, ...shown.flatMap((e) => [off(e.lowShare), off(e.highShare)]));
  return (
    <table className="mt-3 w-full">
      <caption className="text-left">
        <b>What would change it most</b>
        <span className="block text-ink-2">
          {answer.name.toLowerCase()}, with each a tenth less and a tenth more (temperatures by 1 °C at the least)
        </span>
      </caption>
      <thead>
        <tr className="text-left text-ink-2">
          <th className="py-1 font-normal">If</th>
          <th className="py-1 text-right font-normal">
            <Swatch look="fill-quiet" /> less
          </th>
          <th className="py-1 text-right font-normal">
            <Swatch look="fill-go" /> more
          </th>
          <th className="w-[100px]">
            <span className="sr-only">Drawn</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {shown.map((e) => (
          <tr key={e.name} className="border-t border-rule">
            <th scope="row" className="py-1 pr-2 text-left font-normal">
              {e.name}
            </th>
            <td className="py-1 text-right whitespace-nowrap">{e.low}</td>
            <td className="py-1 pl-3 text-right whitespace-nowrap">{e.high}</td>
            <td className="pl-2">
              <svg width={WIDTH} height="18" aria-hidden="true" className="block">
                <Bar share={e.lowShare} reach={reach} y={2} look="fill-quiet" />
                <Bar share={e.highShare} reach={reach} y={10} look="fill-go" />
                <path d={`M${MIDDLE} 0V18`} className="stroke-ink-2" />
              </svg>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Which bar is which. */
const Swatch = ({ look }: { look: string }) => (
  <svg width="9" height="9" aria-hidden="true" className="inline-block align-baseline">
    <rect width="9" height="9" className={look} />
  </svg>
);

const off = (share: number | null): number => (share === null || !Number.isFinite(share) ? 0 : Math.abs(share - 1));

function Bar({ share, reach, y, look }: { share: number | null; reach: number; y: number; look: string }) {
  const length = (off(share) / reach) * (MIDDLE - 2);
  const toRight = (share ?? 1) > 1;
  return <rect x={toRight ? MIDDLE : MIDDLE - length} y={y} width={length} height="6" className={look} />;
}
