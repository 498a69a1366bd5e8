"use client";
import type { FluidId, TableFluidId } from "@/core/fluids";
import type { Check, Source } from "@/core/ledger";
import { useYard } from "@/store";
import { Choice, Jar } from "@/ui";
import { familyOf, fluidChoices } from "@/ui/words";
import type { StopTexts } from "./stopForm";

interface Props {
  readonly texts: StopTexts;
  readonly source: Source;
  readonly onChange: (more: Partial<StopTexts>) => void;
}

const KITCHEN: readonly TableFluidId[] = ["canola", "soybean", "sunflower", "cottonseed", "palm"];
const ENGINE: readonly TableFluidId[] = ["motor-oil", "atf"];

/** The acceptance check: a jar held to the light, the nose, what was fried, water at the bottom. */
export function CheckFields({ texts: t, source, onChange }: Props) {
  const set = (more: Partial<StopTexts["check"]>): void => onChange({ check: { ...t.check, ...more } });
  const { view } = useYard();
  const fluids = t.check.fried === "engine" ? ENGINE : KITCHEN;
  return (
    <section aria-labelledby="check-title" className="mt-3 flex flex-col gap-2">
      <h2 id="check-title" className="text-xl">
        Look before you take it
      </h2>
      <Choice
        label="Held to the light"
        options={[
          { value: "clear", name: "Clear", detail: "amber", picture: <Jar look="clear" /> },
          { value: "creamy", name: "Creamy", detail: "a pale layer", picture: <Jar look="creamy" /> },
          { value: "wet", name: "Wet", detail: "cloudy", picture: <Jar look="wet" /> },
        ]}
        value={t.look}
        onChange={(look) => onChange({ look: look as Check["look"] })}
        narrow
      />
      <Choice
        label="Smells"
        options={[
          { value: "fried", name: "Fried" },
          { value: "sour", name: "Sour" },
          { value: "solvent", name: "Of petrol" },
        ]}
        value={t.check.smell}
        onChange={(smell) => set({ smell: smell as Check["smell"] })}
        narrow
      />
      <Choice
        label="What was fried in it"
        options={[
          { value: "plants", name: "Chips, plants" },
          { value: "meat", name: "Meat, poultry" },
          { value: "unknown", name: "Not known" },
          { value: "engine", name: "Engine, gearbox" },
        ]}
        value={t.check.fried}
        onChange={(fried) => {
          const engine = fried === "engine";
          const fits = t.fluid !== "" && (familyOf(t.fluid) === "engine") === engine;
          onChange({
            check: { ...t.check, fried: fried as Check["fried"] },
            ...(!fits && {
              fluid: engine ? "motor-oil" : source.fluid && familyOf(source.fluid) !== "engine" ? source.fluid : "",
            }),
          });
        }}
      />
      {source.fluid === undefined || t.check.fried === "engine" ? (
        <Choice
          label="Which oil"
          options={fluidChoices(view, fluids)}
          value={t.fluid || (fluids[0] ?? "canola")}
          onChange={(fluid) => onChange({ fluid: fluid as FluidId })}
        />
      ) : null}
      <Choice
        label="Water at the bottom"
        options={[
          { value: "none", name: "None" },
          { value: "some", name: "A finger" },
          { value: "much", name: "A hand or more" },
        ]}
        value={t.check.bottomWater}
        onChange={(bottomWater) => set({ bottomWater: bottomWater as Check["bottomWater"] })}
        narrow
      />
    </section>
  );
}
