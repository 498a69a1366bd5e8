"use client";
import { useState } from "react";
import { isFluidId, isPetrol } from "@/core/fluids";
import type { Draft } from "@/core/ledger";
import { PAN_WORDS } from "@/core/ledger/words";
import type { VesselView } from "@/core/readings";
import { formatNumber, parsePlain } from "@/core/units";
import { NumberField, useLog, useNumber, useTell, useUnits, useWhen, WhenField } from "@/desk";
import { useYard } from "@/store";
import { Button, Caution } from "@/ui";
import { shortDay, waterInOilWords } from "@/ui/words";

const PAN = [
  { saw: "quiet", detail: "dry" },
  { saw: "crackles", detail: "wet" },
  { saw: "foams", detail: "very wet" },
] as const;

/** Is it dry? A hot pan says yes or no, the scales say how much; a wet lot is never called ready. */
export function Water({ vessel: v }: { vessel: VesselView }) {
  const { settings } = useYard().view;
  const log = useLog();
  const tell = useTell();
  const units = useUnits();
  const wet = useNumber("", parsePlain);
  const dry = useNumber("", parsePlain);
  const petrol = v.components.some((c) => isFluidId(c.component) && isPetrol(c.component));
  const when = useWhen();
  const [refused, setRefused] = useState<string | null>(null);
  const dissolved = waterInOilWords(v.quality.water, settings, units);
  const heavier = wet.value !== null && dry.value !== null && dry.value > wet.value;
  const share = wet.value && dry.value && !heavier ? (wet.value - dry.value) / wet.value : null;
  const write = async (draft: Draft, said: string): Promise<void> =>
    setRefused(when.wrong ?? (await tell(when.stamp(draft), said)));
  const weigh = async (): Promise<void> => {
    if (wet.value === null || wet.value <= 0) return wet.refuse("Weigh the sample first, in grams.");
    if (dry.value === null || dry.value <= 0) return dry.refuse("Weigh it again when it is dry.");
    if (heavier) return dry.refuse("It cannot weigh more than before.");
    await write(
      { kind: "water-test", data: { how: "weigh", vessel: v.vessel.id, wetG: wet.value, dryG: dry.value } },
      `${v.vessel.name}: ${formatNumber((share ?? 0) * 100, 2)} % water.`,
    );
  };
  return (
    <section id="water" aria-labelledby="water-title">
      <h2 id="water-title" className="text-xl">
        Water
      </h2>
      <p className={`text-[15px] ${v.quality.water?.wet ? "font-semibold text-stop" : ""}`}>{waterWords(v)}</p>
      <div className="mt-1">
        <WhenField when={when} label="Tested" />
      </div>
      <h3 className="mt-2 text-[16px] font-semibold">Hot-pan test</h3>
      {petrol ? (
        <p className="text-stop">Never with petrol in it: nothing of it goes near a hot pan. Look at a jar.</p>
      ) : null}
      <p className="text-[14px] text-ink-2">
        A spoonful into a dry pan at about {units.celsius(120)}. What does it do?
      </p>
      <div className="mt-1 grid grid-cols-3 gap-2">
        {PAN.map(({ saw, detail }) => (
          <Button
            key={saw}
            className="flex-col gap-0! text-[15px]!"
            disabled={petrol}
            onClick={() =>
              void write(
                { kind: "water-test", data: { how: "hot-pan", vessel: v.vessel.id, saw } },
                `${v.vessel.name}: ${PAN_WORDS[saw].toLowerCase()} in the pan, ${detail}.`,
              )
            }
          >
            {PAN_WORDS[saw]}
            <span className="text-[13px] font-normal text-ink-2">{detail}</span>
          </Button>
        ))}
      </div>
      <h3 className="mt-3 text-[16px] font-semibold">Weigh test</h3>
      <p className="text-[14px] text-ink-2">
        Weigh a sample, heat it until it is quiet, weigh it again. Your mark is{" "}
        {formatNumber(settings.waterLimitShare * 100, 2)} %.
      </p>
      <div className="mt-1 grid grid-cols-2 gap-2">
        <NumberField label="Before" of={wet} suffix="g" />
        <NumberField label="Dried" of={dry} suffix="g" />
      </div>
      {share !== null ? (
        <p className="mt-1 font-plate text-[17px] font-semibold">
          {formatNumber(share * 100, 2)} % water: {share > settings.waterLimitShare ? "wet" : "dry enough"}
        </p>
      ) : null}
      {dissolved ? <p className="mt-1 text-[14px] text-ink-2">{dissolved}</p> : null}
      <Button wide className="mt-2" onClick={() => void weigh()}>
        Log the weigh test
      </Button>
      <div aria-live="polite">{refused ? <p className="mt-2 text-stop">{refused}</p> : null}</div>
      <h3 className="mt-3 text-[16px] font-semibold">Bottom drain</h3>
      <p className="text-[14px] text-ink-2">Water lies lowest. Let it run until oil comes.</p>
      <Button wide className="mt-1" onClick={() => log.open("drain", { from: v.vessel.id })}>
        Drain the bottom
      </Button>
      <div className="mt-3">
        <Caution>
          Water under hot oil turns to steam and throws it out. A spoonful, goggles and sleeves, no lid, nothing burning
          near.
        </Caution>
      </div>
    </section>
  );
}

function waterWords(v: VesselView): string {
  const w = v.quality.water;
  if (w === null) return "Not tested yet. Old kitchen oil usually holds some.";
  const day = shortDay(w.at);
  if (!w.wet) return `Dry by the test of ${day}${w.share === null ? "" : `, ${formatNumber(w.share * 100, 2)} %`}.`;
  const why = {
    test: `Wet by the test of ${day}${w.share === null ? "" : `: ${formatNumber(w.share * 100, 2)} %`}`,
    fining: `Wet since gelatine went in on ${day}`,
    poured: `Wet oil was poured in on ${day}`,
  } as const;
  return `${why[w.because]}. It cannot be called ready until a test says dry.`;
}
