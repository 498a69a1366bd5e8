"use client";
import Link from "next/link";
import { useState } from "react";
import { toast } from "sonner";
import type { Settings } from "@/core/ledger";
import { useNote, useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, buttonClass, Choice, TextField } from "@/ui";
import { plainly } from "@/ui/words";
import { nightBy, shedBy } from "@/ui/words/weather";
import { BlendMarks } from "./BlendMarks";
import { FilterMarks } from "./FilterMarks";
import { Fluids } from "./Fluids";
import { HomeMarks } from "./HomeMarks";
import { Mark, rounded } from "./Mark";
import { RoundMarks } from "./RoundMarks";
import { SettleMarks } from "./SettleMarks";
import { StoreMarks } from "./StoreMarks";
import { Things } from "./Things";
import { UnitMarks } from "./UnitMarks";

const capital = (words: string): string => `${words[0]?.toUpperCase()}${words.slice(1)}`;

/** The yard's own marks, how it is shown, and what stands in it. */
export function ShedScreen() {
  const { view, name, startDemoAgain } = useYard();
  const note = useNote();
  const units = useUnits();
  const { settings } = view;
  const set = (data: Partial<Settings>): void => note({ kind: "settings", data }, "Noted.");
  const again = async (): Promise<void> => {
    if (await startDemoAgain()) toast("The demo was made anew.");
    else toast.error("The demo could not be made anew: this browser does not take it.");
  };
  return (
    <Bench
      title="Shed"
      subtitle="Your own marks. Every forecast rests on them; change them and the yard is worked out again."
      asideLabel="More"
      aside={
        <>
          <Things />
          <Fluids />
          <h2 className="mt-5 text-xl">How it is reckoned</h2>
          <div className="mt-2 flex flex-col">
            <YardLink href="/calculations" className={buttonClass("plain")}>
              Every calculation
            </YardLink>
          </div>
          <h2 className="mt-5 text-xl">Which yard</h2>
          <div className="mt-2 flex flex-col gap-2">
            {name === "demo" ? (
              <>
                <Button onClick={() => void again()}>Start the demo again</Button>
                <Link href="/" className={buttonClass("plain")}>
                  Open my own yard
                </Link>
              </>
            ) : (
              <Link href="/?demo=1" className={buttonClass("plain")}>
                Open the demo yard
              </Link>
            )}
          </div>
        </>
      }
    >
      <div className="my-3 grid max-w-[720px] gap-4 sm:grid-cols-2">
        <NameMark value={settings.yardName} onSet={(yardName) => set({ yardName })} />
        <Mark
          label="Pump limit"
          typed={plainly("mm²/s")}
          hint="10 to 20 suits most pumps"
          value={settings.pumpLimitMm2PerS}
          onSet={(n) => set({ pumpLimitMm2PerS: n })}
          min={2}
          max={100}
        />
        <Mark
          label="Fat in any weather, at most"
          typed={plainly("%")}
          hint="5 is usual; for a cold night far less is let through"
          value={rounded(settings.fatLimitShare * 100)}
          onSet={(percent) => set({ fatLimitShare: percent / 100 })}
          min={0}
          max={100}
        />
        <Mark
          key={`margin ${settings.lengthUnit}`}
          label="Margin above what stays"
          typed={units.length}
          value={settings.marginMm}
          onSet={(n) => set({ marginMm: n })}
          min={0}
          max={500}
        />
        <Mark
          label="Used oil is thicker by a factor"
          typed={plainly("×")}
          hint="1 is fresh, 1.15 usual for fried oil"
          value={settings.usedFactor}
          onSet={(n) => set({ usedFactor: n })}
          min={0.5}
          max={5}
        />
        <Mark
          key={`shed now ${settings.temperatureUnit}`}
          label="Shed now"
          typed={units.temperature}
          hint={`${capital(shedBy(view.weather, view.at))}; forecasts count it from when it is read`}
          value={settings.shedCelsius}
          onSet={(n) => note({ kind: "weather", data: { shedCelsius: n } }, "Noted.")}
          min={-40}
          max={60}
        />
        <Mark
          key={`tonight's low ${settings.temperatureUnit}`}
          label="Tonight's low"
          typed={units.temperature}
          hint={`${capital(nightBy(view.weather.tonight, view.at))}; what you say here counts for a day`}
          value={rounded(settings.tonightLowCelsius)}
          onSet={(n) => note({ kind: "weather", data: { tonightLowCelsius: n } }, "Noted.")}
          min={-40}
          max={60}
        />
        <Choice
          label="Light"
          value={settings.theme}
          onChange={(theme) => set({ theme: theme as "day" })}
          options={[
            { value: "day", name: "Day" },
            { value: "night", name: "Night" },
          ]}
        />
        <Choice
          label="Gloves"
          value={settings.gloves ? "on" : "off"}
          onChange={(gloves) => set({ gloves: gloves === "on" })}
          options={[
            { value: "off", name: "Off" },
            { value: "on", name: "On, bigger targets" },
          ]}
        />
      </div>
      <UnitMarks settings={settings} onSet={set} />
      <RoundMarks settings={settings} onSet={set} />
      <SettleMarks settings={settings} onSet={set} />
      <FilterMarks settings={settings} onSet={set} />
      <BlendMarks settings={settings} onSet={set} />
      <StoreMarks settings={settings} onSet={set} />
      <HomeMarks />
    </Bench>
  );
}

function NameMark({ value, onSet }: { value: string; onSet: (name: string) => void }) {
  const [text, setText] = useState(value);
  return (
    <div className="flex items-start gap-2">
      <div className="flex-1">
        <TextField label="Name of the yard" value={text} onChange={setText} />
      </div>
      <Button className="mt-5" disabled={text.trim() === "" || text === value} onClick={() => onSet(text.trim())}>
        Set
      </Button>
    </div>
  );
}
