"use client";
import { useState } from "react";
import { BASES, type KitRecipe, kitTakesMolPerL } from "@/core/kettle";
import { formatNumber, parsePlain } from "@/core/units";
import { NumberField, useAmount, useNote, useNumber, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, Choice, TextField } from "@/ui";
import { gramsWords } from "@/ui/words/kettle";
import type { Plan } from "./usePlan";

/** Fixed-size recipes, filled to marks: one measure of lye, whatever the oil, and what acid that still does for. */
export function Kits({ plan, purity }: { plan: Plan; purity: number }) {
  const { view } = useYard();
  const units = useUnits();
  const { kits } = view.settings;
  const takes = plan.kit ? kitTakesMolPerL(plan.kit, purity, BASES[plan.kit.base].gPerMol) : null;
  return (
    <section aria-labelledby="kits-title" className="mt-4 max-w-[860px]">
      <h2 id="kits-title" className="text-xl">
        Or to marks, by a fixed-size recipe
      </h2>
      {kits.length > 0 ? (
        <Choice
          label="Recipe"
          options={[
            { value: "", name: "Weighed", detail: "as above" },
            ...kits.map((k) => ({
              value: k.name,
              name: k.name,
              detail: `${units.litres(k.oilLitres)} oil, ${units.litres(k.methanolLitres)} methanol, ${gramsWords(k.lyeG)} ${k.base}`,
            })),
          ]}
          value={plan.kit?.name ?? ""}
          onChange={(name) => plan.setKit(kits.find((k) => k.name === name) ?? null)}
        />
      ) : (
        <p className="text-[15px] text-ink-2">None is kept. It saves the scales, and fits only oil with little acid.</p>
      )}
      {takes !== null ? (
        <p className={`mt-1 ${takes < (plan.titrated ?? 0) ? "text-stop" : "text-go"}`}>
          {takes < 0 ? "Its lye is less than even fresh oil wants." : takesWords(takes, plan.titrated)}
        </p>
      ) : null}
      {plan.kit && plan.kettle ? <Marks kit={plan.kit} plan={plan} /> : null}
      <NewKit kits={kits} />
    </section>
  );
}

/** A kit's measures are for its own litres: more oil in the kettle than those wants more of everything. */
const MARK_SHARE = 0.03;
function Marks({ kit, plan: { kettle, lot } }: { kit: KitRecipe; plan: Plan }) {
  const units = useUnits();
  const stands = kettle?.vessel.id === lot.vessel.id ? lot.litres : 0;
  if (!kettle || Math.abs(stands - kit.oilLitres) <= MARK_SHARE * kit.oilLitres || stands === 0) return null;
  return (
    <p className="mt-1 text-stop">
      {`${units.litres(stands)} stand in ${kettle.vessel.name}, and ${kit.name} is for ${units.litres(kit.oilLitres)}: ${
        stands > kit.oilLitres ? "pour the rest out first, or it does not turn" : "fill it to its mark first"
      }.`}
    </p>
  );
}

function takesWords(takes: number, titrated: number | null): string {
  const most = `Its one measure of lye does for up to ${formatNumber(takes, 3)} mol/L of acid`;
  if (titrated === null) return `${most}; what this oil has, nobody has titrated.`;
  const has = `${most}; this oil has ${formatNumber(titrated, 3)}`;
  return takes < titrated ? `${has}: too much. Weigh it, or thin it with better oil.` : `${has}.`;
}

function NewKit({ kits }: { kits: readonly KitRecipe[] }) {
  const units = useUnits();
  const note = useNote();
  const [name, setName] = useState("");
  const [base, setBase] = useState("KOH");
  const [wrong, setWrong] = useState<string>();
  const oil = useAmount(units.volume, null);
  const methanol = useAmount(units.volume, null);
  const lye = useNumber("", parsePlain);
  const sulfuric = useNumber("", parsePlain);
  const acidMethanol = useAmount(units.volume, null);
  const [oilKind, setOilKind] = useState("");
  const keep = (): void => {
    if (name.trim() === "") setWrong("What shall it be called?");
    else if (oil.value === null || oil.value <= 0) oil.refuse("How much oil?");
    else if (methanol.value === null || methanol.value <= 0) methanol.refuse("How much methanol?");
    else if (lye.value === null || lye.value <= 0) lye.refuse("How many grams?");
    else if (sulfuric.text.trim() !== "" && (sulfuric.value === null || sulfuric.value <= 0))
      sulfuric.refuse("How many millilitres?");
    else if (sulfuric.value !== null && (acidMethanol.value === null || acidMethanol.value <= 0))
      acidMethanol.refuse("How much goes in with the acid?");
    else {
      const kit = {
        name: name.trim(),
        oilLitres: oil.value,
        methanolLitres: methanol.value,
        lyeG: lye.value,
        base: base as "KOH",
        ...(sulfuric.value !== null && { sulfuricMl: sulfuric.value, acidMethanolLitres: acidMethanol.value ?? 0 }),
        ...(oilKind.trim() !== "" && { oilKind: oilKind.trim() }),
      };
      const others = kits.filter((k) => k.name !== kit.name);
      note({ kind: "settings", data: { kits: [...others, kit].slice(-6) } }, `${kit.name} is kept.`);
      setName("");
    }
  };
  return (
    <details className="mt-1 text-[15px]">
      <summary className="min-h-[var(--target)] cursor-pointer content-center">Keep a fixed-size recipe</summary>
      <div className="grid grid-cols-2 gap-2 md:grid-cols-3">
        <TextField
          label="Its name"
          value={name}
          onChange={(t) => {
            setName(t);
            setWrong(undefined);
          }}
          error={wrong}
        />
        <NumberField label="Oil, to its mark" of={oil} />
        <NumberField label="Methanol, to its mark" of={methanol} />
        <NumberField label="Lye, one measure" of={lye} suffix="g" />
        <NumberField label="Sulfuric acid, one measure" of={sulfuric} suffix="mL" hint="empty: it has no acid stage" />
        {sulfuric.text.trim() === "" ? null : <NumberField label="Methanol with the acid" of={acidMethanol} />}
        <TextField label="For which oil, as it says" value={oilKind} onChange={setOilKind} />
        <Choice
          label="Lye"
          narrow
          options={[
            { value: "KOH", name: "KOH" },
            { value: "NaOH", name: "NaOH" },
          ]}
          value={base}
          onChange={setBase}
        />
      </div>
      <Button className="mt-2" onClick={keep}>
        Keep it
      </Button>
    </details>
  );
}
