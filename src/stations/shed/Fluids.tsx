"use client";
import { fluidName, likeOf } from "@/core/fluids";
import type { OwnFluid } from "@/core/ledger";
import { formatNumber } from "@/core/units";
import { useLog, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { fluidsInUse, type Units } from "@/ui/words";

/** The yard's own fluids: what was said of each, and what is as the table has it. */
export function Fluids() {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const fluids = fluidsInUse(view);
  return (
    <section aria-labelledby="fluids-title">
      <h2 id="fluids-title" className="mt-5 text-xl">
        Fluids of your own
      </h2>
      {fluids.length === 0 ? (
        <p className="mt-1 text-[15px] text-ink-2">
          None yet: every fluid is reckoned by typical figures. Winter diesel is not.
        </p>
      ) : (
        <ul className="mt-1">
          {fluids.map((f) => (
            <li key={f.id} className="flex items-start justify-between gap-2 border-t border-rule py-1">
              <span className="text-[15px]">
                <b>{fluidName(f.id)}</b>: {saidOf(f, units)}
                <span className="block text-[14px] text-ink-2">{restOf(f)}</span>
              </span>
              <Button look="quiet" onClick={() => log.open("fluid", { which: f.id })}>
                Change<span className="sr-only"> {fluidName(f.id)}</span>
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Button className="mt-2 w-full" onClick={() => log.open("fluid")}>
        Add a fluid, or change one
      </Button>
    </section>
  );
}

type Figures = OwnFluid["figures"];

const FIGURE_NAMES: Readonly<Record<keyof Figures, string>> = {
  rho15KgPerL: "density",
  nu40Mm2PerS: "viscosity at 40 °C",
  nu100Mm2PerS: "viscosity at 100 °C",
  cloudCelsius: "cloud",
  pourCelsius: "pour",
  flashCelsius: "flash",
  lhvMJPerKg: "heating value",
  cetane: "cetane",
};
const NAMES = Object.entries(FIGURE_NAMES) as [keyof Figures, string][];

function figureWords(name: keyof Figures, value: number, units: Units): string {
  switch (name) {
    case "rho15KgPerL":
      return `${formatNumber(value, 3)} kg/L`;
    case "nu40Mm2PerS":
    case "nu100Mm2PerS":
      return `${formatNumber(value, 2)} mm²/s`;
    case "lhvMJPerKg":
      return `${formatNumber(value, 1)} MJ/kg`;
    case "cetane":
      return formatNumber(value, 0);
    default:
      return units.celsius(value);
  }
}

function saidOf({ figures, pricePerLitre, timed }: OwnFluid, units: Units): string {
  const said = NAMES.flatMap(([name, words]) => {
    const value = figures[name];
    return value === undefined ? [] : [`${words} ${figureWords(name, value, units)}`];
  });
  return [
    ...said,
    ...(timed ? ["as thick as your cup says"] : []),
    ...(pricePerLitre === undefined ? [] : [`${units.money(pricePerLitre)} a litre`]),
  ].join(", ");
}

function restOf({ id, figures }: OwnFluid): string {
  const left = NAMES.flatMap(([name, words]) => (figures[name] === undefined ? [words] : []));
  return left.length === 0 ? "" : `As the table has ${fluidName(likeOf(id)).toLowerCase()}: ${left.join(", ")}.`;
}
