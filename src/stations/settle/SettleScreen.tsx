"use client";
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from "@headlessui/react";
import { useState } from "react";
import type { SettleBench, VesselView } from "@/core/readings";
import { LoggedOf, NoSuchVessel, useChosenVessel, useLog, usePast, useSettleBench, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { standingDays } from "@/ui/words";
import { Disturb } from "./Disturb";
import { DrawOff } from "./DrawOff";
import { Heel } from "./Heel";
import { Picture } from "./Picture";
import { Readings } from "./Readings";
import { SettlerPanel } from "./SettlerPanel";
import { ShedAhead } from "./ShedAhead";
import { alongRow } from "./track";
import { useDip } from "./useDip";
import { VesselPhoto } from "./VesselPhoto";
import { Water } from "./Water";

/** Oil settles wherever it stands, but not in a tank that is driven. */
const isOily = (v: VesselView): boolean => v.settling !== null || v.station === "rounds" || v.vessel.role === "feed";

/** The settling bench: see through the drum, know when, know where to stop. */
export function SettleScreen() {
  const log = useLog();
  const { chosen, all, isUnknown } = useChosenVessel("settle", isOily);
  if (isUnknown) return <NoSuchVessel bench="oil settles in" />;
  if (!chosen)
    return (
      <Bench title="Settle" subtitle="No vessel stands here yet." asideLabel="What to do" aside={null}>
        <Button look="go" className="mt-4" onClick={() => log.open("add-vessel", { preset: "drum" })}>
          Add a settling drum
        </Button>
      </Bench>
    );
  return <OneVessel key={chosen.vessel.id} vessel={chosen} all={all} />;
}

function OneVessel({ vessel: v, all }: { vessel: VesselView; all: readonly VesselView[] }) {
  const { view } = useYard();
  const units = useUnits();
  const bench = useSettleBench(v.vessel.id);
  const dip = useDip(v, units.length);
  const since = v.stirredAt ? `, ${standingDays(v.stirredAt, view.at)}` : "";
  const sources = usePast(v.vessel.id)?.from ?? [];
  const from = sources.length > 0 ? ` from ${sources.slice(0, 3).join(", ")}` : "";
  const shed = v.settling ? `, ${units.celsius(v.settling.meanCelsius)} on average` : "";
  return (
    <Bench
      title={`${v.vessel.name}${since}`}
      subtitle={v.litres < 0.05 ? "Empty." : `${units.litres(v.litres)}${from}${shed}`}
      asideLabel="Draw off"
      aside={<Tabs vessel={v} bench={bench} dip={dip} />}
    >
      <a
        href="#what-to-do"
        className="mt-1 inline-flex min-h-[var(--target)] items-center font-plate text-[17px] font-semibold text-go underline underline-offset-4 lg:hidden"
      >
        Draw off, read, test
      </a>
      <Picture vessel={v} all={all} bench={bench} dip={dip} />
    </Bench>
  );
}

interface TabsProps {
  readonly vessel: VesselView;
  readonly bench: SettleBench | null;
  readonly dip: ReturnType<typeof useDip>;
}

/** What one does at a vessel, in the order of the craft; an address may name one after its #. */
function Tabs({ vessel: v, bench, dip }: TabsProps) {
  const { view } = useYard();
  const celsius = bench ? alongRow(bench.celsius, bench.nowStep) : view.settings.shedCelsius;
  const first = v.vessel.role === "settler" ? "settler" : v.vessel.role === "heel" ? "heel" : "draw";
  const tabs = [
    ...(v.vessel.role === "settler"
      ? [{ key: "settler", name: "Settler", body: <SettlerPanel vessel={v} celsius={celsius} /> }]
      : []),
    ...(v.vessel.role === "heel" ? [{ key: "heel", name: "Heels", body: <Heel vessel={v} /> }] : []),
    ...(v.vessel.role === "settler"
      ? []
      : [
          {
            key: "draw",
            name: "Draw off",
            body: v.settling ? (
              <DrawOff key={`${v.vessel.id} ${v.changedAt}`} vessel={v} settling={v.settling} celsius={celsius} />
            ) : (
              <Emptyish vessel={v} />
            ),
          },
        ]),
    { key: "read", name: "Read", body: <Readings vessel={v} bench={bench} dip={dip} /> },
    { key: "water", name: "Water", body: <Water vessel={v} /> },
    {
      key: "shed",
      name: "Shed",
      body: (
        <>
          <ShedAhead />
          <VesselPhoto vessel={v} />
        </>
      ),
    },
  ];
  const keys = tabs.map((t) => t.key);
  const [at, setAt] = useState(() => {
    const asked = keys.indexOf(window.location.hash.slice(1));
    return asked >= 0 ? asked : keys.indexOf(first);
  });
  return (
    <TabGroup id="what-to-do" className="scroll-mt-2" selectedIndex={at} onChange={setAt}>
      <TabList className="-mt-1 mb-2 flex gap-1 overflow-x-auto border-b border-rule">
        {tabs.map((t) => (
          <Tab
            key={t.key}
            className="min-h-[var(--target)] px-3 font-plate text-[17px] font-semibold text-ink-2 data-selected:text-ink data-selected:shadow-[inset_0_-3px_0_var(--go)]"
          >
            {t.name}
          </Tab>
        ))}
      </TabList>
      <TabPanels>
        {tabs.map((t) => (
          <TabPanel key={t.key}>{t.body}</TabPanel>
        ))}
      </TabPanels>
      {v.litres > 0.05 ? <Disturb vessel={v} /> : null}
      <LoggedOf id={v.vessel.id} name={v.vessel.name} />
    </TabGroup>
  );
}

function Emptyish({ vessel: v }: { vessel: VesselView }) {
  const log = useLog();
  const { name, id } = v.vessel;
  return (
    <>
      <h2 className="text-xl">Nothing to draw</h2>
      <p className="my-2 text-ink-2">
        {v.litres < 0.05
          ? `${name} is empty. Tip raw oil in and its clock starts.`
          : `What is left in ${name} lies below the draw-off line. Pool it with other heels, or drain it.`}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button look="go" onClick={() => log.open("pickup", { to: id })}>
          Pick up into it
        </Button>
        {v.litres < 0.05 ? null : (
          <Button onClick={() => log.open("pour", { from: id, toRole: "heel" })}>Pool the heel</Button>
        )}
      </div>
    </>
  );
}
