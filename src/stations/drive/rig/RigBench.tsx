"use client";
import { lazy, Suspense, useMemo, useState } from "react";
import { atRest, lineOf, type Mode, type Rig, rigFaults, rigLitres, standFor, standsOf } from "@/core/driving/rig";
import type { VehicleState, VesselId } from "@/core/ledger";
import { plumbedOf } from "@/core/readings/drive/ridden";
import { tankTruths } from "@/core/readings/drive/tankTruth";
import { formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { Bench, Row } from "@/ui";
import { DrivePages } from "../DrivePages";
import { VehicleTabs } from "../VehicleTabs";
import { BuildPanel } from "./BuildPanel";
import { FitIt } from "./FitIt";
import { faultWords, fineLitres } from "./faultWords";
import { ProofPanel } from "./ProofPanel";
import { ShownLoop } from "./ShownLoop";
import { useRigDraft } from "./useRigDraft";

const BenchTest = lazy(() => import("./BenchTest").then((m) => ({ default: m.BenchTest })));
const PortLabels = lazy(() => import("./PortLabels").then((m) => ({ default: m.PortLabels })));

const SECTIONS = ["build", "proof", "test", "labels"] as const;
type Section = (typeof SECTIONS)[number];
const SECTION_NAMES: Readonly<Record<Section, string>> = {
  build: "Build",
  proof: "Fail-safe proof",
  test: "Bench test",
  labels: "Labels",
};

/** The builder's bench: the fuel loop as parts and hoses, what follows from them, and its proof before it is fitted. */
export function RigBench({ state }: { state: VehicleState }) {
  const { vehicle } = state;
  const draft = useRigDraft(vehicle);
  const { rig } = draft;
  const burn = vehicle.burnLitresPerHour / 60;
  const faults = useMemo(() => rigFaults(rig, burn), [rig, burn]);
  const isSound = faults.length === 0;
  const { vessels } = useYard().view;
  const tanks = useMemo(() => {
    const tank = (id: VesselId) => vessels.find((v) => v.vessel.id === id);
    return tankTruths(vehicle, atRest(plumbedOf(state, tank)), tank);
  }, [state, vehicle, vessels]);
  const [section, setSection] = useState<Section>("build");
  const [shown, setShown] = useState<Exclude<Mode, "wrong"> | "no-power">("diesel");
  return (
    <Bench
      title={`${vehicle.name}: the fuel loop`}
      subtitle={`${rig.parts.length} parts and ${rig.hoses.length} hoses. The driver need not know them.`}
      asideLabel="What it comes to"
      aside={
        <>
          <h2 className="text-xl">What it comes to</h2>
          {isSound ? (
            <Figures rig={rig} burn={burn} own={vehicle.kind === "dual" ? (vehicle.tanksInSeries ?? null) : null} />
          ) : (
            <div role="status" className="my-2 rounded-md border-2 border-stop bg-card px-3 py-2">
              <p className="font-semibold text-stop">It cannot be fitted so:</p>
              <ul className="list-disc pl-5 text-[15px]">
                {faults.map((f) => (
                  <li key={JSON.stringify(f)}>{faultWords(f, rig)}</li>
                ))}
              </ul>
            </div>
          )}
          <FitIt state={state} draft={draft} isSound={isSound} />
          <DrivePages vehicle={vehicle.id} here="rig" />
        </>
      }
    >
      <VehicleTabs chosen={vehicle.id} path="/rig" />
      <ShownLoop rig={rig} burn={burn} isSound={isSound} shown={shown} onShow={setShown} tanks={tanks} />
      <div role="tablist" aria-label="Of the loop" className="mt-3 flex flex-wrap gap-1 border-b border-rule">
        {SECTIONS.map((s) => (
          <button
            key={s}
            type="button"
            role="tab"
            aria-selected={s === section}
            onClick={() => setSection(s)}
            className={`min-h-[var(--target)] px-3 font-plate text-[17px] font-semibold ${s === section ? "border-b-4 border-go" : "text-ink-2"}`}
          >
            {SECTION_NAMES[s]}
          </button>
        ))}
      </div>
      <div role="tabpanel" aria-label={SECTION_NAMES[section]}>
        {section === "build" ? <BuildPanel draft={draft} vehicle={vehicle} /> : null}
        {section === "proof" ? isSound ? <ProofPanel rig={rig} burn={burn} /> : <NotYet /> : null}
        <Suspense fallback={null}>
          {section === "test" ? <BenchTest state={state} rig={rig} /> : null}
          {section === "labels" ? <PortLabels rig={rig} vehicle={vehicle.name} /> : null}
        </Suspense>
      </div>
    </Bench>
  );
}

const NotYet = () => <p className="mt-3">Every hose must end somewhere first: what is missing stands beside.</p>;

/** Litres, line, pump: computed, and not asked. */
function Figures({ rig, burn, own }: { rig: Rig; burn: number; own: number | null }) {
  const units = useUnits();
  const stands = useMemo(() => standsOf(rig, burn), [rig, burn]);
  const line = useMemo(() => lineOf(rig, stands, burn, own), [rig, stands, burn, own]);
  const modes = (["diesel", "purge", "oil"] as const).filter((m) => standFor(rig, stands, m));
  return (
    <dl className="mt-1">
      <Row name="In all hoses and parts" value={fineLitres(units, rigLitres(rig))} />
      {line ? <Row name="In the line that is purged" value={fineLitres(units, line.lineLitres)} /> : null}
      {line ? <Row name="Purges" value={line.isLooped ? "by what is burned" : "by the pump's flow"} /> : null}
      {line ? <Row name="Mixes as" value={`${formatNumber(line.tanksInSeries, 0)} in a row`} /> : null}
      <Row name="It can" value={modes.map((m) => (m === "purge" ? "purge" : `run on ${m}`)).join(", ")} />
    </dl>
  );
}
