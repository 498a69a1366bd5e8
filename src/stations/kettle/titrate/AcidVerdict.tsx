"use client";
import { molPerLOfPct, shareThinnedTo } from "@/core/kettle";
import type { VesselView } from "@/core/readings";
import { formatNumber } from "@/core/units";
import { useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { densityOf, oilLitresIn } from "../lot";

interface Props {
  readonly vessel: VesselView;
  readonly acidMolPerL: number;
  readonly ffaPct: number;
}

/** Straight to the lye, an acid stage first, or thinned with better oil: how much of which. */
export function AcidVerdict({ vessel, acidMolPerL, ffaPct }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const { acidStageAbovePct } = view.settings;
  if (ffaPct <= acidStageAbovePct)
    return (
      <p className="mt-3 font-plate text-[19px] font-semibold text-go">
        Straight to the lye: under your {formatNumber(acidStageAbovePct, 1)} %.
      </p>
    );
  const most = molPerLOfPct(acidStageAbovePct, densityOf(vessel));
  const better = view.vessels.flatMap((v) => {
    const acid = v.quality.acid;
    if (v.vessel.id === vessel.vessel.id || !acid || oilLitresIn(v) < 1) return [];
    const share = shareThinnedTo(acidMolPerL, acid.acidMolPerL, most);
    return share === null || share >= 1 ? [] : [{ v, share, litres: (oilLitresIn(vessel) * (1 - share)) / share }];
  });
  return (
    <div className="mt-3">
      <p className="font-plate text-[19px] font-semibold text-stop">
        Over your {formatNumber(acidStageAbovePct, 1)} %: with lye alone it turns to soap.
      </p>
      <ul className="mt-1 list-disc pl-5 text-[15px]">
        <li>An acid stage first: methanol and sulfuric acid make fuel of the acid. Plan the batch so.</li>
        {better.map(({ v, litres, share }) => (
          <li key={v.vessel.id}>
            Or thin it: {units.litres(litres)} of {v.vessel.name} to all of it, {formatNumber((1 - share) * 100, 0)} %
            of the mix{litres > oilLitresIn(v) ? `; only ${units.litres(oilLitresIn(v))} are there` : ""}.
          </li>
        ))}
        {better.length === 0 ? (
          <li>
            Or thin it with better oil: titrate another drum, and how much of it stands here.{" "}
            <YardLink href="/titrate" className="underline">
              Titrate another
            </YardLink>
          </li>
        ) : null}
      </ul>
    </div>
  );
}
