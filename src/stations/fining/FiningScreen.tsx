"use client";
import { useRouter } from "next/navigation";
import type { Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { FINING_MOST_CELSIUS, finingDoses } from "@/core/settling";
import { formatNumber, parsePlain } from "@/core/units";
import {
  AsItShouldLook,
  LogStep,
  NoSuchVessel,
  NumberField,
  RunSheet,
  type SheetStep,
  useAmount,
  useChosenVessel,
  useHref,
  useNote,
  useNumber,
  useRunSheet,
  useUnits,
} from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";

/** Gelatine fining, step by step: warm, dissolve, stir in, rest, decant; then the oil is wet until it is tested. */
export function FiningScreen() {
  const { chosen, isUnknown } = useChosenVessel("settle", (v) => v.settling !== null);
  if (isUnknown) return <NoSuchVessel bench="can be fined" />;
  if (!chosen || chosen.litres < 0.05)
    return <p className="p-4">There is nothing to fine here. Choose a vessel on the settling bench.</p>;
  return <Sheet key={chosen.vessel.id} vessel={chosen} />;
}

/** Oil is stirred in warm, below the boil-over, where gelatine stays dissolved. */
const STIR_CELSIUS = 45;
const DISSOLVE_MINUTES = 20;
/** Water, gelatine and what they hold, of all that is in it. */
const CAKE_SHARE = 0.15;
const STIR_MINUTES = 10;

function Sheet({ vessel: v }: { vessel: VesselView }) {
  const { view } = useYard();
  const units = useUnits();
  const router = useRouter();
  const href = useHref();
  const run = useRunSheet(`fining ${v.vessel.id}`);
  const recipe = view.settings.fining;
  const dose = finingDoses(v.litres, STIR_CELSIUS, recipe);
  const back = (): void => router.push(href(`/settle?vessel=${v.vessel.id}`));
  const finish = (): void => {
    run.forget();
    back();
  };
  const cakeMm = v.surfaceMm * CAKE_SHARE;
  const standing = v.settling?.ready ? 1 : 0.3;
  const looks = (words: string, cleared: number, cake = 0, litres = v.litres): SheetStep["looks"] => ({
    words,
    picture: <AsItShouldLook vessel={v} words={words} cleared={cleared} cakeMm={cake} litres={litres} />,
  });
  const steps: SheetStep[] = [
    {
      title: `Weigh out for ${units.litres(v.litres)}`,
      body: (
        <>
          <p className="font-plate text-[26px] font-semibold">
            {units.litres(dose.waterLitres)} water, {formatNumber(dose.gelatineG, 0)} g gelatine
          </p>
          <Recipe />
        </>
      ),
      expect: room(v, dose.waterLitres, units.litres),
    },
    {
      title: "Dissolve the gelatine",
      body: (
        <p>
          Stir it into the water cold, let it swell, then warm the water to about {units.celsius(60)} until nothing
          grainy is left. Never boil it.
        </p>
      ),
      expect: "clear water, no lumps",
      looks: looks("The lot, as it stands while the gelatine swells", standing),
      minutes: DISSOLVE_MINUTES,
    },
    {
      title: `Warm the oil to ${units.celsius(STIR_CELSIUS)}`,
      body: (
        <p>
          Between {units.celsius(35)} and {units.celsius(55)}. Take its temperature in the middle, then take the heat
          away.
        </p>
      ),
      caution: `Never pour water into oil over ${units.celsius(FINING_MOST_CELSIUS)}: it turns to steam under the oil and throws it out.`,
    },
    {
      title: "Stir it in",
      body: <p>Heater off. Pour in a thin stream, stirring slowly from the bottom, and stir on until it is even.</p>,
      caution: "Goggles, gloves, sleeves. If it foams, stop pouring and let it calm down.",
      looks: looks("Even from top to bottom, cloudy, no foam", 0),
      minutes: STIR_MINUTES,
      does: <Stirred vessel={v} waterLitres={dose.waterLitres} gelatineG={dose.gelatineG} onDone={() => run.go(4)} />,
    },
    {
      title: "Rest until it has set",
      body: <p>Leave it alone, lid on. It clears from the top as the gelatine sinks and takes the dirt with it.</p>,
      expect: "bright oil above, a cake that holds its shape below",
      looks: looks("Bright oil, and the cake at the bottom", 1, cakeMm),
      minutes: recipe.restHours * 60,
    },
    {
      title: "Decant",
      body: (
        <p>
          Draw the oil off above the cake on the settling bench. The cake goes to disposal by your local rules. Then
          test the oil: it is wet until a test says dry.
        </p>
      ),
      expect: "nothing of the cake in the hose",
      looks: looks("Only the cake is left", 1, cakeMm, v.litres * CAKE_SHARE),
      does: (
        <Button look="go" wide onClick={finish}>
          To the draw-off
        </Button>
      ),
    },
  ];
  return (
    <>
      <h1 className="px-4 pt-3 text-[24px]">Gelatine fining: {v.vessel.name}</h1>
      <RunSheet steps={steps} run={run} onLeave={back} />
    </>
  );
}

const room = (v: VesselView, litres: number, word: (l: number) => string): string =>
  v.capacityLitres - v.litres >= litres
    ? `room in ${v.vessel.name}: ${word(v.capacityLitres - v.litres)}`
    : `${v.vessel.name} has room for only ${word(v.capacityLitres - v.litres)}: draw some off first`;

function Recipe() {
  const { settings } = useYard().view;
  const note = useNote();
  const old = settings.fining;
  const water = useNumber(String(Math.round(old.waterShare * 1000) / 10), parsePlain);
  const gelatine = useNumber(String(old.gelatineGPerL), parsePlain);
  const rest = useNumber(String(old.restHours), parsePlain);
  const keep = (): void => {
    const [w, g, r] = [water.value, gelatine.value, rest.value];
    if (w === null || w < 1 || w > 50) water.refuse("Between 1 and 50 %.");
    else if (g === null || g < 1 || g > 200) gelatine.refuse("Between 1 and 200 g.");
    else if (r === null || r < 1 || r > 240) rest.refuse("Between 1 and 240 hours.");
    else
      note(
        { kind: "settings", data: { fining: { waterShare: w / 100, gelatineGPerL: g, restHours: r } } },
        "Your recipe is kept.",
      );
  };
  return (
    <details className="mt-2 text-[15px]">
      <summary className="min-h-[var(--target)] cursor-pointer content-center">Your own recipe</summary>
      <div className="grid grid-cols-3 gap-2">
        <NumberField label="Water, of the oil" of={water} suffix="%" />
        <NumberField label="Gelatine a litre" of={gelatine} suffix="g" />
        <NumberField label="Rest" of={rest} suffix="h" />
      </div>
      <Button className="mt-2" onClick={keep}>
        Keep the recipe
      </Button>
    </details>
  );
}

interface StirredProps {
  readonly vessel: VesselView;
  readonly waterLitres: number;
  readonly gelatineG: number;
  readonly onDone: () => void;
}

function Stirred({ vessel: v, waterLitres, gelatineG, onDone }: StirredProps) {
  const units = useUnits();
  const celsius = useAmount(units.temperature, null);
  const draft: Draft = {
    kind: "fining",
    data: { vessel: v.vessel.id, waterLitres, gelatineG, ...(celsius.value !== null && { celsius: celsius.value }) },
  };
  return (
    <>
      <NumberField label="The oil is at" of={celsius} />
      <LogStep
        draft={draft}
        said={`${v.vessel.name} is fined. It is wet until it is tested.`}
        action="Stirred in: log it"
        isComplete={() => {
          if (celsius.value === null) celsius.refuse("Take the oil's temperature first.");
          return celsius.value !== null;
        }}
        onDone={onDone}
      />
    </>
  );
}
