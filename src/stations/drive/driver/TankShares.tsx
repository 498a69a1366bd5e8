"use client";
import type { Rig } from "@/core/driving/rig";
import type { TankTruth } from "@/core/readings/drive/tankTruth";
import { useUnits } from "@/desk";
import { percentWords } from "@/ui/words";

interface Props {
  readonly truths: Readonly<Record<string, TankTruth>>;
  readonly rig: Rig;
}

/** More than this in the diesel tank, and a cold start is no longer one on diesel. */
const TAINTED_SHARE = 0.05;

/** The one number, and its counterpart: how much of the other's fuel each tank holds. */
export function TankShares({ truths, rig }: Props) {
  const units = useUnits();
  const tanks = rig.parts.flatMap((p) =>
    p.kind === "tank" && truths[p.id] ? [{ part: p, truth: truths[p.id] as TankTruth }] : [],
  );
  if (tanks.length < 2) return null;
  return (
    <dl className="mt-2 flex flex-wrap gap-x-8 gap-y-1">
      {tanks.map(({ part, truth }) => {
        const isDiesel = part.holds === "diesel";
        const share = isDiesel ? truth.oilShare : truth.dieselShare;
        const bad = isDiesel && share > TAINTED_SHARE;
        return (
          <div key={part.id}>
            <dt className="text-[14px] text-ink-2">{isDiesel ? "Oil in the diesel tank" : "Diesel in the oil tank"}</dt>
            <dd
              className={`font-plate font-semibold ${isDiesel ? "text-[30px] leading-none" : "text-[22px]"} ${bad ? "text-stop" : ""}`}
            >
              {percentWords(share)}
              <span className="ml-2 text-[14px] font-normal text-ink-2">of {units.litres(truth.litres)}</span>
            </dd>
          </div>
        );
      })}
    </dl>
  );
}
