"use client";
import type { Rig, TripEvent } from "@/core/driving/rig";
import { formatMinutes } from "@/core/units";
import { useUnits } from "@/desk";
import { Button } from "@/ui";
import type { Units } from "@/ui/words";
import { ForgetTrip } from "./ForgetTrip";
import type { TripNow } from "./useTrip";
import { turnWords } from "./words";

const eventWords = (e: TripEvent, rig: Rig, u: Units): string => {
  switch (e.what) {
    case "start":
      return "Engine started";
    case "stop":
      return "Engine stopped";
    case "turn":
      return turnWords(rig, e);
    case "heater":
      return e.on ? "Heater on" : "Heater off";
    case "pump":
      return e.on ? "Lift pump on" : "Lift pump off";
    case "thermostat":
      return e.hot ? "The thermostat turned to oil" : "The thermostat turned back";
    case "heard":
      return "Heard it change";
    case "read":
      return [
        e.coolantCelsius === undefined ? null : `coolant ${u.celsius(e.coolantCelsius)}`,
        e.fuelCelsius === undefined ? null : `fuel ${u.celsius(e.fuelCelsius)}`,
        e.dropKPa === undefined ? null : `filter ${u.pascals(e.dropKPa * 1000)}`,
        e.pressureKPa === undefined ? null : `pressure ${u.pascals(e.pressureKPa * 1000)}`,
      ]
        .filter((w) => w !== null)
        .join(", ")
        .replace(/^./, (c) => c.toUpperCase());
  }
};

const LATEST = 7;

/** What was done so far, the latest first; looks at gauges are counted and not listed. */
export function TripLog({ ride }: { ride: TripNow }) {
  const units = useUnits();
  const { trip, plumbed } = ride;
  if (!trip) return null;
  const done = trip.events.filter((e) => e.what !== "read").map((e, n) => ({ ...e, n }));
  const looks = trip.events.length - done.length;
  const hasHeater = plumbed.rig.parts.some((p) => p.kind === "heater");
  const hasPump = plumbed.rig.parts.some((p) => p.kind === "lift-pump" && p.pushes === null);
  const pumpRuns = trip.events.findLast((e) => e.what === "pump");
  return (
    <section aria-labelledby="log-title" className="mt-2 border-t border-rule pt-2">
      <h3 id="log-title" className="text-[17px]">
        So far
      </h3>
      <ol>
        {done
          .slice(-LATEST)
          .toReversed()
          .map((e) => (
            <li key={e.n} className="flex gap-3 py-0.5 text-[15px]">
              <span className="w-[64px] shrink-0 font-plate font-semibold text-ink-2">
                {formatMinutes(Math.floor(e.minute))}
              </span>
              {eventWords(e, plumbed.rig, units)}
            </li>
          ))}
      </ol>
      {looks > 0 ? <p className="text-[14px] text-ink-2">{looks} looks at the gauges.</p> : null}
      <div className="flex flex-wrap gap-2">
        <Button look="quiet" disabled={done.length < 2} onClick={ride.takeBack}>
          Take the last back
        </Button>
        {hasHeater ? (
          <Button look="quiet" onClick={() => ride.happen({ what: "heater", on: !ride.now.moment.isHeaterOn })}>
            {ride.now.moment.isHeaterOn ? "Heater off" : "Heater on"}
          </Button>
        ) : null}
        {hasPump ? (
          <Button
            look="quiet"
            onClick={() => ride.happen({ what: "pump", on: !(pumpRuns?.what === "pump" && pumpRuns.on) })}
          >
            {pumpRuns?.what === "pump" && pumpRuns.on ? "Lift pump off" : "Lift pump on"}
          </Button>
        ) : null}
        <Button look="quiet" onClick={() => ride.happen({ what: ride.now.moment.setting.runs ? "stop" : "start" })}>
          {ride.now.moment.setting.runs ? "A short stop" : "Started again"}
        </Button>
        <ForgetTrip onForget={ride.forget} />
      </div>
      {trip.odd ? (
        <div role="alert" className="rounded-md border-2 border-warn bg-warn-floor px-3 py-2">
          <p>
            {trip.odd === "set-back"
              ? "This device's clock was set back while the trip ran. The minutes until then are kept; what the change took is not counted."
              : "For hours nobody looked, and nothing was counted meanwhile. If you drove, log the trip from memory."}
          </p>
          <Button look="quiet" onClick={ride.believe}>
            I have read it
          </Button>
        </div>
      ) : null}
    </section>
  );
}
