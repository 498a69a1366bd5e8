import type { PurgeLine } from "../purge";
import { type Chain, chainsOf } from "./chains";
import { type Positions, running, type Stand, standFor } from "./modes";
import { flowsOf } from "./network";
import { partOfPort, type Rig } from "./parts";
import { isPushing } from "./setting";
import { chainFlow } from "./transfers";

/** Straight through a line mixes as three stirred tanks, a loop as one, until its owner has timed it. Physics §6. */
export const STRAIGHT_TANKS = 3;
export const LOOPED_TANKS = 1;

/** What a purge has to change before the pump has diesel again. */
export interface Line extends PurgeLine {
  readonly isLooped: boolean;
  /** The chains whose fuel it is. */
  readonly chains: readonly string[];
}

const STILL = 1e-9;

/**
 * The line that a rig purges: chains that held oil on oil, and whose fuel still comes to the pump while it purges. In a
 * loop only what is burned flows on. Null where a rig has nothing to purge. `tanksInSeries` null: as is usual for it.
 */
export function lineOf(
  rig: Rig,
  stands: readonly Stand[],
  burnLitresPerMinute: number,
  tanksInSeries: number | null,
): Line | null {
  const oil = standFor(rig, stands, "oil");
  const purge = purgeStand(rig, stands) ?? standFor(rig, stands, "diesel");
  const engine = rig.parts.find((p) => p.kind === "injection-pump");
  if (!oil || !purge || !engine) return null;
  const chains = chainsOf(rig);
  const onOil = flowing(rig, chains, oil, burnLitresPerMinute);
  const purging = flowing(rig, chains, purge, burnLitresPerMinute);
  // Upstream of the pump: against the flow from its inlet, across whatever joins two chains, round the loop and back.
  const upstream = new Set<Chain>();
  const walk = purging.filter((f) => partOfPort(f.end) === engine.id);
  for (let f = walk.pop(); f; f = walk.pop()) {
    if (upstream.has(f.chain)) continue;
    upstream.add(f.chain);
    const { start } = f;
    walk.push(...purging.filter((g) => partOfPort(g.end) === partOfPort(start)));
  }
  const held = [...upstream].filter((c) => onOil.some((f) => f.chain === c));
  const lineLitres = held.reduce((sum, c) => sum + c.litres, 0);
  if (lineLitres <= 0) return null;
  const isLooped = purge.outcome.loops > 0;
  return {
    isLooped,
    lineLitres,
    litresPerMinute: isLooped ? burnLitresPerMinute : engine.litresPerMinute,
    tanksInSeries: tanksInSeries ?? (isLooped ? LOOPED_TANKS : STRAIGHT_TANKS),
    chains: held.map((c) => c.id),
  };
}

/** A purge by the injection pump; a back-purge pump makes one of its own, with the engine off. */
export const purgeStand = (rig: Rig, stands: readonly Stand[]): Stand | null =>
  standFor(
    rig,
    stands.filter((s) => !rig.parts.some((p) => isPushing(rig, p, running(s.at)))),
    "purge",
  );

/** Where a pump of its own pushes diesel back through the line; null where a rig has none such. */
export function backPurgeOf(
  rig: Rig,
  stands: readonly Stand[],
): { readonly at: Positions; readonly litresPerMinute: number } | null {
  for (const s of stands)
    for (const p of rig.parts)
      if (p.kind === "lift-pump" && isPushing(rig, p, running(s.at)))
        return { at: s.at, litresPerMinute: p.litresPerMinute };
  return null;
}

interface Flowing {
  readonly chain: Chain;
  /** As the fuel goes. */
  readonly start: string;
  readonly end: string;
}

function flowing(rig: Rig, chains: readonly Chain[], stand: Stand, burn: number): Flowing[] {
  const flows = flowsOf(rig, running(stand.at), burn);
  return chains.flatMap((chain) => {
    const rate = chainFlow(chain, flows);
    if (Math.abs(rate) < STILL) return [];
    return [{ chain, start: rate > 0 ? chain.start : chain.end, end: rate > 0 ? chain.end : chain.start }];
  });
}
