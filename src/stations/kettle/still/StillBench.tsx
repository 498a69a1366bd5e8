"use client";
import { kgOf } from "@/core/fluids";
import { kgIn, kgOfPot, METHANOL_BOILS_CELSIUS, recoverMethanol, recoveryKWh } from "@/core/kettle";
import type { VesselView } from "@/core/readings";
import { priceOf } from "@/core/readings/blend/prices";
import { potIn, stillMoles } from "@/core/readings/kettle/pots";
import { formatNumber, parsePlain } from "@/core/units";
import { NumberField, useAmount, useNumber, useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { Caution, Row } from "@/ui";
import { RecoverForm } from "./RecoverForm";

const EFFICIENCY = 0.7;
const AIR_KPA = 101.325;
const START_CELSIUS = 100;
const MARKS = [65, 70, 80, 90, 100, 110] as const;

/** How hot the pot goes, how much of its methanol that brings over, and what it costs and saves. */
export function StillBench({ pot: v }: { pot: VesselView }) {
  const { view } = useYard();
  const units = useUnits();
  const celsius = useAmount(units.temperature, START_CELSIUS);
  const kPa = useNumber(String(AIR_KPA), parsePlain);
  const pot = potIn(v);
  const { methanolMol, heavyMol } = stillMoles(pot);
  const at = (c: number): number => recoverMethanol(methanolMol, heavyMol, c, kPa.value ?? AIR_KPA).share;
  const isGood =
    celsius.value !== null &&
    celsius.value >= -40 &&
    celsius.value <= 240 &&
    kPa.value !== null &&
    kPa.value > 0.5 &&
    kPa.value < 200;
  const answer =
    isGood && celsius.value !== null
      ? recoverMethanol(methanolMol, heavyMol, celsius.value, kPa.value ?? AIR_KPA)
      : null;
  const allKg = kgIn(pot, "methanol");
  const kg = (answer?.share ?? 0) * allKg;
  const litres = kg / kgOf("methanol", 1);
  const kwh = recoveryKWh(kgOfPot(pot), view.settings.shedCelsius, celsius.value ?? START_CELSIUS, kg, EFFICIENCY);
  const price = priceOf(view, "methanol")?.perLitre ?? null;
  return (
    <>
      <div className="mt-3 grid gap-x-8 md:grid-cols-2">
        <div>
          <div className="grid grid-cols-2 gap-2">
            <NumberField label="The pot goes up to" of={celsius} />
            <NumberField label="Pressure over it" of={kPa} suffix="kPa" hint="less on a mountain or under vacuum" />
          </div>
          <p className="mt-3 font-plate text-[40px] leading-none font-semibold">
            {answer ? units.litres(litres) : "…"}{" "}
            <span className="text-[19px] font-medium text-ink-2">
              of {units.litres(allKg / kgOf("methanol", 1))} come over
            </span>
          </p>
          <dl className="mt-2">
            <Row name="Of what is in it" value={`${formatNumber((answer?.share ?? 0) * 100, 0)} %`} />
            <Row
              name="It begins to boil at"
              value={
                answer?.boilsAtCelsius == null
                  ? "nowhere: too little is in it"
                  : units.celsius(answer.boilsAtCelsius, 0)
              }
            />
            <Row
              name="Energy"
              value={`${formatNumber(kwh, 1)} kWh, ${units.money(kwh * view.settings.energyPricePerKwh)}`}
            />
            <Row
              name="Worth"
              value={price === null ? "no price of methanol in the book" : units.money(litres * price)}
            />
          </dl>
          <Why
            name="methanol-recovery-at"
            input={{
              methanolMol: Math.max(1e-6, methanolMol),
              heavyMol: Math.max(1e-6, heavyMol),
              potCelsius: celsius.value ?? START_CELSIUS,
              kPa: kPa.value ?? AIR_KPA,
            }}
            readings="what the book has in the pot"
          />
        </div>
        <section aria-labelledby="expect-title">
          <h2 id="expect-title" className="text-xl">
            What people expect, and what comes
          </h2>
          <p className="text-[15px]">
            Methanol alone boils at {units.celsius(METHANOL_BOILS_CELSIUS, 0)}, so many think it is all out by then.
            Glycerol holds it back: the less is left, the hotter it must be.
          </p>
          <table className="mt-1 w-full text-[16px]">
            <thead>
              <tr>
                <th className="text-left">Pot at</th>
                <th className="text-right">Out of it</th>
              </tr>
            </thead>
            <tbody>
              {MARKS.map((c) => (
                <tr key={c} className="border-t border-rule">
                  <td>{units.celsius(c)}</td>
                  <td className="text-right font-plate font-semibold">{formatNumber(at(c) * 100, 0)} %</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      </div>
      <div className="mt-3">
        <Caution>
          Below its boil the vapour over it is still mostly methanol: poison, and it burns with a flame nobody sees.
          Closed condenser with water running, vent outdoors, no sparks, electric heat only, never boiled dry, and never
          a shut vessel without a relief. Never strip methanol from fuel that still has glycerol in it: it turns back.
          Local rules may forbid a still altogether.
        </Caution>
      </div>
      <RecoverForm pot={v} potCelsius={celsius.value} kwh={kwh} expectedLitres={litres} />
    </>
  );
}
