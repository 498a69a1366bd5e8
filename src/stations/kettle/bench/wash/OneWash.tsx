"use client";
import { useState } from "react";
import { both, potOf } from "@/core/kettle";
import { VINEGAR } from "@/core/kettle/masses";
import type { BatchState, Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { potIn, vinegarChange } from "@/core/readings/kettle/pots";
import { LogStep, NumberField, useFollowing, useUnits } from "@/desk";
import { Choice } from "@/ui";
import { plainly } from "@/ui/words";
import { WASH_WORDS } from "@/ui/words/kettle";

interface Props {
  readonly batch: BatchState;
  readonly vessel: VesselView;
  readonly fuelLitres: number;
}

const WAYS = ["mist", "stir", "bubble", "dry"] as const;
/** As the ledger books it. */
const ACETIC_KG_PER_ML = (VINEGAR.aceticShare * VINEGAR.kgPerL) / 1000;

/** One wash in: how, how much water, and vinegar in the first. */
export function OneWash({ batch, vessel: v, fuelLitres }: Props) {
  const units = useUnits();
  const plan = batch.batch.recipe.wash;
  const [how, setHow] = useState<(typeof WAYS)[number]>(plan.how);
  const first = batch.washes.length === 0;
  const water = useFollowing(units.volume, Math.round(plan.waterShare * fuelLitres * 10) / 10);
  const vinegar = useFollowing(plainly("mL"), first ? Math.round(plan.vinegarMlPerL * fuelLitres) : 0);
  const isDry = how === "dry";
  const room = v.capacityLitres - v.litres;
  const waterLitres = isDry ? 0 : (water.value ?? 0);
  const vinegarMl = isDry ? 0 : (vinegar.value ?? 0);
  const draft: Draft | null =
    water.value === null || vinegar.value === null
      ? null
      : { kind: "wash", data: { batch: batch.batch.id, vessel: v.vessel.id, how, waterLitres, vinegarMl } };
  const poured = both(potIn(v), potOf([{ component: "acetic-acid", kg: vinegarMl * ACETIC_KG_PER_ML }]));
  const change = vinegarChange(poured);
  const also: Draft[] =
    vinegarMl > 0 && change.takes.length > 0
      ? [
          {
            kind: "react",
            data: { vessel: v.vessel.id, batch: batch.batch.id, takes: [...change.takes], gives: [...change.gives] },
          },
        ]
      : [];
  return (
    <section aria-label="One wash" className="mt-3 border-t border-rule pt-2">
      <Choice
        label={`Wash ${batch.washes.length + 1}`}
        options={WAYS.map((w) => ({ value: w, ...WASH_WORDS[w] }))}
        value={how}
        onChange={(w) => setHow(w as "mist")}
      />
      {isDry ? null : (
        <div className="mt-2 grid grid-cols-2 gap-2">
          <NumberField label={units.asked("Litres of water")} of={water} room={room} />
          <NumberField
            label="Vinegar in it"
            of={vinegar}
            hint="helps against emulsion; splits soap into acid that stays in the fuel"
          />
        </div>
      )}
      <LogStep
        draft={draft}
        also={also}
        said={`Wash ${batch.washes.length + 1} is in. Let it stand, then let the water out.`}
        action="Washed: log it"
        look="plain"
        isComplete={() => {
          if (isDry) return true;
          if (water.value === null || water.value <= 0) water.refuse("How much water?");
          else if (water.value > room + 0.05) water.refuse(`Only ${units.litres(room)} go in.`);
          else if (vinegar.value === null || vinegar.value < 0) vinegar.refuse("Nothing or more.");
          else return true;
          return false;
        }}
      />
    </section>
  );
}
