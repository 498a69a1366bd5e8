import type { Finding, Positions, Rig, RigFault, Verdict } from "@/core/driving/rig";
import { PART_KINDS, partOfPort } from "@/core/driving/rig";
import { formatNumber } from "@/core/units";
import type { Units } from "@/ui/words";
import { controlName, MODE_WORDS, positionWords } from "../driver/words";

export const partName = (rig: Rig, id: string): string => rig.parts.find((p) => p.id === id)?.name ?? id;

/** "Filter, out". */
export const portName = (rig: Rig, port: string): string => {
  const part = rig.parts.find((p) => p.id === partOfPort(port));
  const name = port.slice(port.lastIndexOf(".") + 1);
  return part ? `${part.name}, ${PORT_WORDS[name] ?? name}` : port;
};

const PORT_WORDS: Readonly<Record<string, string>> = {
  out: "out",
  in: "in",
  back: "way back",
  common: "always open",
  a: "open at rest",
  b: "open when turned",
  c: "third",
};

/** A tee has no rest. */
export const portLabel = (rig: Rig, port: string): string => {
  const part = rig.parts.find((p) => p.id === partOfPort(port));
  return part?.kind === "tee" ? `${part.name}, ${port.slice(port.lastIndexOf(".") + 1)}` : portName(rig, port);
};

/** What is wrong with a list of parts, and where. */
export function faultWords(f: RigFault, rig: Rig): string {
  switch (f.code) {
    case "same-id":
      return `Two parts are called ${f.id}: give one another name.`;
    case "no-pump":
      return "There is no injection pump: put one in.";
    case "two-pumps":
      return "There are two injection pumps: take one out.";
    case "no-tank":
      return "There is no tank to draw from.";
    case "unknown-port":
      return `A hose goes to ${f.port}, and there is no such port: choose another end for it.`;
    case "two-on-a-port":
      return `Two hoses are on ${portLabel(rig, f.port)}: a tee joins them.`;
    case "open-port":
      return `${portLabel(rig, `${f.part}.${f.port}`)} has no hose on it: a dead end, and it leaks.`;
    case "no-control":
      return `${partName(rig, f.part)} hangs on no switch: say what turns it.`;
    case "no-way-in":
      return `However the valves stand, ${f.holds === "oil" ? "oil" : "diesel"} never comes to the pump.`;
    case "no-way-back":
      return `On ${f.holds === "oil" ? "oil" : "diesel"} what the pump gives back has no way: pressure builds until a hose gives.`;
  }
}

/** "Fuel on oil, Return on loop". */
export const standsAt = (rig: Rig, at: Positions): string =>
  rig.controls.map((c) => `${controlName(rig, c.id)} on ${positionWords(at[c.id] ?? "")}`).join(", ");

/** What the proof found, in words, worst first as it comes. */
export function findingWords(f: Finding, rig: Rig): { readonly text: string; readonly isBad: boolean } {
  switch (f.code) {
    case "named-otherwise":
      return {
        isBad: true,
        text:
          f.mode === "wrong"
            ? `${standsAt(rig, f.at)}: oil goes into the diesel tank, or both tanks are joined.`
            : `${standsAt(rig, f.at)}: it is ${MODE_WORDS[f.mode]}, not ${positionWords(f.named)}.`,
      };
    case "reversed":
      return {
        isBad: true,
        text: `${partName(rig, f.part)} is plumbed the wrong way round: swap its two side hoses, or its name.`,
      };
    case "rests-on-oil":
      return f.isHand
        ? {
            isBad: false,
            text: "A valve turned by hand or by a motor stays where it was left: without a hand nothing here returns to diesel by itself. Purge and turn back before every stop.",
          }
        : {
            isBad: true,
            text: `${f.at === null ? "However the switches stand" : standsAt(rig, f.at)}, when the power goes the engine has oil, or oil goes into the diesel tank. It may not start cold.`,
          };
    case "no-purge":
      return {
        isBad: false,
        text: "No position purges: what stands in the line goes into the diesel tank when it is turned back.",
      };
    case "stuck-fouls":
      return {
        isBad: false,
        text: `${partName(rig, f.part)} stuck ${f.turned ? "turned" : "at rest"}, ${standsAt(rig, f.at)}: oil goes into the diesel tank.`,
      };
  }
}

export const VERDICT_WORDS: Readonly<Record<Verdict, string>> = {
  safe: "Safe",
  fouls: "Oil into the diesel tank",
  joined: "Tanks joined",
  starves: "Engine starves",
  "shut-in": "No way back",
};

export const kindName = (kind: keyof typeof PART_KINDS): string => PART_KINDS[kind].name;

/** A hose holds spoonfuls: to the thousandth. */
export const fineLitres = (u: Units, litres: number): string =>
  `${formatNumber(u.volume.of(litres), 3)} ${u.volume.unit}`;
