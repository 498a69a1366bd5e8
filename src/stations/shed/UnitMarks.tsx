"use client";
import type { Settings } from "@/core/ledger";
import { Choice } from "@/ui";

interface Props {
  readonly settings: Settings;
  readonly onSet: (data: Partial<Settings>) => void;
}

/** Of each quantity, the units there are, as what choosing one sets. */
const MARKS: readonly { readonly label: string; readonly units: Readonly<Record<string, Partial<Settings>>> }[] = [
  {
    label: "Volumes in",
    units: {
      Litres: { volumeUnit: "l" },
      "US gallons": { volumeUnit: "gal" },
      "Imperial gallons": { volumeUnit: "impgal" },
    },
  },
  { label: "Temperatures in", units: { "°C": { temperatureUnit: "c" }, "°F": { temperatureUnit: "f" } } },
  { label: "Heights in", units: { Millimetres: { lengthUnit: "mm" }, Inches: { lengthUnit: "in" } } },
  { label: "Ways in", units: { Kilometres: { distanceUnit: "km" }, Miles: { distanceUnit: "mi" } } },
  { label: "Loads in", units: { Kilograms: { massUnit: "kg" }, Pounds: { massUnit: "lb" } } },
  { label: "Pressures in", units: { bar: { pressureUnit: "bar" }, psi: { pressureUnit: "psi" } } },
];

const isSet = (settings: Settings, data: Partial<Settings>): boolean =>
  Object.entries(data).every(([key, value]) => settings[key as keyof Settings] === value);

/** The units that figures are read and typed in. The book keeps litres, °C and millimetres whatever is chosen. */
export const UnitMarks = ({ settings, onSet }: Props) => (
  <section aria-labelledby="unit-marks" className="my-6 max-w-[720px]">
    <h2 id="unit-marks" className="text-xl">
      Units
    </h2>
    <p className="my-1 text-[14px] text-ink-2">
      What you read and type. Any field also takes another: “5 gal”, “160F”, “2 in”, “1:20”.
    </p>
    <div className="mt-2 grid gap-4 sm:grid-cols-2">
      {MARKS.map(({ label, units }) => (
        <Choice
          key={label}
          label={label}
          value={Object.keys(units).find((name) => isSet(settings, units[name] ?? {})) ?? ""}
          onChange={(name) => onSet(units[name] ?? {})}
          options={Object.keys(units).map((name) => ({ value: name, name }))}
        />
      ))}
    </div>
  </section>
);
