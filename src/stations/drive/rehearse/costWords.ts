import type { Cost } from "@/core/driving/rehearsal";
import { formatMinutes, formatNumber } from "@/core/units";
import { percentWords, type Units } from "@/ui/words";

/** What cost points, in words with its amount. */
export function costWords(c: Cost, u: Units): string {
  const minutes = (): string => formatMinutes(Math.max(1, Math.round(c.amount)));
  switch (c.code) {
    case "oil-into-diesel":
      return `${fine(u, c.amount)} of oil went into the diesel tank.`;
    case "diesel-into-oil":
      return `${u.litres(c.amount)} of diesel went into the oil tank.`;
    case "spilled":
      return `${fine(u, c.amount)} ran over.`;
    case "thick":
      return `The pump swallowed ${fine(u, c.amount)} of fuel three times too thick for it.`;
    case "air":
      return `The engine drew ${fine(u, c.amount)} of air.`;
    case "too-hot":
      return `Fuel was too hot for ${minutes()}: it loses its film, and seals.`;
    case "starved":
      return `The engine starved for ${minutes()}.`;
    case "left-in-line":
      return `${percentWords(c.amount)} of oil was left in the line for the night.`;
    case "left-turned":
      return "The valves were not left on diesel.";
    case "not-used":
      return `Of the time it could have run on oil it did for ${percentWords(c.amount)}.`;
    case "cut-short":
      return `It was over ${formatMinutes(Math.ceil(c.amount))} too soon.`;
  }
}

const fine = (u: Units, litres: number): string =>
  litres < 1 ? `${formatNumber(u.volume.of(litres), 2)} ${u.volume.unit}` : u.litres(litres);
