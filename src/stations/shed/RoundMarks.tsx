"use client";
import { useState } from "react";
import type { Settings } from "@/core/ledger";
import { parsePlain } from "@/core/units";
import { useUnits } from "@/desk";
import { Button, SelectField, TextField } from "@/ui";
import { currencySign, OFF_THE_WORLD, plainly, wordQuantityError } from "@/ui/words";
import { Mark } from "./Mark";

interface Props {
  readonly settings: Settings;
  readonly onSet: (data: Partial<Settings>) => void;
}

const CURRENCIES = ["EUR", "GBP", "USD", "CAD", "AUD", "NZD", "CHF", "SEK", "NOK", "DKK", "PLN", "CZK", "ZAR", "INR"];

/** What rounds are planned and judged by: money, speed, and where home is. */
export function RoundMarks({ settings, onSet }: Props) {
  const units = useUnits();
  const known = CURRENCIES.includes(settings.currency) ? CURRENCIES : [settings.currency, ...CURRENCIES];
  return (
    <section aria-labelledby="rounds-marks" className="my-6 max-w-[720px]">
      <h2 id="rounds-marks" className="text-xl">
        Rounds and money
      </h2>
      <div className="mt-2 grid gap-4 sm:grid-cols-2">
        <SelectField
          label="Money in"
          value={settings.currency}
          options={known.map((c) => ({ value: c, name: `${c} ${currencySign(c).trim()}` }))}
          onChange={(currency) => onSet({ currency })}
        />
        <Mark
          key={`fuel ${settings.volumeUnit}`}
          label={`A ${units.oneLitre} of bought fuel costs`}
          typed={units.pricePerLitre}
          hint={`What a usable ${units.oneLitre} saves`}
          value={settings.fuelPricePerLitre}
          onSet={(fuelPricePerLitre) => onSet({ fuelPricePerLitre })}
          min={0}
          max={1000}
        />
        <Mark
          key={`way ${settings.distanceUnit}`}
          label={`A ${units.oneKm} costs`}
          typed={units.pricePerKm}
          value={settings.costPerKm}
          onSet={(costPerKm) => onSet({ costPerKm })}
          min={0}
          max={1000}
        />
        <Mark
          key={`speed ${settings.distanceUnit}`}
          label="Speed on a round"
          typed={units.speed}
          value={settings.roundKmPerHour}
          onSet={(roundKmPerHour) => onSet({ roundKmPerHour })}
          min={5}
          max={120}
        />
        <Mark
          label="Hours for a round"
          typed={units.hours}
          value={settings.roundHours}
          onSet={(roundHours) => onSet({ roundHours })}
          min={0.25}
          max={24}
        />
        <Mark
          label="Roads are longer than the crow's line by"
          typed={plainly("×")}
          hint="1.3 is usual; 1.6 among hills and water"
          value={settings.windingFactor}
          onSet={(windingFactor) => onSet({ windingFactor })}
          min={1}
          max={3}
        />
        <Home home={settings.home} onSet={(home) => onSet({ home })} />
      </div>
    </section>
  );
}

function Home({ home, onSet }: { home: Settings["home"]; onSet: (home: Settings["home"]) => void }) {
  const [texts, setTexts] = useState({
    lat: home ? String(home.latitude) : "",
    lon: home ? String(home.longitude) : "",
  });
  const lat = degrees(texts.lat, 90, OFF_THE_WORLD.latitude);
  const lon = degrees(texts.lon, 180, OFF_THE_WORLD.longitude);
  return (
    <div className="sm:col-span-2">
      <p className="text-[14px] text-ink-2">
        Where home is: for sources given by coordinates, for a navigator, and for the usual nights of its latitude until
        you say yours. It stays in this browser.
      </p>
      <div className="mt-1 flex items-start gap-2">
        <div className="flex-1">
          <TextField
            label="Home, latitude"
            value={texts.lat}
            onChange={(next) => setTexts((t) => ({ ...t, lat: next }))}
            error={lat.error}
            decimal
            suffix="°"
          />
        </div>
        <div className="flex-1">
          <TextField
            label="Home, longitude"
            value={texts.lon}
            onChange={(next) => setTexts((t) => ({ ...t, lon: next }))}
            error={lon.error}
            decimal
            suffix="°"
          />
        </div>
        <Button
          className="mt-5"
          aria-label="Set home"
          disabled={lat.value === null || lon.value === null}
          onClick={() =>
            lat.value !== null && lon.value !== null && onSet({ latitude: lat.value, longitude: lon.value })
          }
        >
          Set
        </Button>
      </div>
    </div>
  );
}

function degrees(text: string, most: number, off: string): { value: number | null; error?: string } {
  if (text.trim() === "") return { value: null };
  const read = parsePlain(text);
  if (!read.ok) return { value: null, error: wordQuantityError(read.error) };
  return Math.abs(read.value) > most ? { value: null, error: off } : { value: read.value };
}
