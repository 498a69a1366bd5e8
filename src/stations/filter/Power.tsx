"use client";
import { batteryDay } from "@/core/pumping";
import { formatMinutes, formatNumber, parsePlain } from "@/core/units";
import { NumberField, useKept, useNumber } from "@/desk";
import { Choice, Row } from "@/ui";

/** What drives the pump, as it was last said on this device. */
interface Supply {
  readonly from: "battery" | "mains";
  readonly watts: number;
  readonly volts: number;
  readonly ampereHours: number;
  readonly usablePercent: number;
  readonly panelWatts: number;
  readonly sunHours: number;
}

const USUAL: Supply = {
  from: "battery",
  watts: 60,
  volts: 12,
  ampereHours: 80,
  usablePercent: 50,
  panelWatts: 0,
  sunHours: 2,
};

/** Does the battery last the run? Asked only where a motor drives it. */
export function Power({ minutes }: { minutes: number | null }) {
  const [supply, keep] = useKept<Supply>("pump supply", USUAL);
  const figure = (name: Exclude<keyof Supply, "from">) => ({
    value: supply[name],
    onSet: (value: number) => keep({ ...supply, [name]: value }),
  });
  const day =
    supply.from === "mains" || minutes === null
      ? null
      : batteryDay(
          [{ watts: supply.watts, minutes }],
          { volts: supply.volts, ampereHours: supply.ampereHours, usableShare: supply.usablePercent / 100 },
          supply.panelWatts,
          supply.sunHours,
        );
  const lasts = day === null || day.shareLeft > 0;
  return (
    <details className="mt-2">
      <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[16px] font-semibold">
        Power:{" "}
        {supply.from === "mains"
          ? "mains"
          : day === null
            ? "battery"
            : lasts
              ? "the battery lasts"
              : "the battery does not last"}
      </summary>
      <Choice
        label="The pump runs off"
        value={supply.from}
        onChange={(from) => keep({ ...supply, from: from as Supply["from"] })}
        options={[
          { value: "battery", name: "A battery" },
          { value: "mains", name: "Mains" },
        ]}
      />
      {supply.from === "battery" ? (
        <div className="mt-2 grid grid-cols-2 gap-2">
          <Figure label="Pump draws" unit="W" {...figure("watts")} />
          <Figure label="Battery" unit="V" {...figure("volts")} least={1} />
          <Figure label="It holds" unit="Ah" {...figure("ampereHours")} least={0.1} />
          <Figure label="Of it usable" unit="%" {...figure("usablePercent")} least={1} most={100} />
          <Figure label="Panels" unit="W" {...figure("panelWatts")} />
          <Figure label="Full sun" unit="h" {...figure("sunHours")} most={24} />
        </div>
      ) : null}
      {day ? (
        <dl>
          <Row
            name="The run takes"
            value={`${formatNumber(day.needWh, 0)} of ${formatNumber(day.usableWh + day.panelWh, 0)} Wh`}
          />
          <Row
            name={lasts ? "Left after it" : "Flat after"}
            value={
              lasts ? `${formatNumber(day.shareLeft * 100, 0)} %` : formatMinutes(Math.floor(day.minutesUntilFlat ?? 0))
            }
          />
        </dl>
      ) : null}
      {lasts ? null : (
        <p role="status" className="text-stop">
          It stops before the run is over. Charge it, run fewer litres, or let it run by its own weight.
        </p>
      )}
    </details>
  );
}

interface FigureProps {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
  readonly onSet: (value: number) => void;
  readonly least?: number;
  readonly most?: number;
}

const MOST = 100_000;

function Figure({ label, unit, value, onSet, least = 0, most = MOST }: FigureProps) {
  const number = useNumber(String(value), parsePlain);
  const isOut = number.value !== null && (number.value < least || number.value > most);
  return (
    <NumberField
      label={label}
      suffix={unit}
      of={{
        ...number,
        error: isOut ? `From ${least} to ${most}.` : number.error,
        set(text) {
          number.set(text);
          const parsed = parsePlain(text);
          if (parsed.ok && parsed.value >= least && parsed.value <= most) onSet(parsed.value);
        },
      }}
    />
  );
}
