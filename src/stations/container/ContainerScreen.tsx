"use client";
import { useSearchParams } from "next/navigation";
import { isFluidId, isPetrol } from "@/core/fluids";
import type { VesselView } from "@/core/readings";
import { LoggedOf, StepButton, useLog, usePast, useUnits, VesselWords, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, buttonClass, Row, Termed, VesselDrawing, vesselWords } from "@/ui";
import { batchWords, contentsWords, fullDay, lotCode, markWords, shortDay, standingDays, wordAdvice } from "@/ui/words";

const DRAWN_PX = 300;
const LOTS_SHOWN = 8;

/** One container, as its label's code opens it: what is in it, whose oil it is, how long it has stood, what to do. */
export function ContainerScreen() {
  const { view } = useYard();
  const id = useSearchParams().get("vessel");
  const v = view.vessels.find((x) => x.vessel.id === id);
  return v ? <OneContainer vessel={v} /> : <NoContainer />;
}

const holdsPetrol = (v: VesselView): boolean =>
  v.components.some((c) => isFluidId(c.component) && isPetrol(c.component));

function NoContainer() {
  return (
    <div className="p-5">
      <h1 className="text-[27px]">No such container</h1>
      <p>This code names none that is in the yard on this device. It may be in another yard, or not restored here.</p>
      <YardLink href="/" className={`${buttonClass("plain")} mt-3`}>
        The yard
      </YardLink>
    </div>
  );
}

function OneContainer({ vessel: v }: { vessel: VesselView }) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const lots = usePast(v.vessel.id)?.lots ?? [];
  const place = view.places.find((p) => p.place.id === v.vessel.place)?.place;
  const advice = view.advice.filter((a) => a.vessel === v.vessel.id).map((a) => wordAdvice(a, view));
  const vessel = v.vessel.id;
  return (
    <Bench
      title={v.vessel.name}
      subtitle={`${markWords(v)}${place ? `, aboard ${place.name}` : ""}. ${batchWords(v.litres < 0.05 ? [] : lots)}`}
      asideLabel="What to do with it"
      aside={
        <>
          {advice.map((words) => (
            <section key={words.title} className="mb-3 rounded-md border border-quiet bg-card px-3 py-2">
              <h2 className="text-xl">{words.title}</h2>
              <p className="text-[14px]">
                <Termed>{words.why}</Termed>
              </p>
              <div className="mt-2 flex flex-wrap gap-2">
                {words.steps.map((step, i) => (
                  <StepButton key={step.label} step={step} look={i === 0 ? "go" : "plain"} />
                ))}
              </div>
            </section>
          ))}
          <h2 className="text-xl">What happened to it</h2>
          <div className="mt-2 grid grid-cols-2 gap-2">
            <Button onClick={() => log.open("pickup", { to: vessel })}>Picked up into it</Button>
            <Button onClick={() => log.open("pour", { from: vessel })}>Poured from it</Button>
            <Button onClick={() => log.open("pour", { to: vessel })}>Poured into it</Button>
            {v.settling ? (
              <YardLink href={`/settle?vessel=${vessel}`} className={buttonClass("plain")}>
                Look inside
              </YardLink>
            ) : null}
            <Button onClick={() => log.open("dip", { vessel })}>Dipped</Button>
            <Button onClick={() => log.open("disturbed", { vessel })}>Disturbed</Button>
            <Button onClick={() => log.open("dispose", { from: vessel })}>Disposed of</Button>
            <Button onClick={() => log.open("change-vessel", { vessel })}>Change it</Button>
            <Button onClick={() => log.open("retire", { thing: `vessel ${vessel}` })}>Retire it</Button>
            <YardLink href={`/labels?vessel=${vessel}`} className={buttonClass("plain")}>
              Its label
            </YardLink>
          </div>
        </>
      }
    >
      <VesselWords vessel={v} />
      <div className="mt-3 flex flex-wrap items-end gap-6">
        <VesselDrawing view={v} pxPerMm={DRAWN_PX / v.vessel.rimMm} label={vesselWords(v, units)} marks />
        <dl className="min-w-[240px] flex-1">
          <Row name="In it" value={`${units.litres(v.litres)} of ${units.litres(v.capacityLitres)}`} />
          <Row name="What" value={contentsWords(v.components)} />
          {v.settling && v.stirredAt ? (
            <Row name="Standing" value={`since ${shortDay(v.stirredAt)}, ${standingDays(v.stirredAt, view.at)}`} />
          ) : null}
          {v.settling?.readyAt && !v.settling.ready ? (
            <Row
              name={v.settling.readyAt <= view.at ? "Clear since" : "Clear about"}
              value={shortDay(v.settling.readyAt)}
            />
          ) : null}
          {v.quality.dyed ? <Row name="Colour" value="some of it dyed, untaxed" /> : null}
          {v.quality.petrolSince && holdsPetrol(v) ? (
            <Row name="Petrol in it" value={`stood ${standingDays(v.quality.petrolSince, view.at)}`} />
          ) : null}
          {(v.quality.filteredUm ?? 0) > 0 ? <Row name="Filtered to" value={`${v.quality.filteredUm} µm`} /> : null}
        </dl>
      </div>
      <h2 className="mt-5 text-xl">Lots in it</h2>
      {v.litres < 0.05 ? <p className="text-ink-2">None: it is empty.</p> : null}
      <ul className="max-w-[620px]">
        {lots.slice(0, LOTS_SHOWN).map((lot) => (
          <li key={lot.id} className="flex justify-between gap-3 border-t border-rule py-1.5">
            <span>
              <b className="font-plate text-[17px]">{lotCode(lot)}</b> {fullDay(lot.at)},{" "}
              {lot.source ?? "bought or found"}
            </span>
            <span className="font-plate text-[17px] font-semibold">{units.litres(lot.litres)}</span>
          </li>
        ))}
      </ul>
      {lots.length > LOTS_SHOWN ? (
        <p className="text-[14px] text-ink-2">And {lots.length - LOTS_SHOWN} smaller ones.</p>
      ) : null}
      <LoggedOf id={vessel} name={v.vessel.name} />
    </Bench>
  );
}
