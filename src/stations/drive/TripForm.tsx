"use client";
import { minutesToResidual, purgeLineOf, tripLitres } from "@/core/driving";
import type { Draft, Vehicle } from "@/core/ledger";
import { formatMinutes, formatNumber } from "@/core/units";
import { LogStep, NumberField, type NumberInput, useAmount, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Caution, Row } from "@/ui";
import { percentWords } from "@/ui/words";

interface Props {
  readonly vehicle: Extract<Vehicle, { kind: "dual" }>;
  readonly minutes: { readonly startOnDiesel: number; readonly onOil: number; readonly purge: number };
  /** Most oil that may stay in the line tonight. */
  readonly mostOldShare: number;
  readonly onLogged: () => void;
}

/** Typed, but not as a number. */
const unread = (n: NumberInput): boolean => n.text !== "" && n.value === null;

/** The trip as it was: minutes of each phase, and the litres that follow from them. */
export function TripForm({ vehicle, minutes: given, mostOldShare, onLogged }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const start = useAmount(units.duration, given.startOnDiesel);
  const oil = useAmount(units.duration, given.onOil);
  const purge = useAmount(units.duration, given.purge);
  const km = useAmount(units.distance, null);
  const outside = useAmount(units.temperature, null);
  const minutes = { startOnDiesel: start.value ?? 0, onOil: oil.value ?? 0, purge: purge.value ?? 0 };
  const litres = tripLitres(vehicle, minutes);
  const needed = minutesToResidual(purgeLineOf(vehicle), mostOldShare);
  // A minute is typed whole: what is within a tenth of the mark is at it.
  const thick = litres.residualOilShare > mostOldShare * 1.1;

  const burned = [
    { from: vehicle.dieselTank, litres: litres.dieselBurned },
    { from: vehicle.oilTank, litres: litres.oilBurned },
  ].filter((b) => b.litres > 0);
  const draft: Draft = {
    kind: "trip",
    data: {
      vehicle: vehicle.id,
      ...(km.value !== null && { km: km.value }),
      ...(outside.value !== null && { outsideCelsius: outside.value }),
      minutes,
      burned,
      ...(litres.dieselToOilTank > 0 && {
        returned: { from: vehicle.dieselTank, to: vehicle.oilTank, litres: litres.dieselToOilTank },
      }),
      forecast: { residualShare: litres.residualOilShare },
    },
  };
  const isComplete = (): boolean => {
    for (const n of [start, oil, purge]) if (n.value === null || n.value < 0) n.refuse("Minutes, or none.");
    if (burned.length === 0) start.refuse("A trip takes some minutes.");
    for (const n of [km, outside]) if (unread(n)) n.refuse("This cannot be read.");
    return (
      ![start, oil, purge].some((n) => n.value === null || n.value < 0) &&
      burned.length > 0 &&
      !unread(km) &&
      !unread(outside)
    );
  };

  return (
    <>
      <div className="grid grid-cols-2 gap-2">
        <NumberField label="On diesel, start" of={start} />
        <NumberField label="On oil" of={oil} />
        <NumberField label="Purge" of={purge} />
        <NumberField label="Distance" of={km} />
        <NumberField label="Outside (if you know)" of={outside} />
      </div>
      <dl className="mt-2">
        <Row name="Oil burned" value={units.litres(litres.oilBurned)} />
        <Row name="Diesel burned" value={units.litres(litres.dieselBurned)} />
        {litres.dieselToOilTank > 0 ? (
          <Row name="Diesel pushed into the oil tank" value={units.litres(litres.dieselToOilTank)} />
        ) : null}
        <Row name="Oil left at the pump" value={`about ${formatNumber(litres.residualOilShare * 100, 1)} %`} />
        <Row
          name={`Purge to ${percentWords(mostOldShare)} takes`}
          value={`about ${formatMinutes(Math.ceil(needed))}`}
        />
      </dl>
      {thick ? (
        <p role="status" className="rounded-md border-2 border-warn bg-warn-floor px-3 py-2">
          Tonight {units.celsius(view.settings.tonightLowCelsius)}: with that much oil in the line it may not start.
        </p>
      ) : null}
      <LogStep
        draft={draft}
        said={`Trip logged: ${units.litres(litres.oilBurned)} oil and ${units.litres(litres.dieselBurned)} diesel burned.`}
        action="Log the trip"
        isComplete={isComplete}
        onDone={onLogged}
      />
      <div className="mt-3">
        <Caution>
          Work on fuel lines cold, engine off, with a catch under it. Valves must rest on diesel when the power fails.
        </Caution>
      </div>
    </>
  );
}
