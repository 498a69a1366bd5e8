"use client";
import { useRouter } from "next/navigation";
import type { ReactNode } from "react";
import { holdsPetrol, isPetrol } from "@/core/fluids";
import type { VesselView } from "@/core/readings";
import type { Mixed } from "@/core/readings/blend/plan";
import { formatNumber } from "@/core/units";
import { LogStep, useHref, useKept, useUnits, type When, Why } from "@/desk";
import { useYard } from "@/store";
import { Button, Caution } from "@/ui";
import { nameOf, ownIn, thicknessWords } from "@/ui/words";
import { inMeasures } from "@/ui/words/blend";
import { type KeptMix, NO_MIX_KEPT } from "./keptMix";
import { draftsOf, levelAfter, marksOf, type Pour, poursByCan, sharesKept } from "./pours";
import type { Mix } from "./useMix";

interface Props {
  readonly target: VesselView;
  readonly tank: VesselView | null;
  readonly mix: Mix;
  readonly mixed: Mixed;
  readonly when: When;
  /** What is filled alike, each with its litres: the target, and other cans of the same mix. */
  readonly cans: readonly { readonly vessel: VesselView; readonly litres: number }[];
}

/** What to pour, in order, as litres and as a mark on the can, and the button that writes it. */
export function PourList({ target, tank, mix, mixed, when, cans }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const router = useRouter();
  const href = useHref();
  const [, keep] = useKept<KeptMix>(`mix ${target.vessel.id}`, NO_MIX_KEPT);
  const isTank = target.vessel.role === "tank";
  const each = poursByCan(mix.chosen, mixed, cans, isTank);
  const pours = each[0]?.pours ?? [];
  const short = view.vessels.filter(
    (v) =>
      pouredFrom(
        v,
        each.flatMap((e) => e.pours),
      ) >
      v.litres + 1e-6,
  );
  const { limitMm2PerS, lowCelsius } = mix.terms;
  const over = mixed.nuMm2PerS > limitMm2PerS * 1.0005;
  const [first, ...rest] = each.flatMap((e) => draftsOf(e.can, e.pours, mixed));
  const petrol = holdsPetrol(mixed.after) && !pours.every((p) => isPetrol(p.fluid));
  const oil = mix.chosen.find((s) => s.isOil);
  const oilView = view.vessels.find((v) => v.vessel.id === oil?.vessel);
  const said =
    each.length > 1
      ? `Poured into ${each.map((e) => e.can.vessel.name).join(" and ")}.`
      : `Poured ${pours.map((p) => `${units.litres(p.litres)} ${p.what}`).join(" and ")} into ${target.vessel.name}.`;
  const asSheet = (): void => {
    keep({
      pours: pours.map(({ from, fluid, litres, isOil, what }) => ({ from, fluid, litres, isOil, what })),
      aim: sharesKept(mixed),
      tank: tank?.vessel.id ?? null,
      startLitres: target.litres,
      nuMm2PerS: mixed.nuMm2PerS,
    });
    router.push(href(`/mix?vessel=${target.vessel.id}`));
  };
  return (
    <>
      <h2 className="text-xl">Pour</h2>
      {each.map(({ can, pours: own }, i) => (
        <CanPours key={can.vessel.id} can={can} pours={own} isOnly={each.length === 1}>
          {i === each.length - 1 ? <After at={own.length + 1} isTank={isTank} petrol={petrol} /> : null}
        </CanPours>
      ))}
      {over ? (
        <p role="status" className="mt-2 rounded-md border-2 border-stop px-3 py-2 text-stop">
          {formatNumber(mixed.nuMm2PerS, 1)} mm²/s is over your limit at {units.celsius(lowCelsius)}.
        </p>
      ) : null}
      {short.map((v) => (
        <p key={v.vessel.id} className="mt-2 text-stop">
          {v.vessel.name} has only {units.litres(v.litres)}. Buy more, choose another can beside it, or fill to less.
        </p>
      ))}
      <LogStep
        when={when}
        draft={first ?? null}
        also={rest}
        said={said}
        action="Pour and log"
        disabled={short.length > 0 || pours.length === 0}
      />
      {cans.length > 1 ? null : (
        <Button wide className="mt-2" disabled={short.length > 0 || pours.length === 0} onClick={asSheet}>
          Step by step
        </Button>
      )}
      {oilView ? (
        <Why
          name="blend"
          input={{
            parts: mixed.after.map((p) => ({ fluid: p.fluid.id, litres: p.litres, usedFactor: p.usedFactor })),
            celsius: lowCelsius,
            fatLimitShare: view.settings.fatLimitShare,
            ...ownIn(view),
          }}
          readings={thicknessWords(oilView.thickness)}
        />
      ) : null}
      <div className="mt-3">
        <Caution>
          {petrol
            ? "With any petrol in it treat all of it as petrol: outdoors, vented cap, cans earthed, no sparks, no heat. It stands and is drained before it goes near a tank."
            : "Thinners burn. Outdoors, no sparks, cans earthed. Test a new blend on a cheap engine first. Fuel duty and warranty are your local law's."}
        </Caution>
      </div>
    </>
  );
}

