"use client";
import { lazy, Suspense, useMemo, useState } from "react";
import type { SourceId } from "@/core/ledger";
import { asRoundId } from "@/core/ledger/named";
import { HOME, roomAlong } from "@/core/readings/rounds/roundQuestion";
import { staysApart } from "@/core/readings/terms";
import { onEarth } from "@/core/rounds";
import { formatClock, formatMinutes } from "@/core/units";
import { useTell, useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, fileName, type MapSpot, SchematicMap, saveFile } from "@/ui";
import { accessWords, dayName, nameOf, roughLitres } from "@/ui/words";
import { ChoiceForm } from "./ChoiceForm";
import { firstTexts, readChoice } from "./choice";
import { NotOnIt } from "./NotOnIt";
import { type PlannedStop, StopList } from "./StopList";
import { Totals } from "./Totals";
import { usePlan } from "./usePlan";

const RoundSheet = lazy(() => import("./RoundSheet"));

/** Plan a round: the app chooses and orders the stops; one may reorder them, leave some out, and see what it costs. */
export function PlanView() {
  const { view, now, newId } = useYard();
  const units = useUnits();
  const tell = useTell();
  const [texts, setTexts] = useState(() => firstTexts(view, units));
  const [leftOut, setLeftOut] = useState<readonly SourceId[]>([]);
  const [order, setOrder] = useState<readonly SourceId[] | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const read = useMemo(() => readChoice(texts, leftOut, view, units), [texts, leftOut, view, units]);
  const { choice } = read;
  const planned = usePlan(choice, order);
  const { plan, asked } = planned;
  const idAt = (stop: number): SourceId => asked.sources[stop] as SourceId;
  const ids = plan?.order.map((s) => idAt(s.stop)) ?? [];
  const sourceAt = (id: SourceId) => view.sources.find((s) => s.source.id === id)?.source;

  const stops = (plan?.order ?? []).map((s): PlannedStop => {
    const id = idAt(s.stop);
    const source = sourceAt(id);
    const closed = planned.fault?.code === "closed" && planned.fault.stop === s.stop;
    const waitMinutes = (s.startsHours - s.arrivesHours) * 60;
    return {
      id,
      name: nameOf(view, id),
      at: formatClock(Math.round(choice.minute + s.startsHours * 60) % 1440),
      litres: `about ${roughLitres(s.litres, units)}`,
      note: [
        waitMinutes >= 1 ? `after a wait of ${formatMinutes(waitMinutes)}` : "",
        source && staysApart(source) ? "kept apart" : "",
      ]
        .filter(Boolean)
        .join(", "),
      wrong: closed
        ? `Closed then: ${accessWords(source?.access)}.`
        : s.litres < 0.5
          ? "No room left for its oil."
          : null,
    };
  });
  const others = asked.sources.filter((id) => !ids.includes(id));
  const points = asked.sources.map((id, i) => ({
    key: id,
    name: nameOf(view, id),
    eastKm: asked.question.stops[i]?.eastKm ?? 0,
    northKm: asked.question.stops[i]?.northKm ?? 0,
    number: ids.includes(id) ? ids.indexOf(id) + 1 : null,
  }));
  const route = routeOf(asked.question.home, points, ids, choice.ends);

  const setOff = async (): Promise<void> => {
    if (!plan) return;
    const said = `Set off: ${ids.length === 1 ? "one stop" : `${ids.length} stops`}, about ${units.km(plan.km)}.`;
    setRefused(
      await tell(
        {
          kind: "round",
          data: {
            id: asRoundId(newId()),
            by: choice.by,
            ends: choice.ends,
            stops: plan.order.map((s) => ({ source: idAt(s.stop), litres: s.litres })),
            forecast: { km: plan.km, hours: plan.hours, litres: plan.litres, value: plan.value },
          },
        },
        said,
      ),
    );
  };

  const { home } = view.settings;
  const place = view.places.find((p) => p.place.id === choice.by)?.place;
  const startName = place?.spot ? `Where ${place.name} stands` : view.settings.yardName;
  const endName = choice.ends === "start" ? startName : view.settings.yardName;
  const saveGpx = async (): Promise<void> => {
    if (!home) return;
    // Fetched when it is wanted: most rounds are driven from memory.
    const { writeGpx } = await import("@/core/formats/gpx");
    const named = [startName, ...ids.map((id) => nameOf(view, id)), endName];
    const name = `Round of ${dayName(read.dayIso)}`;
    const gpx = writeGpx({
      name,
      writtenAt: now(),
      points: route.map((spot, i) => ({
        ...onEarth(home, spot),
        name: named[i] ?? "",
        note: stops[i - 1] ? `${stops[i - 1]?.at}, ${stops[i - 1]?.litres}` : "",
      })),
    });
    saveFile(`${fileName(name)}.gpx`, "application/gpx+xml", gpx);
  };

  return (
    <>
      <div className="contents print:hidden">
        <Bench
          title="Plan a round"
          subtitle="The stops that are worth most, in the best order, within your hours, payload, containers and settling room."
          asideLabel="What it may take"
          aside={
            <>
              <Totals planned={planned} choice={choice} room={roomAlong(view, choice.by)} own={order !== null} />
              <Button wide look="go" className="mt-3" disabled={ids.length === 0} onClick={() => void setOff()}>
                Set off
              </Button>
              <p aria-live="polite" className="text-stop">
                {refused}
              </p>
              <div className="mt-2 grid grid-cols-2 gap-2">
                <Button disabled={ids.length === 0 || !home} onClick={() => void saveGpx()}>
                  Save as GPX
                </Button>
                <Button disabled={ids.length === 0} onClick={() => window.print()}>
                  Print the sheet
                </Button>
              </div>
              {home ? null : (
                <p className="mt-1 text-[14px] text-ink-2">
                  A navigator needs to know where home is. <YardLink href="/shed">Say it in the Shed.</YardLink>
                </p>
              )}
              <ChoiceForm texts={texts} read={read} onChange={(more) => setTexts((t) => ({ ...t, ...more }))} />
            </>
          }
        >
          <div className="mt-2 grid gap-4 xl:grid-cols-2">
            <div>
              <SchematicMap
                homeName={view.settings.yardName}
                points={points}
                route={route}
                kilometres={(km) => units.km(km)}
                label={
                  ids.length === 0
                    ? "Map: no round yet"
                    : `Map of the round: ${[startName, ...stops.map((s) => s.name), choice.ends === "last-stop" ? "" : endName].filter(Boolean).join(", ")}; ${units.km(plan?.km ?? 0)}`
                }
              />
            </div>
            <div>
              <div className="flex items-baseline justify-between">
                <h2 className="text-xl">{stops.length === 1 ? "One stop" : `${stops.length} stops`}</h2>
                {order === null ? null : (
                  <Button look="quiet" onClick={() => setOrder(null)}>
                    Back to the best round
                  </Button>
                )}
              </div>
              {plan && ids.length === 0 ? (
                <p>Nothing is worth the way, or nothing fits. See what stops it on the right.</p>
              ) : null}
              <StopList
                stops={stops}
                onOrder={setOrder}
                onLeaveOut={(id) => {
                  setLeftOut((l) => [...l, id]);
                  setOrder((o) => (o ? o.filter((x) => x !== id) : o));
                }}
              />
              <NotOnIt
                others={others}
                leftOut={leftOut}
                planned={planned}
                onPutIn={(id) => {
                  setLeftOut((l) => l.filter((x) => x !== id));
                  setOrder([...ids.filter((x) => x !== id), id]);
                }}
              />
              {planned.fault?.code === "too-long" ? (
                <p className="mt-2 text-stop">
                  It takes {formatMinutes(planned.fault.hours * 60)}: longer than the {formatMinutes(choice.hours * 60)}{" "}
                  there are.
                </p>
              ) : null}
            </div>
          </div>
        </Bench>
      </div>
      <Suspense>
        <RoundSheet day={read.dayIso} ids={ids} stops={stops} plan={plan} points={points} route={route} />
      </Suspense>
    </>
  );
}

function routeOf(
  start: MapSpot,
  points: readonly (MapSpot & { key: string })[],
  ids: readonly SourceId[],
  ends: "home" | "start" | "last-stop",
): MapSpot[] {
  if (ids.length === 0) return [];
  const along = ids.flatMap((id) => points.filter((p) => p.key === id));
  return [start, ...along, ...(ends === "last-stop" ? [] : [ends === "home" ? HOME : start])];
}
