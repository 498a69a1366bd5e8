"use client";
import { useState } from "react";
import { BASES, type TriedAcid } from "@/core/kettle";
import type { BatchId, Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { formatNumber } from "@/core/units";
import { LogStep, NumberField, Why, YardLink } from "@/desk";
import { Button, Caution, Choice, Row } from "@/ui";
import { counted } from "@/ui/words";
import { densityOf } from "../lot";
import { AcidVerdict } from "./AcidVerdict";
import { type TriesForm, useTries } from "./useTries";

interface Props {
  readonly vessel: VesselView;
  /** After its acid stage: what is still to be reckoned with. */
  readonly batch?: BatchId;
  readonly also?: readonly Draft[];
  readonly onDone?: () => void;
}

/** Up to five tries, their mean and spread, the blank taken off; and what the oil then asks for. */
export function TitrationForm({ vessel: v, batch, also = [], onDone }: Props) {
  const oilKgPerL = densityOf(v);
  const form = useTries(oilKgPerL);
  const [shown, setShown] = useState(3);
  const draft = draftOf(v, form, batch);
  const isComplete = (): boolean => {
    for (const [field, most] of [
      [form.gPerL, 100],
      [form.purity, 100],
      [form.oilMl, 1000],
    ] as const)
      if (field.value === null || field.value <= 0 || field.value > most) {
        field.refuse(`More than nothing, up to ${most}.`);
        return false;
      }
    if ((form.blank.value ?? -1) < 0) {
      form.blank.refuse("Nothing or more.");
      return false;
    }
    if (form.read.length === 0) {
      form.tries[0]?.refuse("How many millilitres until the colour stayed?");
      return false;
    }
    const below = form.tries.find((t) => t.value !== null && t.value < 0);
    below?.refuse("Nothing or more.");
    return below === undefined && form.refused === null;
  };
  return (
    <div className={`mt-3 grid gap-x-8 gap-y-3 ${batch === undefined ? "md:grid-cols-2" : ""}`}>
      <div className="flex flex-col gap-2">
        <Choice
          label="Lye in the titrant"
          narrow
          options={[
            { value: "KOH", name: "KOH" },
            { value: "NaOH", name: "NaOH" },
          ]}
          value={form.base}
          onChange={(b) => form.setBase(b as "KOH")}
        />
        <div className="grid grid-cols-2 gap-2">
          <NumberField label="Of it in a litre of water" of={form.gPerL} suffix="g" />
          <NumberField label="Purity of that lye" of={form.purity} suffix="%" hint="100 where it was standardised" />
          <NumberField label="Oil in the sample" of={form.oilMl} suffix="mL" />
          <NumberField
            label="Blank: the alcohol alone"
            of={{
              ...form.blank,
              error: form.blank.error ?? (form.refused?.at === "blankMl" ? form.refused.words : undefined),
            }}
            suffix="mL"
          />
        </div>
        <fieldset>
          <legend className="text-[14px] text-ink-2">Until the colour stays half a minute</legend>
          <div className="grid grid-cols-3 gap-2">
            {form.tries.slice(0, shown).map((t, i) => (
              <NumberField
                // biome-ignore lint/suspicious/noArrayIndexKey: a try is known by its place
                key={i}
                label={`Try ${i + 1}`}
                of={t}
                suffix="mL"
                hint={
                  form.found?.outliers.includes(outlierAt(form, i))
                    ? "does not go with the others: left out"
                    : undefined
                }
              />
            ))}
          </div>
          {shown < form.tries.length ? (
            <Button look="quiet" onClick={() => setShown(shown + 1)}>
              One more try
            </Button>
          ) : null}
          {form.refused?.at === "tries" ? <p className="text-[14px] text-stop">{form.refused.words}</p> : null}
        </fieldset>
        <Caution>
          Lye eats skin and eyes, alcohol burns: goggles, gloves, no flame. Warm the oil until it is clear.
        </Caution>
      </div>
      <div>
        {form.found ? (
          <Found found={form.found} form={form} isAfterAcid={batch !== undefined} vessel={v} oilKgPerL={oilKgPerL} />
        ) : (
          <p className="text-ink-2">What it says stands here as soon as a try is typed.</p>
        )}
        <LogStep
          draft={draft}
          said={`${v.vessel.name} holds ${formatNumber(form.found?.ffaPct ?? 0, 1)} % free acid.`}
          action="Log the titration"
          isComplete={isComplete}
          also={also}
          {...(onDone && { onDone })}
        />
        {batch === undefined ? (
          <YardLink
            href={`/batch?vessel=${v.vessel.id}`}
            className="mt-2 inline-flex min-h-[var(--target)] items-center font-plate text-[17px] font-semibold text-go underline underline-offset-4"
          >
            Plan a batch of it
          </YardLink>
        ) : null}
      </div>
    </div>
  );
}

/** Where a try stands among those that are read. */
const outlierAt = (form: TriesForm, i: number): number =>
  form.tries.slice(0, i + 1).filter((t) => t.value !== null).length - 1;

function Found(props: {
  found: TriedAcid;
  form: TriesForm;
  isAfterAcid: boolean;
  vessel: VesselView;
  oilKgPerL: number;
}) {
  const { found, form, isAfterAcid, vessel, oilKgPerL } = props;
  return (
    <>
      <p className="font-plate text-[34px] leading-none font-semibold">
        {formatNumber(found.ffaPct, 2)} % <span className="text-[18px] font-medium">free acid</span>
      </p>
      <dl className="mt-2">
        <Row
          name={`Mean of ${counted(form.read.length - found.outliers.length, "try", "tries")}, blank off`}
          value={`${formatNumber(found.meanMl - (form.blank.value ?? 0), 2)} mL`}
        />
        <Row
          name="From the least to the most"
          value={`${formatNumber(found.spreadMl, 2)} mL, ± ${formatNumber(found.plusMinusPct, 2)} %`}
        />
        <Row name="Acid number" value={`${formatNumber(found.acidNumber, 2)} mg KOH/g`} />
        <Row
          name={`${form.base} for the acid alone`}
          value={`${formatNumber(found.acidMolPerL * BASES[form.base].gPerMol, 2)} g/L`}
        />
      </dl>
      {isAfterAcid ? (
        <p className="mt-2 text-[15px]">
          This is what the lye has to deal with: free acid, and sulfuric acid that was left. The batch's weighing list
          follows it.
        </p>
      ) : (
        <AcidVerdict vessel={vessel} acidMolPerL={found.acidMolPerL} ffaPct={found.ffaPct} />
      )}
      <Why
        name="titration"
        input={{
          titrantMl: Math.max(0, found.meanMl - (form.blank.value ?? 0)),
          titrantGPerL: form.gPerL.value ?? 1,
          base: form.base,
          oilMl: form.oilMl.value ?? 1,
          oilKgPerL,
          titrantPurity: (form.purity.value ?? 100) / 100,
        }}
        readings={`${counted(form.read.length, "try", "tries")} of yours`}
      />
    </>
  );
}

function draftOf(v: VesselView, form: TriesForm, batch: BatchId | undefined): Draft | null {
  const { gPerL, purity, oilMl, blank, read, base, found } = form;
  if (!found || gPerL.value === null || purity.value === null || oilMl.value === null || blank.value === null)
    return null;
  return {
    kind: "titration",
    data: {
      vessel: v.vessel.id,
      base,
      titrantGPerL: gPerL.value,
      titrantPurity: purity.value / 100,
      oilMl: oilMl.value,
      tries: [...read],
      blankMl: blank.value,
      ...(batch && { batch }),
    },
  };
}
