"use client";
import { type ReactNode, useState } from "react";
import { fluidName } from "@/core/fluids";
import { demandMolPerL, type Pace, type Path, weighingOf } from "@/core/kettle";
import type { Batch, BatchState } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { formatNumber } from "@/core/units";
import { heightAtLitres } from "@/core/vessels";
import { NumberField, useLog, useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, Caution, Choice, SelectField } from "@/ui";
import type { Units } from "@/ui/words";
import { gramsWords, PACE_WORDS } from "@/ui/words/kettle";
import { KettlePages } from "../KettlePages";
import { densityOf, mainOil, oilLitresIn } from "../lot";
import { FitAndStock } from "./FitAndStock";
import { Kits } from "./Kits";
import { OwnPace } from "./OwnPace";
import { Schools } from "./Schools";
import { StartBatch } from "./StartBatch";
import { Untitrated } from "./Untitrated";
import { MELT_CELSIUS, type Plan, usePlan } from "./usePlan";
import { WeighingList } from "./WeighingList";

interface Props {
  readonly lot: VesselView;
  readonly kettles: readonly VesselView[];
  readonly is: Batch["is"];
  readonly of?: BatchState | undefined;
  readonly others: ReactNode;
}

const PATHS: readonly { value: Path; name: string; detail: string }[] = [
  { value: "base", name: "Straight to lye", detail: "one reaction" },
  { value: "two-step", name: "In two steps", detail: "drain between, turns more" },
  { value: "acid-base", name: "Acid stage first", detail: "for sour or creamy oil" },
];

/** The one number: grams of lye for this oil; and all that follows from it. */
export function PlanBench({ lot, kettles, is, of, others }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const plan = usePlan({ lot, kettles, is, of });
  const [missing, setMissing] = useState(false);
  const { recipe, kettle } = plan;
  const kgPerL = densityOf(lot);
  const weighing = recipe ? weighingOf(recipe, kgPerL) : null;
  const oil = mainOil(lot);
  const isRework = is === "rework";
  const lyeG = weighing ? weighing.first.lyeG + (weighing.second?.lyeG ?? 0) : null;
  return (
    <Bench
      title={isRework && of ? `Rework ${of.batch.name}` : `Plan a batch of ${lot.vessel.name}`}
      subtitle={acidWords(lot, isRework)}
      asideLabel="What to weigh"
      aside={
        <>
          <h2 className="text-xl">{recipe?.base ?? "Lye"} for this oil</h2>
          <p className="font-plate text-[46px] leading-none font-semibold" data-lye>
            {lyeG === null ? "…" : gramsWords(lyeG)}
          </p>
          {plan.titrated === null ? <Untitrated lot={lot} kit={plan.kit} /> : null}
          {recipe && weighing ? (
            <>
              <WeighingList weighing={weighing} recipe={recipe} />
              {kettle ? (
                <p className="text-[15px]">
                  By marks on {kettle.vessel.name}: oil to{" "}
                  {units.mm(heightAtLitres(kettle.vessel, Math.min(recipe.oilLitres, kettle.capacityLitres)))}, with the
                  methanol to{" "}
                  {units.mm(
                    heightAtLitres(
                      kettle.vessel,
                      Math.min(recipe.oilLitres + weighing.first.methanolLitres, kettle.capacityLitres),
                    ),
                  )}
                  .
                </p>
              ) : null}
              <Why
                name="catalyst"
                input={{
                  oilLitres: recipe.oilLitres,
                  acidMolPerL: demandMolPerL(recipe, kgPerL),
                  base: recipe.base,
                  baseDoseGPerL: recipe.doseGPerL,
                  purity: recipe.basePurity,
                }}
                readings={lot.quality.acid ? "your titration" : "no titration: the kit's own marks"}
              />
            </>
          ) : null}
          {wrongOf(plan, lot)}
          <StartBatch
            recipe={recipe}
            lot={lot}
            kettle={kettle}
            is={isRework ? "rework" : plan.isTrial ? "trial" : "batch"}
            of={of}
            litres={
              plan.litres.value === null
                ? null
                : { litres: plan.litres.value, ...(plan.celsius.value !== null && { celsius: plan.celsius.value }) }
            }
            isComplete={() => {
              const ok = complete(plan, lot, units);
              setMissing(plan.recipe === null && plan.titrated === null);
              return ok;
            }}
          />
          <div aria-live="polite">
            {missing && plan.recipe === null ? (
              <p className="mt-2 text-stop">
                How much lye follows from its acid: titrate it first, or choose a fixed-size recipe by its maker's
                marks.
              </p>
            ) : null}
          </div>
          <KettlePages here="plan" />
        </>
      }
    >
      {others}
      {kettles.length > 1 || plan.isTrial ? <WhichKettle plan={plan} kettles={kettles} /> : null}
      <div className="mt-3 grid max-w-[860px] gap-3 md:grid-cols-2">
        <NumberField
          label={units.asked("Litres of oil")}
          of={plan.litres}
          hint={`${units.litres(oilLitresIn(lot))} are there`}
        />
        <NumberField label="It is at" of={plan.celsius} />
        <Choice
          label="Way"
          options={isRework ? PATHS.slice(0, 1) : PATHS}
          value={plan.path}
          onChange={(p) => plan.setPath(p as Path)}
        />
        <Choice
          label="Lye"
          narrow
          options={[
            { value: "KOH", name: "KOH", detail: "soft soap" },
            { value: "NaOH", name: "NaOH", detail: "hard soap" },
          ]}
          value={plan.base}
          onChange={(b) => plan.setBase(b as "KOH")}
        />
        <NumberField
          label="Purity of the lye"
          of={plan.purity}
          hint={plan.lye ? `${plan.lye.vessel.vessel.name}'s label` : "by its label"}
        />
        <NumberField label="Methanol, of the oil" of={plan.methanol} />
      </div>
      {isRework ? null : (
        <div className="mt-3 max-w-[860px]">
          <Choice
            label="Pace"
            options={(["quick", "patient", "own"] as const).map((p) => ({ value: p, ...PACE_WORDS[p] }))}
            value={plan.pace}
            onChange={(p) => plan.setPace(p as Pace)}
          />
          {plan.pace === "own" ? <OwnPace form={plan.ownPace} /> : null}
          <label className="mt-2 flex min-h-[var(--target)] cursor-pointer items-center gap-3 text-[16px]">
            <input
              type="checkbox"
              className="h-5 w-5 accent-go"
              checked={plan.isTrial}
              onChange={(e) => plan.setTrial(e.target.checked)}
            />
            One litre first, in a bottle or jar; scaled up when it has passed
          </label>
        </div>
      )}
      {isCreamy(lot, view.settings.fatLimitShare) ? (
        <div className="mt-3 max-w-[860px]">
          <Caution>
            Creamy: melt it to {units.celsius(MELT_CELSIUS)} before you measure or titrate it, or the set fat counts for
            nothing. Its own density ({formatNumber(kgPerL, 3)} kg/L) and molar mass are reckoned with
            {oil === "canola" ? "" : `; most of it is ${fluidName(oil).toLowerCase()}`}.
          </Caution>
        </div>
      ) : null}
      {recipe && weighing ? (
        <>
          <Schools
            recipe={recipe}
            oil={oil}
            demandMolPerL={demandMolPerL(recipe, kgPerL)}
            onDose={plan.setDose}
            onMethanol={(share) => plan.methanol.set(String(share * 100))}
          />
          {kettle ? (
            <FitAndStock recipe={recipe} weighing={weighing} kettle={kettle} chemicals={plan.chemicals} />
          ) : null}
        </>
      ) : null}
      {isRework ? null : <Kits plan={plan} purity={(plan.purity.value ?? 100) / 100} />}
    </Bench>
  );
}

