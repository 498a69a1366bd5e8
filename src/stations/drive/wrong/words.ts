import type { Cause, Check, Symptom } from "@/core/driving";
import type { Clue } from "@/core/readings/drive/evidence";
import { formatNumber } from "@/core/units";
import type { YardView } from "@/core/view";
import { nameOf, percentWords, shortDay, type Units } from "@/ui/words";

export const SYMPTOM_WORDS: Readonly<Record<Symptom, string>> = {
  power: "It has lost power",
  smoke: "It smokes",
  "hard-start": "It starts hard",
  surging: "It surges",
  bubbles: "Bubbles in the line",
  blocked: "The filter blocks",
  smell: "It smells in the cab",
};

export const CHECK_WORDS: Readonly<Record<Check, string>> = {
  "clears-warm": "Does it clear once the engine is warm?",
  "better-on-diesel": "Is it better on diesel?",
  "drop-high": "Is the drop over the filter high?",
  "bubbles-in-bowl": "Are there bubbles in the clear bowl?",
  "water-in-trap": "Is there water in the trap?",
  "white-smoke": "Is the smoke white?",
  "black-smoke": "Is the smoke black?",
  "gauge-cold": "Does the coolant stay cool?",
  "drip-seen": "Is a joint wet, or does it drip?",
  "worse-uphill": "Is it worse uphill?",
};

export const CAUSE_WORDS: Readonly<Record<Cause, { readonly name: string; readonly does: string }>> = {
  "cold-fuel": {
    name: "Fuel too cold for the pump",
    does: "Stay on diesel until the gate; purge longer before you stop.",
  },
  gelled: {
    name: "Something fell out in the cold",
    does: "Warm the tank, thin it, and screen what comes out: the tank rescue leads through it.",
  },
  "filter-full": { name: "The filter is full", does: "Change it, fill the new one, bleed. Carry a spare." },
  "air-leak": {
    name: "Air gets in",
    does: "Look at every joint on the suction side, tighten, renew the clips; prime until no bubbles come.",
  },
  water: { name: "Water in the fuel", does: "Let it out at trap and tank bottom, and test what you filled from." },
  "thick-blend": { name: "The blend is too thick", does: "Thin it for this weather, or warm it further." },
  "bad-lot": {
    name: "A bad lot",
    does: "See below what else got of it; screen the tank before it clogs the next filter.",
  },
  unmixed: { name: "Poured, and not mixed", does: "Drive to mix before it stands cold; next time mix it in a can." },
  "oil-in-diesel": {
    name: "Oil in the diesel tank",
    does: "Fill up with diesel, find the valve that let it in, look at the return.",
  },
  "heater-dead": { name: "A heater does not heat", does: "Feel its two sides when warm; fuse, relay, coolant tap." },
  "thermostat-stuck": {
    name: "The engine's thermostat is stuck open",
    does: "Renew it. Until then it never gets warm enough for oil.",
  },
  injectors: {
    name: "Worn or coked injectors",
    does: "Have their spray looked at. A long run hot and hard sometimes cleans them.",
  },
  "valve-wrong": {
    name: "A valve stands or leaks the wrong way",
    does: "Open the loop and walk through the fail-safe proof with power off.",
  },
  leak: { name: "A leak", does: "Stop, engine off, no flame. Find it cold; do not drive with it." },
};

/** What the ledger knows, in a line. */
export function clueWords(c: Clue, view: YardView, u: Units): string {
  switch (c.code) {
    case "cold-fails":
      return `Tonight is ${u.celsius(c.lowCelsius)}, and what it starts on fails ${c.belowCelsius === null ? "at any temperature" : `below ${u.celsius(c.belowCelsius)}`}.`;
    case "too-thick":
      return `At tonight's low it has ${formatNumber(c.nuMm2PerS, 0)} mm²/s; the pump takes ${formatNumber(c.limitMm2PerS, 0)}.`;
    case "oil-in-diesel":
      return `${percentWords(c.share)} of the diesel tank is waste oil.`;
    case "left-in-line":
      return `At the last stop ${percentWords(c.share)} of oil was left in the line.`;
    case "filter-age":
      return `Its filter has ${percentWords(Math.min(9, c.share))} of its time behind it.`;
    case "filter-drop":
      return `Its filter last read ${u.pascals(c.kPa * 1000)}.`;
    case "early-filter":
      return `It is one of the first filters on oil, ${u.km(c.km)} old: old deposits come loose.`;
    case "unmixed":
      return "It was filled in layers and has not been driven since.";
    case "new-blend":
      return `It has burned only ${u.litres(c.litres)} of this mix.`;
    case "wet":
      return `${nameOf(view, c.vessel)} was found wet.`;
    case "new-fill":
      return `${nameOf(view, c.vessel)} was filled on ${shortDay(c.at)}, just before.`;
  }
}
