"use client";
import { useRouter } from "next/navigation";
import type { Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { hungByKind } from "@/core/readings/settle/hanging";
import { formatMinutes, formatNumber, parsePlain } from "@/core/units";
import {
  AsItShouldLook,
  Interlock,
  isRefused,
  LogStep,
  NoSuchVessel,
  NumberField,
  RunSheet,
  type SheetStep,
  useAmount,
  useChosenVessel,
  useClearance,
  useHref,
  useNote,
  useNumber,
  useRunSheet,
  useSettleBench,
  useUnits,
} from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { shortDay } from "@/ui/words";
import { Warmings } from "./Warmings";

/** Warm settling: heat once, let it stand and cool; water and fines fall fast while it is thin. */
export function WarmScreen() {
  const { chosen, isUnknown } = useChosenVessel("settle", (v) => v.settling !== null);
  if (isUnknown) return <NoSuchVessel bench="can be warmed" />;
  if (!chosen || chosen.litres < 0.05)
    return <p className="p-4">There is nothing to warm here. Choose a vessel on the settling bench.</p>;
  return <Sheet key={chosen.vessel.id} vessel={chosen} />;
}

function Sheet({ vessel: v }: { vessel: VesselView }) {
  const { view } = useYard();
  const units = useUnits();
  const router = useRouter();
  const href = useHref();
  const run = useRunSheet(`warm ${v.vessel.id}`);
  const bench = useSettleBench(v.vessel.id);
  const heating: Draft = {
    kind: "disturbed",
    data: { vessel: v.vessel.id, how: "heated", celsius: view.settings.warmToCelsius },
  };
  const clearance = useClearance(heating);
  const back = (): void => router.push(href(`/settle?vessel=${v.vessel.id}`));
  const heat = bench?.heated;
  const target = units.celsius(view.settings.warmToCelsius);
  const fat = v.layers.find((l) => l.kind === "fat");
  const looks = (words: string, cleared: number): SheetStep["looks"] => ({
    words,
    picture: <AsItShouldLook vessel={v} words={words} cleared={cleared} />,
  });
  const steps: SheetStep[] = [
    {
      title: `Warm ${units.litres(v.litres)} to ${target}`,
      body: (
        <>
          {heat ? (
            <p className="font-plate text-[24px] font-semibold">
              {formatNumber(heat.kWh, 1)} kWh, {units.money(heat.cost)}, about{" "}
              {formatMinutes(Math.ceil(heat.heaterHours * 60))} of heat.{" "}
              {heat.readyAt === null ? "It would still not clear." : `Clear about ${shortDay(heat.readyAt)}.`}
            </p>
          ) : null}
          {heat ? <Warmings warmings={heat.warmings} /> : null}
          <Interlock clearance={clearance} />
          <KettleMarks />
        </>
      ),
      ...(isRefused(clearance) && { does: <Button onClick={back}>Back to the bench</Button> }),
      caution: fat
        ? "Warm oil takes the fat up again, and lets it fall in the cold. Draw the clear oil off the fat first."
        : undefined,
    },
    {
      title: "Drain the bottom first",
      body: <p>Let the water at the bottom run out before there is any heat. Then heat slowly, lid ajar.</p>,
      caution: `Water under hot oil boils over. Never over ${units.celsius(95)} in an open vessel, never with petrol in it, never unwatched.`,
      ...(heat && { minutes: Math.ceil(heat.heaterHours * 60) }),
      looks: looks("Going round while it is heated: even, nothing clears yet", 0),
      expect: `${target} in the middle`,
    },
    {
      title: "Heater off",
      body: (
        <p>
          While the heater runs the oil goes round and nothing small falls. As it cools it still goes round: what hangs
          goes down everywhere at once, without a clear layer on top. What lies stays down, if nobody pumps or boils it.
        </p>
      ),
      looks: looks("As it cools: paler all through, no front; from the top down only once it is cold", 0.6),
      does: (
        <HeaterOff
          vessel={v}
          onDone={() => {
            run.forget();
            back();
          }}
        />
      ),
    },
  ];
  return (
    <>
      <h1 className="px-4 pt-3 text-[24px]">Warm settling: {v.vessel.name}</h1>
      <RunSheet steps={steps} run={run} onLeave={back} />
    </>
  );
}

function HeaterOff({ vessel: v, onDone }: { vessel: VesselView; onDone: () => void }) {
  const { view } = useYard();
  const units = useUnits();
  const typed = useAmount(units.temperature, view.settings.warmToCelsius);
  const draft: Draft = {
    kind: "disturbed",
    data: {
      vessel: v.vessel.id,
      how: "heated",
      celsius: typed.value ?? 0,
      ...(v.settling && { hanging: hungByKind(v.settling) }),
    },
  };
  return (
    <>
      <NumberField label="The oil is at" of={typed} />
      <LogStep
        draft={typed.value === null ? null : draft}
        said={`${v.vessel.name} stands warm: its clock starts now.`}
        action="Heater is off: log it"
        isComplete={() => {
          const isThere = typed.value !== null && typed.value >= 0 && typed.value <= 150;
          if (!isThere) typed.refuse("The oil's temperature as the heater went off.");
          return isThere;
        }}
        onDone={onDone}
      />
    </>
  );
}

/** The kettle as it is: how hot, how strong, how slowly it cools, what a kWh costs. */
function KettleMarks() {
  const { settings } = useYard().view;
  const units = useUnits();
  const note = useNote();
  const to = useAmount(units.temperature, settings.warmToCelsius);
  const kw = useNumber(String(settings.heaterKw), parsePlain);
  const cooling = useNumber(String(settings.coolingHours), parsePlain);
  const open = useNumber(String(settings.openCoolingHours), parsePlain);
  const price = useAmount(units.price, settings.energyPricePerKwh);
  const keep = (): void => {
    if (to.value === null || to.value < 20 || to.value > 95)
      to.refuse(`Between ${units.celsius(20)} and ${units.celsius(95)}.`);
    else if (kw.value === null || kw.value < 0.05 || kw.value > 50) kw.refuse("Between 0.05 and 50 kW.");
    else if (cooling.value === null || cooling.value < 1 || cooling.value > 500) cooling.refuse("Between 1 and 500 h.");
    else if (open.value === null || open.value < 0.5 || open.value > 200) open.refuse("Between 0.5 and 200 h.");
    else if (price.value === null || price.value < 0) price.refuse("What a kWh costs.");
    else
      note(
        {
          kind: "settings",
          data: {
            warmToCelsius: to.value,
            heaterKw: kw.value,
            coolingHours: cooling.value,
            openCoolingHours: open.value,
            energyPricePerKwh: price.value,
          },
        },
        "Your heater's marks are kept.",
      );
  };
  return (
    <details className="mt-2 text-[15px]">
      <summary className="min-h-[var(--target)] cursor-pointer content-center">Your heater</summary>
      <div className="grid grid-cols-2 gap-2">
        <NumberField label="Warm to" of={to} />
        <NumberField label="Heater" of={kw} suffix="kW" />
        <NumberField label="Lagged, two thirds of the warmth gone in" of={cooling} suffix="h" />
        <NumberField label="Open to the shed, in" of={open} suffix="h" />
        <NumberField label="A kWh costs" of={price} />
      </div>
      <Button className="mt-2" onClick={keep}>
        Keep
      </Button>
    </details>
  );
}
