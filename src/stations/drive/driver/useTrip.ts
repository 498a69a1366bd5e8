"use client";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import {
  atRest,
  decidingThermostat,
  onTo,
  type Plumbed,
  replay,
  type TripEvent,
  thermostatSays,
} from "@/core/driving/rig";
import { type Asked, lookedAt, plumbedOf, type Ridden } from "@/core/readings/drive/ridden";
import { useKept } from "@/desk";
import { useYard } from "@/store";
import { begun, type KeptTrip, upTo, withEvent, withoutLast, withReading } from "./keptTrip";

const NONE: KeptTrip | null = null;
const TICK_MS = 1000;

type Happened = Parameters<typeof withEvent>[1];

/** A vehicle's trip: under way, over, or not begun; and where its fuel is at this moment. */
export interface TripNow {
  readonly trip: KeptTrip | null;
  readonly plumbed: Plumbed;
  readonly now: Ridden;
  /** What gauges that never lie would read at this very moment: no look at a gauge has overruled it. */
  practised(): Pick<Ridden, "coolantCelsius" | "celsius" | "oilNu" | "moment">;
  begin(outsideCelsius: number, speed: number): void;
  happen(...events: readonly Happened[]): void;
  read(reading: Parameters<typeof withReading>[1]): void;
  stopping(isStopping: boolean): void;
  over(): void;
  takeBack(): void;
  believe(): void;
  forget(): void;
}

/** This device's clock: how long a trip ran is told by it, and not when. */
const clockNow = (): string => new Date().toISOString();

export function useTrip(before: Asked): TripNow {
  const { name } = useYard();
  const { vehicle } = before.state;
  const [trip, keep, forget] = useKept<KeptTrip | null>(`brisk-barrel-trip ${name} ${vehicle.id}`, NONE);
  const latest = useRef(trip);
  latest.current = trip;
  const [, setTick] = useState(0);

  const change = useCallback(
    (by: (t: KeptTrip) => KeptTrip): void => {
      const before = latest.current;
      if (!before) return;
      const next = by(upTo(before, clockNow()));
      latest.current = next;
      keep(next);
    },
    [keep],
  );
  const runs = trip !== null && !trip.isOver;
  useEffect(() => {
    if (!runs) return;
    const tick = (): void => {
      change((t) => t);
      setTick((n) => n + 1);
    };
    tick();
    const timer = setInterval(tick, TICK_MS);
    return () => clearInterval(timer);
  }, [runs, change]);

  // Once it has begun, it is as cold out as was said then.
  const begunCelsius = trip?.outsideCelsius;
  const asked = useMemo(
    (): Asked => (begunCelsius === undefined ? before : { ...before, outsideCelsius: begunCelsius }),
    [before, begunCelsius],
  );
  const plumbed = useMemo(() => plumbedOf(asked.state, asked.tank), [asked.state, asked.tank]);
  const events = trip?.events ?? NO_EVENTS;
  // Only what moves fuel counts here: a gauge that speaks every second asks for nothing to be gone through again.
  const turns = events.filter((e) => e.what !== "read" && e.what !== "heard");
  const key = turns.map((e) => `${e.minute} ${e.what}`).join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key says what is in them
  const last = useMemo(() => (turns.length > 0 ? replay(plumbed, turns).last : atRest(plumbed)), [plumbed, key]);
  const minute = trip?.minute ?? 0;
  const now = useMemo(
    (): Ridden => ({
      ...lookedAt(asked, plumbed, onTo(plumbed, last, minute), events, minute),
      isStopping: trip?.isStopping ?? false,
    }),
    [asked, plumbed, last, minute, events, trip?.isStopping],
  );
  // A thermostat on its own turns without anybody's hand: what it does is noted as it happens.
  const { setting } = now.moment;
  const thermostat = runs && setting.runs ? decidingThermostat(plumbed.rig, setting) : null;
  const turnsTo = thermostat ? thermostatSays(thermostat, setting.isHot ?? false, now.oilCelsius) : null;
  const hasTurned = turnsTo !== null && turnsTo !== (setting.isHot ?? false);
  useEffect(() => {
    if (hasTurned && turnsTo !== null) change((t) => withEvent(t, { what: "thermostat", hot: turnsTo }));
  }, [hasTurned, turnsTo, change]);
  return {
    trip,
    plumbed,
    now,
    practised: () => {
      const at = latest.current ? upTo(latest.current, clockNow()).minute : 0;
      return lookedAt(asked, plumbed, onTo(plumbed, last, at), turns, at);
    },
    begin: (outsideCelsius, speed) => keep(begun(clockNow(), outsideCelsius, speed)),
    happen: (...all) => change((t) => all.reduce((at, e) => withEvent(at, e), t)),
    read: (reading) => change((t) => withReading(t, reading)),
    stopping: (isStopping) => change((t) => ({ ...t, isStopping })),
    over: () => change((t) => ({ ...withEvent(t, { what: "stop" }), isOver: true })),
    takeBack: () => change(withoutLast),
    believe: () => change((t) => ({ ...t, odd: null })),
    forget,
  };
}

const NO_EVENTS: readonly TripEvent[] = [];
