"use client";
import { type BatchRecipe, fitsKettle, OF_BASE, type Weighing } from "@/core/kettle";
import type { VesselView } from "@/core/readings";
import { type Chemical, packOf } from "@/core/readings/kettle/chemicals";
import { useLog, useUnits, YardLink } from "@/desk";
import { Button, Row } from "@/ui";
import { fullDay } from "@/ui/words";
import { gramsWords } from "@/ui/words/kettle";

interface Props {
  readonly recipe: BatchRecipe;
  readonly weighing: Weighing;
  readonly kettle: VesselView;
  readonly chemicals: readonly Chemical[];
}

/** Does it fit the kettle with room for foam, and is there enough of everything, in date? */
export function FitAndStock({ recipe, weighing, kettle, chemicals }: Props) {
  const units = useUnits();
  const log = useLog();
  const doses = [weighing.first, ...(weighing.second ? [weighing.second] : [])];
  const added = [...doses, ...(weighing.acid ? [weighing.acid] : [])].reduce((sum, d) => sum + d.methanolLitres, 0);
  const fit = fitsKettle(recipe.oilLitres, added, kettle.capacityLitres);
  const methanolKg = doses.reduce((s, d) => s + d.methanolKg, weighing.acid?.methanolKg ?? 0);
  const lyeKg = doses.reduce((s, d) => s + d.lyeG, 0) / 1000;
  const rows = [
    { name: "Methanol", is: "methanol" as const, wants: methanolKg, words: units.kg },
    { name: recipe.base, is: OF_BASE[recipe.base].lye, wants: lyeKg, words: (kg: number) => gramsWords(kg * 1000) },
    ...(weighing.acid
      ? [
          {
            name: "Sulfuric acid",
            is: "sulfuric-acid" as const,
            wants: weighing.acid.sulfuricKg,
            words: (kg: number) => gramsWords(kg * 1000),
          },
        ]
      : []),
  ];
  return (
    <section aria-labelledby="fit-title" className="mt-4">
      <h2 id="fit-title" className="text-xl">
        Does it fit, is it there?
      </h2>
      <dl>
        <Row
          name={`${kettle.vessel.name} holds ${units.litres(kettle.capacityLitres)}`}
          value={
            <span className={fit.fits ? "text-go" : "text-stop"}>
              {units.litres(fit.litres)},{" "}
              {fit.foamRoomLitres >= 0
                ? `${units.litres(fit.foamRoomLitres)} for foam`
                : `${units.litres(-fit.foamRoomLitres)} too much`}
            </span>
          }
        />
        {fit.fits ? null : (
          <p className="text-[15px] text-stop">
            Foam wants a sixth of it free. At most {units.litres(fit.mostOilLitres)} of oil go in by this recipe.
          </p>
        )}
        {rows.map((r) => {
          const pack = packOf(chemicals, r.is);
          const enough = (pack?.kg ?? 0) >= r.wants;
          return (
            <Row
              key={r.name}
              name={`${r.name}: ${r.words(r.wants)} wanted`}
              value={
                <span className={enough && !pack?.expired ? "text-go" : "text-stop"}>
                  {pack ? `${r.words(pack.kg)} in ${pack.vessel.vessel.name}` : "none here"}
                  {pack?.expired && pack.vessel.vessel.pack?.expiresAt
                    ? `, past ${fullDay(pack.vessel.vessel.pack.expiresAt)}`
                    : ""}
                </span>
              }
            />
          );
        })}
      </dl>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => log.open("buy-chemical")}>Buy chemicals</Button>
        <YardLink
          href="/chemicals"
          className="inline-flex min-h-[var(--target)] items-center font-plate text-[17px] font-semibold text-go underline underline-offset-4"
        >
          What is there
        </YardLink>
      </div>
    </section>
  );
}
