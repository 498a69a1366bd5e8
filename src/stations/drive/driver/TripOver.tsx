"use client";
import { minutesBy } from "@/core/driving/rig";
import type { VehicleState } from "@/core/ledger";
import { ForgetTrip } from "./ForgetTrip";
import { TripForm } from "./TripForm";
import type { TripNow } from "./useTrip";

interface Props {
  readonly ride: TripNow;
  readonly state: VehicleState;
  readonly markShare: number;
}

/** Stopped, and not yet in the book: what it did to both tanks, and the button that writes it. */
export function TripOver({ ride, state, markShare }: Props) {
  const { trip, plumbed } = ride;
  if (!trip) return null;
  return (
    <>
      <TripForm
        state={state}
        plumbed={plumbed}
        eventsOf={() => trip.events}
        markShare={markShare}
        outsideCelsius={trip.outsideCelsius}
        given={minutesBy(plumbed, trip.events)}
        onLogged={ride.forget}
      />
      <ForgetTrip onForget={ride.forget} />
    </>
  );
}