/** More than this and it is no bottle for a litre. */
const A_BOTTLE_LITRES = 12;

/** Which kettle, where there are several; for a litre a bottle, added where there is none. */
function WhichKettle({ plan, kettles }: { plan: Plan; kettles: readonly VesselView[] }) {
  const units = useUnits();
  const log = useLog();
  const wantsBottle = plan.isTrial && kettles.every((k) => k.capacityLitres > A_BOTTLE_LITRES);
  return (
    <div className="mt-3 flex max-w-[860px] flex-wrap items-end gap-2">
      <div className="min-w-0 flex-1">
        <SelectField
          label={plan.isTrial ? "Made in" : "Kettle"}
          value={plan.kettle?.vessel.id ?? ""}
          options={kettles.map((k) => ({
            value: k.vessel.id,
            name: `${k.vessel.name}, ${units.litres(k.capacityLitres)}`,
          }))}
          onChange={plan.setKettle}
        />
      </div>
      {wantsBottle ? (
        <Button onClick={() => log.open("add-vessel", { preset: "bottle", role: "kettle" })}>
          Add a bottle for it
        </Button>
      ) : null}
    </div>
  );
}

const isCreamy = (v: VesselView, limit: number): boolean =>
  v.components.reduce((sum, c) => (c.component === "fryer-fat" || c.component === "palm" ? sum + c.litres : sum), 0) >
  limit * v.litres;

function acidWords(lot: VesselView, isRework: boolean): string {
  if (isRework) return "A little more of everything turns what was left. Wash and dry it first if it is wet or soapy.";
  const { acid } = lot.quality;
  return acid
    ? `${formatNumber(acid.ffaPct, 2)} % free acid, ± ${formatNumber(acid.plusMinusPct, 2)}.`
    : "Titrate it first: how much lye follows from its acid.";
}

/** What stands against it and is no field's own. */
function wrongOf(plan: Plan, lot: VesselView): ReactNode {
  if (plan.kettle)
    return lot.quality.water?.wet ? (
      <p className="mt-2 text-stop">It is wet: dry it first, or its first stage does.</p>
    ) : null;
  return <p className="mt-2 text-stop">Choose a kettle.</p>;
}

/** Says at its field what cannot be. */
function complete(plan: Plan, lot: VesselView, units: Units): boolean {
  const { litres, celsius, purity, methanol } = plan;
  if (litres.value === null || litres.value <= 0) litres.refuse("How much oil?");
  else if (litres.value > lot.litres * 1.06) litres.refuse(`${lot.vessel.name} has only ${units.litres(lot.litres)}.`);
  else if (celsius.value !== null && (celsius.value < -20 || celsius.value > 150))
    celsius.refuse(`Between ${units.celsius(-20)} and ${units.celsius(150)}.`);
  else if (purity.value === null || purity.value < 20 || purity.value > 100) purity.refuse("Between 20 and 100 %.");
  else if (methanol.value === null || methanol.value < 5 || methanol.value > 60) methanol.refuse("Between 5 and 60 %.");
  else if (plan.pace === "own" && !plan.ownPace.isComplete()) return false;
  else return plan.recipe !== null;
  return false;
}
