"use client";
import { useSearchParams } from "next/navigation";
import type { SourceView } from "@/core/readings";
import { mapSpot } from "@/core/readings/rounds/roundQuestion";
import { LoggedOf, Photo, SourceWorth, useKept, useLog, useUnits, Why, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, buttonClass, FillingDrum, type MapSpot, SchematicMap } from "@/ui";
import { aboutDay, accessWords, counted, priceWords, rangeLitres, roughLitres, shortDay } from "@/ui/words";
import { History } from "./History";
import { SourceForm } from "./SourceForm";
import { type SourceTexts, textsOf } from "./sourceForm";

/** One source: what waits there, where it is, what has come of its oil, and all that is known of it. */
export function SourceScreen() {
  const { view } = useYard();
  const id = useSearchParams().get("id");
  const source = view.sources.find((s) => s.source.id === id);
  if (!source)
    return (
      <div className="p-5">
        <h1 className="text-[27px]">No such source</h1>
        <p>The address names none that is in this yard.</p>
        <YardLink href="/rounds" className={`${buttonClass("plain")} mt-3`}>
          All sources
        </YardLink>
      </div>
    );
  return <OneSource key={source.source.id} source={source} />;
}

const UNTOUCHED: Partial<SourceTexts> = {};

function OneSource({ source: s }: { source: SourceView }) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const [typed, keep, forget] = useKept<Partial<SourceTexts>>(`source ${s.source.id}`, UNTOUCHED);
  const change = (more: Partial<SourceTexts>): void => keep({ ...typed, ...more });
  const texts = { ...textsOf(s.source, units), ...typed };
  const { waiting: w } = s;
  const full = w.fullAt ? `full ${aboutDay(w.fullAt, view.at)}` : "not full for years";
  const likely =
    w.fullEarliestAt && w.fullLatestAt ? `, likely ${shortDay(w.fullEarliestAt)} to ${shortDay(w.fullLatestAt)}` : "";
  return (
    <Bench
      title={s.source.name}
      subtitle={`${s.source.container}; ${priceWords(s.source.pricePerLitre, units.money)}; ${accessWords(s.source.access)}.`}
      asideLabel="What is known of it"
      aside={
        <>
          <h2 className="text-xl">What is known of it</h2>
          <SourceForm source={s.source} texts={texts} onChange={change} onKept={forget} />
        </>
      }
    >
      <div className="mt-3 flex flex-wrap items-start gap-5">
        <FillingDrum
          holdsLitres={w.containerLitres}
          {...w.now}
          height={150}
          label={`About ${roughLitres(w.now.mean, units)} of ${units.litres(w.containerLitres)} waiting, likely ${rangeLitres(w.now.low, w.now.high, units)}`}
        />
        <div className="min-w-[240px] flex-1">
          <p className="font-plate text-[25px] leading-tight font-semibold">
            about {roughLitres(w.now.mean, units)} waiting
          </p>
          <p>
            likely {rangeLitres(w.now.low, w.now.high, units)} of {units.litres(w.containerLitres)}
          </p>
          <p className="text-ink-2">
            Last visit {s.lastAt ? shortDay(s.lastAt) : "never"}; {full}
            {likely}.
          </p>
          <div className="mt-2 flex flex-wrap gap-2">
            <Button look="go" onClick={() => log.open("pickup", { source: s.source.id })}>
              Pick up
            </Button>
            <Button onClick={() => log.open("visit", { source: s.source.id })}>Called, took nothing</Button>
            <Button onClick={() => log.open("retire", { thing: `source ${s.source.id}` })}>Retire it</Button>
          </div>
          <FillingWhy source={s} />
        </div>
      </div>
      <section aria-labelledby="worth-title" className="mt-4 max-w-[560px]">
        <h2 id="worth-title" className="text-xl">
          What it has been worth
        </h2>
        <SourceWorth source={s} />
      </section>
      <Where source={s} texts={texts} onPick={change} />
      <Photo
        of={{ kind: "source", id: s.source.id }}
        name={s.source.name}
        photo={s.photo}
        alt={`${s.source.name}, where the oil stands`}
        ask="Add a photo of the containers and where they stand"
      />
      <History source={s} />
      <LoggedOf id={s.source.id} name={s.source.name} />
    </Bench>
  );
}

function FillingWhy({ source: s }: { source: SourceView }) {
  const { question } = s.waiting;
  const { length } = question.pickups;
  return (
    <Why
      name="filling-rate"
      input={question}
      readings={
        length === 0
          ? "none of your pickups yet: taken for its containers full in three weeks."
          : `${length} of your pickups, each with the days since the one before.`
      }
    />
  );
}

interface WhereProps {
  readonly source: SourceView;
  readonly texts: SourceTexts;
  readonly onPick: (more: Partial<SourceTexts>) => void;
}

/** Where it lies; pressing the map puts it there. */
function Where({ source, texts, onPick }: WhereProps) {
  const { view } = useYard();
  const units = useUnits();
  const { home } = view.settings;
  const typedSpot = (): MapSpot | null => {
    const [east, north] = [units.distance.parse(texts.eastKm), units.distance.parse(texts.northKm)];
    if (texts.where !== "map" || !east.ok || !north.ok)
      return source.source.spot ? mapSpot(source.source.spot, home) : null;
    return { eastKm: east.value, northKm: north.value };
  };
  const points = view.sources.flatMap((s) => {
    const spot = s === source ? typedSpot() : s.source.spot ? mapSpot(s.source.spot, home) : null;
    return spot ? [{ ...spot, key: s.source.id, name: s.source.name, number: s === source ? 1 : null }] : [];
  });
  const here = points.find((p) => p.key === source.source.id);
  return (
    <section aria-labelledby="where-title" className="mt-4 max-w-[520px]">
      <h2 id="where-title" className="text-xl">
        Where it is
      </h2>
      <p className="mb-1 text-[14px] text-ink-2">
        {here
          ? `${units.km(Math.hypot(here.eastKm, here.northKm))} from home as the crow flies. `
          : "Not on the map yet. "}
        Press the map to put it there, then keep it.
      </p>
      <SchematicMap
        homeName={view.settings.yardName}
        points={points}
        route={[]}
        kilometres={(km) => units.km(km)}
        label={`Map of ${counted(points.length, "source")} round home; ${here ? `${source.source.name} lies ${units.km(here.eastKm)} east and ${units.km(here.northKm)} north` : `${source.source.name} is not on it yet`}`}
        onPick={(spot) =>
          onPick({ where: "map", eastKm: units.distance.text(spot.eastKm), northKm: units.distance.text(spot.northKm) })
        }
      />
    </section>
  );
}
