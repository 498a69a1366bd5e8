"use client";
import { type FormEvent, useState } from "react";
import { DIRT_KIND_IDS, DIRT_KINDS, dirtOfFluid, type FluidId, type TableFluidId } from "@/core/fluids";
import type { Source } from "@/core/ledger";
import { staysApart } from "@/core/readings/terms";
import { useTell, useUnits } from "@/desk";
import { useYard } from "@/store";
import { AreaField, Button, Caution, Choice, SelectField, TextField } from "@/ui";
import { currencySign, familyOf, fluidChoices } from "@/ui/words";
import { AccessFields } from "./AccessFields";
import { type Deal, readSource, type SourceTexts, type Where } from "./sourceForm";

interface Props {
  readonly source: Source;
  readonly texts: SourceTexts;
  readonly onChange: (more: Partial<SourceTexts>) => void;
  readonly onKept: () => void;
}

const COLLECTED: readonly TableFluidId[] = ["canola", "soybean", "sunflower", "cottonseed", "palm", "motor-oil", "atf"];

/** Everything that is known of a source. Only its name and container are needed; the rest when it matters. */
export function SourceForm({ source, texts: t, onChange, onKept }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const tell = useTell();
  const [refused, setRefused] = useState<string | null>(null);
  const { source: read, errors } = readSource(source, t, units);
  const _money = currencySign(view.settings.currency).trim();

  const save = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    if (!read) return setRefused("Something above is not right yet. Nothing was lost.");
    const reason = await tell({ kind: "source", data: read }, `${read.name} is noted.`);
    setRefused(reason);
    if (reason === null) onKept();
  };

  const line = (key: keyof SourceTexts & string, label: string, suffix?: string) => (
    <TextField
      label={label}
      value={t[key] as string}
      onChange={(value) => onChange({ [key]: value })}
      error={errors[key]}
      suffix={suffix}
      decimal={suffix !== undefined}
    />
  );

  return (
    <form onSubmit={(e) => void save(e)} className="mt-2 flex flex-col gap-3">
      {line("name", "Its name")}
      {line("container", "What the oil comes in")}
      <div className="grid grid-cols-2 gap-2">
        {line("containerCount", "How many of them", "")}
        {line("containerLitres", "Each holds", units.volume.unit)}
      </div>
      {line("usualLitres", "Usually ready", units.volume.unit)}
      <SelectField
        label="Oil"
        value={t.fluid}
        options={[{ value: "", name: "Not known yet" }, ...fluidChoices(view, COLLECTED)]}
        onChange={(fluid) =>
          onChange({
            fluid: fluid as FluidId | "",
            ...(fluid !== "" && familyOf(fluid as FluidId) === "engine" && { dirt: dirtOfFluid(fluid as FluidId) }),
          })
        }
      />
      <Choice
        label="From"
        options={[
          { value: "", name: "Not known yet" },
          ...DIRT_KIND_IDS.map((d) => ({ value: d, name: DIRT_KINDS[d].name })),
        ]}
        value={t.dirt}
        onChange={(dirt) => onChange({ dirt: dirt as SourceTexts["dirt"] })}
      />
      {staysApart({ dirt: t.dirt || undefined, fluid: t.fluid || undefined }) ? (
        <Caution>
          Used engine and gearbox oil causes cancer and holds heavy metals. Gloves; containers of its own; its sludge
          goes to a licensed recycler. It stays apart from kitchen oil unless you say otherwise at the pour.
        </Caution>
      ) : null}
      {line("fries", "What they fry or drain, how often")}
      <Choice
        label="Price"
        options={[
          { value: "unknown", name: "Not known yet" },
          { value: "free", name: "Free" },
          { value: "price", name: "They want" },
          { value: "fee", name: "They pay" },
        ]}
        value={t.deal}
        onChange={(deal) => onChange({ deal: deal as Deal })}
      />
      {t.deal === "price" || t.deal === "fee" ? line("price", `For a ${units.oneLitre}`, units.price.unit) : null}
      <AccessFields access={t.access} errors={errors} onChange={(access) => onChange({ access })} />
      {line("minutesThere", "A stop there takes", "min")}
      <Choice
        label="Where it is"
        options={[
          { value: "unknown", name: "Not known yet" },
          { value: "map", name: "On the map", detail: "from home" },
          { value: "earth", name: "Coordinates" },
        ]}
        value={t.where}
        onChange={(where) => onChange({ where: where as Where })}
      />
      {t.where === "map" ? (
        <div className="grid grid-cols-2 gap-2">
          {line("eastKm", "East of home", units.distance.unit)}
          {line("northKm", "North of home", units.distance.unit)}
        </div>
      ) : null}
      {t.where === "earth" ? (
        <div className="grid grid-cols-2 gap-2">
          {line("latitude", "Latitude", "°")}
          {line("longitude", "Longitude", "°")}
        </div>
      ) : null}
      {t.where === "earth" && view.settings.home === null ? (
        <p className="text-[14px] text-warn">Say in the Shed where home is, or it cannot be put on the map.</p>
      ) : null}
      {line("contact", "Whom to ask")}
      <AreaField label="Notes" value={t.notes} onChange={(notes) => onChange({ notes })} error={errors.notes} />
      <p aria-live="polite" className="text-stop">
        {refused}
      </p>
      <Button type="submit" look="go" wide>
        Keep it
      </Button>
    </form>
  );
}
