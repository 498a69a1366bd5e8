"use client";
import { useMemo } from "react";
import { withUsedFactor } from "@/core/blending";
import { fluidName } from "@/core/fluids";
import type { RecipeState, TrialState } from "@/core/ledger";
import { COLD_JAR_WORDS, RUNG_WORDS, RUNGS, SEASONS, TRIAL_MARK_WORDS } from "@/core/ledger/words";
import { mixPours } from "@/core/readings/blend/plan";
import { ladderOf } from "@/core/readings/blend/recipes";
import { covered } from "@/core/readings/covered";
import { coldOf } from "@/core/readings/vessel/cold";
import { formatNumber } from "@/core/units";
import { useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Row } from "@/ui";
import { fillOf } from "@/ui/drawing/fills";
import { coldRestsOn, fullDay, nameOf, percentWords } from "@/ui/words";
import { againstDiesel, HAZARD_WORDS } from "@/ui/words/blend";
import { CARD_LINES, type CardLine, VERDICTS } from "./words";

interface Props {
  readonly state: RecipeState;
  readonly benchHref: string;
}

/** All that is known of a recipe, on one card that can be printed and hung by the cans. */
export function RecipeCard({ state, benchHref }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const { recipe } = state;
  const { settings, fluids } = view;
  const mix = useMemo(
    () =>
      covered(() =>
        withUsedFactor(
          recipe.parts.map((p) => ({ fluid: p.fluid, litres: p.share })),
          fluids,
          settings.usedFactor,
        ),
      ) ?? [],
    [recipe, fluids, settings.usedFactor],
  );
  const mixed = covered(() =>
    mixPours(mix, [], [], {
      lowCelsius: settings.tonightLowCelsius,
      limitMm2PerS: settings.pumpLimitMm2PerS,
      atPumpCelsius: null,
      fluids,
    }),
  );
  const cold = coldOf(mix, state.coldJars, settings);
  return (
    <article
      aria-labelledby="recipe-name"
      className="mt-3 max-w-[760px] rounded-md border border-rule bg-card px-4 py-3"
    >
      <h2 id="recipe-name" className="text-[24px]">
        {recipe.name}
      </h2>
      <p className="text-ink-2">
        {SEASONS[recipe.season]}, since {fullDay(state.at)}
        {recipe.note ? `. ${recipe.note}` : ""}
      </p>
      <ul className="mt-2 flex h-[52px] overflow-hidden rounded-md border-2 border-ink">
        {recipe.parts.map((p) => (
          <li
            key={p.fluid}
            className="min-w-0 overflow-hidden px-2 py-1 leading-tight whitespace-nowrap text-[#10211f]"
            style={{ flexGrow: p.share, flexBasis: 0, backgroundColor: fillOf(p.fluid).colour }}
          >
            <b className="font-plate text-[17px]">{percentWords(p.share)}</b>
            <br />
            <span className="text-[13px]">{fluidName(p.fluid).toLowerCase()}</span>
          </li>
        ))}
      </ul>
      <dl className="mt-2 grid gap-x-6 sm:grid-cols-2">
        {mixed ? (
          <>
            <Row
              name={`At tonight's ${units.celsius(settings.tonightLowCelsius)}`}
              value={`${formatNumber(mixed.nuMm2PerS, 1)} mm²/s`}
            />
            <Row
              name="Flash point"
              value={`${units.celsius(mixed.flashCelsius)}, handle ${HAZARD_WORDS[mixed.hazard]}`}
            />
            <Row name="Energy, by heating value" value={againstDiesel(mixed.energyRatio)} />
            <Row name="Cetane number" value={`about ${formatNumber(mixed.cetane, 0)}`} />
          </>
        ) : null}
        {cold ? (
          <>
            <Row name="Clear down to" value={units.celsius(cold.clearDownToCelsius)} />
            <Row
              name="Serves down to"
              value={cold.standsDownToCelsius === null ? "no temperature" : units.celsius(cold.standsDownToCelsius)}
            />
          </>
        ) : null}
      </dl>
      {cold ? (
        <p className="text-[14px] text-ink-2">
          {cold.jar === null && state.coldJars.length > 0
            ? "By estimate; none of your jars says otherwise."
            : coldRestsOn(cold.jar, units)}
        </p>
      ) : null}
      <Ladder state={state} />
      {state.coldJars.length > 0 ? (
        <>
          <h3 className="mt-3 text-lg">Jars in the cold</h3>
          <ul>
            {state.coldJars.map((j) => (
              <li key={`${j.at} ${j.celsius}`}>
                {fullDay(j.at)}: {formatNumber(j.hours, 0)} h at {units.celsius(j.celsius)},{" "}
                {COLD_JAR_WORDS[j.saw].toLowerCase()}
              </li>
            ))}
          </ul>
        </>
      ) : null}
      <p className="mt-3 print:hidden">
        <YardLink href={benchHref.split("?")[0] ?? "/blend"} className="underline">
          Mix it on the bench
        </YardLink>
      </p>
      <p className="hidden print:block">{nameOf(view, recipe.id)}. Figures are estimates; a jar overrules them.</p>
    </article>
  );
}

/** The rungs, cheapest first, with the last word on each. */
function Ladder({ state }: { state: RecipeState }) {
  const { rungs, next } = ladderOf(state);
  return (
    <>
      <h3 className="mt-3 text-lg">The ladder</h3>
      <ol>
        {RUNGS.map((rung) => (
          <li
            key={rung}
            aria-current={rung === next ? "step" : undefined}
            className={`border-l-4 py-1 pl-3 ${rungs[rung]?.verdict === "good" ? "border-go" : rungs[rung] ? "border-stop" : rung === next ? "border-due" : "border-rule"}`}
          >
            <b className="font-plate text-[17px]">{RUNG_WORDS[rung]}</b>
            <span className="ml-2">{rungs[rung] ? trialWords(rungs[rung]) : rung === next ? "next" : "not yet"}</span>
          </li>
        ))}
      </ol>
    </>
  );
}

function trialWords(t: TrialState): string {
  const lines = (Object.entries(t.card ?? {}) as [CardLine, keyof typeof TRIAL_MARK_WORDS][]).map(
    ([line, mark]) => `${CARD_LINES[line].toLowerCase()} ${TRIAL_MARK_WORDS[mark].toLowerCase()}`,
  );
  return [
    `${VERDICTS[t.verdict]}, ${fullDay(t.at)}`,
    t.jar ? COLD_JAR_WORDS[t.jar.saw].toLowerCase() : "",
    lines.join(", "),
    t.note ?? "",
  ]
    .filter(Boolean)
    .join(". ");
}
