"use client";
import { useMemo } from "react";
import { purgeMinutesOf } from "@/core/driving";
import { atRest, booked, type MinutesBy, type Plumbed, replay, type TripEvent } from "@/core/driving/rig";
import { inProportion, litresDriven } from "@/core/driving/thirst";
import type { Draft, VehicleState } from "@/core/ledger";
import { vesselOfTank } from "@/core/readings/drive/ridden";
import { LogStep, NumberField, type NumberInput, useAmount, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Row } from "@/ui";
import { nameOf, percentWords } from "@/ui/words";
import { HowItRan, useRan } from "./HowItRan";

interface Props {
  readonly state: VehicleState;
  readonly plumbed: Plumbed;
  /** As it was logged under way; or as it follows from the minutes that are typed. */
  readonly eventsOf: (minutes: MinutesBy) => readonly TripEvent[];
  /** Minutes as they were counted; null: they are typed. */
  readonly given: MinutesBy | null;
  readonly outsideCelsius: number | null;
  readonly markShare: number;
  readonly onLogged: () => void;
}

const TYPICAL = { startOnDiesel: 10, onOil: 45 };
const NO_MINUTES: MinutesBy = { startOnDiesel: 0, onOil: 0, purge: 0 };

/** Less than a thimble is booked, and not talked about. */
const isSome = ({ litres }: { readonly litres: number }): boolean => litres >= 0.005;

/** Typed, but not as a number. */
const unread = (n: NumberInput): boolean => n.text !== "" && n.value === null;

/** A trip before it is written: its minutes, how far it went, and what it did to both tanks. */
export function TripForm({ state, plumbed, eventsOf, given, outsideCelsius, markShare, onLogged }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const { vehicle } = state;
  const isDual = vehicle.kind === "dual";
  const start = useAmount(units.duration, isDual ? TYPICAL.startOnDiesel : null);
  const oil = useAmount(units.duration, TYPICAL.onOil);
  const purge = useAmount(units.duration, isDual ? Math.ceil(purgeMinutesOf({ plumbed, markShare })) : null);
  const km = useAmount(units.distance, null);
  const odometer = useAmount(units.distance, null);
  const outside = useAmount(units.temperature, outsideCelsius);
  const typed = [start, oil, purge];
  const minutes = given ?? { startOnDiesel: start.value ?? 0, onOil: oil.value ?? 0, purge: purge.value ?? 0 };
  const sound = Object.values(minutes).every((m) => m >= 0 && m < 100_000) ? minutes : NO_MINUTES;
  const events = eventsOf(sound);
  const key = JSON.stringify(events.filter((e) => e.what !== "read"));
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key says what is in the events
  const used = useMemo(() => booked(plumbed, atRest(plumbed), replay(plumbed, events).last), [plumbed, key]);
  const how = useRan();
  const vessel = (tank: string) => vesselOfTank(vehicle, tank);
  const read = odometer.value;
  const before = state.odometerKm;
  const driven = km.value ?? (read !== null && before !== null && read >= before ? read - before : null);
  // Its minutes say which tank gave how much; its way says how much in all, where that is known.
  const burned =
    driven !== null && vehicle.litresPer100Km !== undefined
      ? inProportion(used.burned, litresDriven({ km: driven, minutes: 0 }, vehicle))
      : used.burned;

  const draft: Draft = {
    kind: "trip",
    data: {
      vehicle: vehicle.id,
      ...(driven !== null && { km: driven }),
      ...(read !== null && { odometerKm: read }),
      ...(outside.value !== null && { outsideCelsius: outside.value }),
      minutes,
      burned: burned.map((b) => ({ from: vessel(b.tank), litres: b.litres })),
      ...(used.moved.length > 0 && {
        moved: used.moved.map((m) => ({ from: vessel(m.from), to: vessel(m.to), litres: m.litres })),
      }),
      ...(used.spilled.length > 0 && {
        spilled: used.spilled.map((s) => ({ from: vessel(s.tank), litres: s.litres })),
      }),
      ...(given && { events: [...events] }),
      ...(isDual && { forecast: { residualShare: used.leftOilShare } }),
      ...how.data,
    },
  };
  const isComplete = (): boolean => {
    if (!given) {
      for (const n of typed) if (n.text !== "" && (n.value === null || n.value < 0)) n.refuse("Minutes, or none.");
      if (used.burned.length === 0) oil.refuse("A trip takes some minutes.");
    }
    const asked = [km, odometer, outside];
    for (const n of asked) if (unread(n)) n.refuse("This cannot be read.");
    if (read !== null && before !== null && read < before)
      odometer.refuse(`It stood at ${units.km(before)} before: it does not run backwards.`);
    return (
      (given !== null || (typed.every((n) => !unread(n) && (n.value ?? 0) >= 0) && used.burned.length > 0)) &&
      !asked.some(unread) &&
      !(read !== null && before !== null && read < before)
    );
  };
  // What is within a tenth of the mark is at it.
  const thick = isDual && used.leftOilShare > markShare * 1.1;
  const litres = (tank: string): string => nameOf(view, vessel(tank));
  return (
    <>
      <div className="grid grid-cols-2 gap-2">
        {given ? null : isDual ? (
          <>
            <NumberField label="On diesel, start" of={start} />
            <NumberField label="On oil" of={oil} />
            <NumberField label="Purge" of={purge} />
          </>
        ) : (
          <NumberField label="It ran for" of={oil} />
        )}
        <NumberField label="Distance" of={km} />
        <NumberField label="Odometer" of={odometer} />
        {given ? null : <NumberField label="Outside (if you know)" of={outside} />}
      </div>
      <dl className="mt-2">
        {given ? (
          <Row
            name="Diesel, oil, purge"
            value={[given.startOnDiesel, given.onOil, given.purge]
              .map((m) => units.duration.text(Math.round(m)))
              .join(" · ")}
          />
        ) : null}
        {burned.map((b) => (
          <Row key={b.tank} name={`Burned from ${litres(b.tank)}`} value={units.litres(b.litres)} />
        ))}
        {used.moved.filter(isSome).map((m) => (
          <Row
            key={`${m.from} ${m.to}`}
            name={`${litres(m.from)} into ${litres(m.to)}`}
            value={units.litres(m.litres)}
          />
        ))}
        {used.spilled.filter(isSome).map((s) => (
          <Row key={s.tank} name={`Ran over, of ${litres(s.tank)}`} value={units.litres(s.litres)} />
        ))}
        {isDual ? <Row name="Oil left at the pump" value={`about ${percentWords(used.leftOilShare)}`} /> : null}
      </dl>
      <HowItRan of={how} />
      {burned === used.burned && used.air > 0.01 ? (
        <p role="status" className="rounded-md border-2 border-warn bg-warn-floor px-3 py-2">
          By the book a tank ran dry on the way, and the engine would have drawn {units.litres(used.air)} of air. Fill
          in what was filled, or say how long it really ran.
        </p>
      ) : null}
      {thick ? (
        <p role="status" className="rounded-md border-2 border-warn bg-warn-floor px-3 py-2">
          Tonight {units.celsius(view.settings.tonightLowCelsius)}: with that much oil in the line it may not start.
        </p>
      ) : null}
      <LogStep
        draft={draft}
        said={`Trip logged: ${burned.map((b) => `${units.litres(b.litres)} from ${litres(b.tank)}`).join(" and ")} burned.`}
        action="Log the trip"
        isComplete={isComplete}
        onDone={() => {
          // What was of this trip is not of the next.
          how.clear();
          for (const n of [km, odometer]) n.set("");
          onLogged();
        }}
      />
    </>
  );
}
