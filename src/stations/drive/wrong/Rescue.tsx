"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { tanksOf, type VehicleState, type VesselId } from "@/core/ledger";
import { RunSheet, type SheetStep, useHref, useLog, useRunSheet, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { nameOf } from "@/ui/words";

/** A gelled or fouled tank got out of its trouble, step by step; every litre of it is booked on the way. */
export function Rescue({ state }: { state: VehicleState }) {
  const { view } = useYard();
  const { vehicle } = state;
  const tanks = tanksOf(vehicle);
  const [tank, setTank] = useState<VesselId | null>(tanks.length === 1 ? tanks[0] : null);
  if (tank === null)
    return (
      <Bench title="Tank rescue" subtitle={`${vehicle.name}: which of its tanks?`} asideLabel="About it" aside={null}>
        <div className="mt-3 flex flex-wrap gap-2">
          {tanks.map((id) => (
            <Button key={id} look="go" onClick={() => setTank(id)}>
              {nameOf(view, id)}
            </Button>
          ))}
        </div>
      </Bench>
    );
  return <Sheet key={tank} state={state} tank={tank} />;
}

const WARM_MINUTES = 60;

function Sheet({ state: { vehicle }, tank }: { state: VehicleState; tank: VesselId }) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const router = useRouter();
  const href = useHref();
  const run = useRunSheet(`rescue ${tank}`);
  const v = view.vessels.find((x) => x.vessel.id === tank);
  const name = nameOf(view, tank);
  const leave = (): void => {
    if (run.at >= steps.length - 1) run.forget();
    router.push(href(`/drive?vehicle=${vehicle.id}`));
  };
  const big = (label: string, onClick: () => void) => (
    <Button look="go" className="mt-3" onClick={onClick}>
      {label}
    </Button>
  );
  const steps: SheetStep[] = [
    {
      title: "Stop, and let it cool",
      body: <p>Engine off, key out, no flame near. Diesel and oil spray burn.</p>,
      caution:
        "Work on fuel lines cold, under the open sky, with gloves and goggles, a catch under every joint and sand at hand.",
    },
    {
      title: `Warm ${name}, if it has set`,
      body: (
        <p>
          In a warm shed, or a hot-water bottle against it. Never a flame, never an open element. What has set turns
          clear again well below {units.celsius(40)}.
        </p>
      ),
      minutes: WARM_MINUTES,
      expect: "No flakes against the light, and it runs off a stick.",
    },
    {
      title: `Pump ${name} out`,
      body: (
        <>
          <p>By the book {units.litres(v?.litres ?? 0)} are in it. Into a vessel that is marked for it.</p>
          {big("Log what was pumped out", () => log.open("pump-out", { from: tank }))}
        </>
      ),
      expect: "The last litre tells most: flakes, water or black sludge.",
    },
    {
      title: "Clean the sock and pick-up",
      body: (
        <>
          <p>Out with it, rinse with diesel, look through it against the light. Wipe the tank's bottom.</p>
          {big("Log it", () => log.open("service", { vehicle: vehicle.id, what: "sock" }))}
        </>
      ),
    },
    {
      title: "Screen and filter what came out",
      body: (
        <>
          <p>
            Through a kitchen screen first, then by the bags into another vessel. It stands there until it is clear.
          </p>
          {big("To the filter bench", () => router.push(href("/filter")))}
        </>
      ),
      caution: "Oily rags heat up by themselves: flat outdoors, or under water in a lidded metal bin.",
    },
    {
      title: "A new filter",
      body: (
        <>
          <p>Fill it before it goes on, and bleed until no bubbles come.</p>
          {big("Log the filter", () => log.open("service", { vehicle: vehicle.id, what: "filter" }))}
        </>
      ),
    },
    {
      title: `Fill ${name} again`,
      body: (
        <>
          <p>With what stands tonight's {units.celsius(view.settings.tonightLowCelsius)}: thinner than you think.</p>
          {big("Log the fill", () => log.open("fill", { to: tank }))}
        </>
      ),
      expect: "It starts on diesel and runs without a stumble for ten minutes.",
    },
  ];
  return (
    <>
      <h1 className="px-4 pt-3 text-[27px]">Tank rescue: {name}</h1>
      <RunSheet steps={steps} run={run} onLeave={leave} />
    </>
  );
}