const pouredFrom = ({ vessel }: VesselView, pours: readonly Pour[]): number =>
  pours.reduce((sum, p) => (p.from === vessel.id ? sum + p.litres : sum), 0);

interface CanProps {
  readonly can: VesselView;
  readonly pours: readonly Pour[];
  readonly isOnly: boolean;
  readonly children: ReactNode;
}

/** The pours of one can, with its own marks. */
function CanPours({ can, pours, isOnly, children }: CanProps) {
  const units = useUnits();
  const marks = marksOf(can, pours);
  return (
    <>
      {isOnly ? null : <h3 className="mt-2 text-lg">{can.vessel.name}</h3>}
      <p className="text-[14px] text-ink-2">
        Marks are up from the bottom of {can.vessel.name}, inside; it is {units.mm(can.vessel.rimMm)} to the rim.
      </p>
      <ol>
        {pours.map((p, i) => (
          <PourRow key={p.from ?? "pump"} pour={p} at={i + 1} markMm={marks[i] ?? 0} isOnly={isOnly} />
        ))}
        {children}
      </ol>
    </>
  );
}

/** "9.0 L kerosene from Kerosene can, up to 212 mm". */
function PourRow({ pour, at, markMm, isOnly }: { pour: Pour; at: number; markMm: number; isOnly: boolean }) {
  const { view } = useYard();
  const units = useUnits();
  const from = pour.from === null ? undefined : view.vessels.find((v) => v.vessel.id === pour.from);
  const measures = inMeasures(pour.litres, view.settings.measures, units);
  return (
    <li className="grid grid-cols-[20px_76px_1fr] items-baseline gap-2 border-t border-rule py-2">
      <span className="font-plate text-ink-2">{at}</span>
      <b className="font-plate text-[20px]">
        {units.volume.text(pour.litres)} {units.volume.unit}
      </b>
      <span>
        {pour.what} from {pour.from === null ? "the pump" : nameOf(view, pour.from)}, up to{" "}
        <b className="font-plate text-[20px] whitespace-nowrap">{units.mm(markMm)}</b>
        <span className="block text-[14px] text-ink-2">
          {[
            measures,
            from && isOnly ? `${from.vessel.name} then stands at ${units.mm(levelAfter(from, pour.litres))}` : null,
          ]
            .filter(Boolean)
            .join("; ")}
        </span>
      </span>
    </li>
  );
}

/** What comes after the last pour: by the school. */
function After({ at, isTank, petrol }: { at: number; isTank: boolean; petrol: boolean }) {
  const { view } = useYard();
  const hours = formatNumber(view.settings.petrolStandHours, 0);
  const words: readonly [string, string] = petrol
    ? ["Stand", `${hours} h, then look at a jar, drain what fell out, and through the bags`]
    : isTank
      ? ["Drive", "a few minutes: until then it lies unmixed, the oil below"]
      : ["Look", "at a jar of it tomorrow: clear means nothing falls out"];
  return (
    <li className="grid grid-cols-[20px_76px_1fr] items-baseline gap-2 border-y border-rule py-2">
      <span className="font-plate text-ink-2">{at}</span>
      <b className="font-plate text-[20px]">{words[0]}</b>
      <span>{words[1]}</span>
    </li>
  );
}
