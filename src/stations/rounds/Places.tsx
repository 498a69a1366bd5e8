"use client";
import type { Settings } from "@/core/ledger";
import type { PlaceView } from "@/core/readings";
import { mapSpot } from "@/core/readings/rounds/roundQuestion";
import { useLog, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import type { Units } from "@/ui/words";
import { onTheRoad } from "@/ui/words/economy";

/** The van, bus or trailer: what is aboard, what it may still carry, how far it gets. */
export function Places() {
  const { view } = useYard();
  const log = useLog();
  return (
    <section aria-labelledby="places-title" className="mt-5">
      <div className="flex items-baseline justify-between">
        <h2 id="places-title" className="text-xl">
          On wheels
        </h2>
      </div>
      <ul>
        {view.places.map((p) => (
          <Place key={p.place.id} place={p} />
        ))}
      </ul>
      {view.places.length === 0 ? (
        <p className="text-[14px] text-ink-2">No van, bus or trailer yet. It may have containers of its own.</p>
      ) : null}
      <Button className="mt-2" onClick={() => log.open("add-place")}>
        Add a van, bus or trailer
      </Button>
    </section>
  );
}

function Place({ place: p }: { place: PlaceView }) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  return (
    <li className="border-t border-rule py-2">
      <div className="flex items-baseline justify-between gap-2">
        <span className="font-plate text-[18px] font-semibold">{p.place.name}</span>
        <Button look="quiet" onClick={() => log.open("change-place", { place: p.place.id })}>
          Change<span className="sr-only"> {p.place.name}</span>
        </Button>
        <Button look="quiet" onClick={() => log.open("retire", { thing: `place ${p.place.id}` })}>
          Retire<span className="sr-only"> {p.place.name}</span>
        </Button>
      </div>
      <p className="text-[14px]">
        {units.litres(p.litresAboard)} aboard, {units.kg(p.payloadLeftKg)} of {units.kg(p.place.payloadKg)} left to load
      </p>
      <p className="text-[14px] text-ink-2">{standsWords(p, view.settings.home, units)}</p>
      {p.range ? (
        <p className="text-[14px] text-ink-2">
          {units.litres(p.range.litres)} of fuel: about {units.km(p.range.km)},{" "}
          {onTheRoad(p.range.litresPer100Km, units)},{" "}
          {p.range.measuredKm > 0 ? `measured on ${units.km(p.range.measuredKm)}` : "as you said"}
        </p>
      ) : null}
    </li>
  );
}

function standsWords({ place }: PlaceView, home: Settings["home"], units: Units): string {
  if (!place.spot) return "Stands at home.";
  const spot = mapSpot(place.spot, home);
  return spot ? `Stands ${units.km(Math.hypot(spot.eastKm, spot.northKm))} from home.` : "Stands away from home.";
}
