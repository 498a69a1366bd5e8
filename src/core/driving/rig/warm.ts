import { exchangerOutCelsius, heaterRiseK } from "../heating";
import { minutesToCoolant, type WarmUp } from "../warmUp";
import { type Chain, chainsOf } from "./chains";
import { type Flows, flowsOf } from "./network";
import { portOf, type Rig, type RigPart } from "./parts";
import type { Setting } from "./setting";
import { chainFlow, storesOf, transfersOf } from "./transfers";

/** What a rig's fuel is warmed by, and from. */
export interface Warmth {
  /** Fuel in each tank, by its part's id, °C. */
  readonly tankCelsius: Readonly<Record<string, number>>;
  readonly coolantCelsius: number;
  readonly isHeaterOn: boolean;
  readonly rho15KgPerL: number;
}

export interface RigCelsius {
  /** Fuel at the injection pump; null where nothing comes there. */
  readonly atPump: number | null;
  /** Into and out of each part that warms it. */
  readonly parts: Readonly<Record<string, readonly [inCelsius: number, outCelsius: number]>>;
}

const SWEEPS = 400;
const CLOSE_K = 1e-7;

/**
 * Temperatures once they have settled: each part warms what flows through it, junctions mix by flow, a loop comes round
 * again. Hoses lose nothing: well lagged ones lose little, bare ones in a wind do, and a gauge overrules this.
 */
export function rigCelsius(rig: Rig, setting: Setting, burnLitresPerMinute: number, warmth: Warmth): RigCelsius {
  const flows = flowsOf(rig, setting, burnLitresPerMinute);
  const stores = storesOf(rig, chainsOf(rig), () => 1);
  const transfers = transfersOf(rig, stores, flows);
  const out = stores.chains.map(() => Number.NaN);
  const parts: Record<string, readonly [number, number]> = {};
  const cold = Math.min(...Object.values(warmth.tankCelsius));
  const celsiusOf = (store: number): number =>
    store < stores.tanks.length
      ? (warmth.tankCelsius[stores.tanks[store] ?? ""] ?? cold)
      : (out[store - stores.tanks.length] ?? Number.NaN);
  for (let sweep = 0; sweep < SWEEPS; sweep++) {
    let moved = 0;
    for (const [i, { chain, first }] of stores.chains.entries()) {
      const into = transfers.filter((t) => t.to === first);
      const all = into.reduce((sum, t) => sum + t.litresPerMinute, 0);
      if (all <= 0) continue;
      // What has not been reached yet is as cold as the coldest tank: from there it only warms.
      const mixed = into.reduce((sum, t) => sum + t.litresPerMinute * (finite(celsiusOf(t.from)) ?? cold), 0) / all;
      const after = throughChain(rig, chain, flows, mixed, warmth, parts);
      moved = Math.max(moved, Math.abs(after - (finite(out[i]) ?? cold - 1)));
      out[i] = after;
    }
    if (moved < CLOSE_K) break;
  }
  return {
    atPump: pumpCelsius(
      rig,
      stores.chains.map((c) => c.chain),
      flows,
      out,
    ),
    parts,
  };
}

const finite = (n: number | undefined): number | null => (n !== undefined && Number.isFinite(n) ? n : null);

function pumpCelsius(rig: Rig, chains: readonly Chain[], flows: Flows, out: readonly number[]): number | null {
  const engine = rig.parts.find((p) => p.kind === "injection-pump");
  if (!engine || flows.drawn <= 0) return null;
  const inlet = portOf(engine, "in");
  const i = chains.findIndex((c) => (chainFlow(c, flows) > 0 ? c.end : c.start) === inlet);
  return finite(out[i]);
}

function throughChain(
  rig: Rig,
  chain: Chain,
  flows: Flows,
  inCelsius: number,
  warmth: Warmth,
  parts: Record<string, readonly [number, number]>,
): number {
  const rate = chainFlow(chain, flows);
  const members = rate > 0 ? chain.members : [...chain.members].reverse();
  let celsius = inCelsius;
  for (const { of } of members) {
    const part = rig.parts.find((p) => p.id === of);
    const after = part ? throughPart(part, celsius, Math.abs(rate) * 60, warmth) : celsius;
    if (part && after !== celsius) parts[part.id] = [celsius, after];
    celsius = after;
  }
  return celsius;
}

function throughPart(part: RigPart, celsius: number, litresPerHour: number, w: Warmth): number {
  if ((part.kind === "exchanger" || part.kind === "pick-up") && part.uaWPerK > 0)
    return exchangerOutCelsius(celsius, w.coolantCelsius, part.uaWPerK, litresPerHour, w.rho15KgPerL);
  return part.kind === "heater" && w.isHeaterOn
    ? celsius + heaterRiseK(part.watts, litresPerHour, w.rho15KgPerL)
    : celsius;
}

/**
 * Minutes from the start until fuel at the pump would have `celsius`, if the rig stood so; nought where the tank is that
 * warm, null where the thermostat or the exchanger never bring it there.
 */
export function minutesToFuel(
  rig: Rig,
  setting: Setting,
  burnLitresPerMinute: number,
  warmth: Omit<Warmth, "coolantCelsius">,
  engine: WarmUp,
  celsius: number,
): number | null {
  const at = (coolantCelsius: number): number =>
    rigCelsius(rig, setting, burnLitresPerMinute, { ...warmth, coolantCelsius }).atPump ?? Number.NEGATIVE_INFINITY;
  const [now, most] = [at(engine.startCelsius), at(engine.thermostatCelsius)];
  if (now >= celsius) return 0;
  if (most < celsius) return null;
  // Every part warms by a share of what it lacks, or by so many kelvin: the fuel goes straight with the coolant.
  const share = (celsius - now) / (most - now);
  return minutesToCoolant(engine, engine.startCelsius + share * (engine.thermostatCelsius - engine.startCelsius));
}
