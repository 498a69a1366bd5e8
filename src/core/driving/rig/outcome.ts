import { solveLinear } from "../../numerics/solveLinear";
import { chainsOf } from "./chains";
import { flowsOf } from "./network";
import { holdsOf, portOf, type Rig } from "./parts";
import type { Setting } from "./setting";
import { BURNED, type Store, type Stores, storesOf, type Transfer, transfersOf } from "./transfers";

/** Fuel of one tank that ends up in another, L/min. */
export interface Astray {
  readonly from: string;
  readonly to: string;
  readonly litresPerMinute: number;
}

/** What a rig does once what was in its lines has gone through: tanks by their part's id. */
export interface Outcome {
  /** Of what reaches the pump, each tank's share; empty where nothing does. */
  readonly reaches: Readonly<Record<string, number>>;
  /** L/min drawn from each tank, and given back to it. */
  readonly draws: Readonly<Record<string, number>>;
  readonly returns: Readonly<Record<string, number>>;
  /** L/min that come round to the engine without seeing a tank. */
  readonly loops: number;
  readonly astray: readonly Astray[];
  readonly starves: boolean;
  readonly isShutIn: boolean;
}

const STILL = 1e-6;

export function outcomeOf(rig: Rig, setting: Setting, burnLitresPerMinute: number): Outcome {
  const flows = flowsOf(rig, setting, burnLitresPerMinute);
  const stores = storesOf(rig, chainsOf(rig), () => 1);
  const transfers = transfersOf(rig, stores, flows);
  const shares = stores.tanks.map((_, tank) => steadyShares(transfers, stores, tank));
  const draws: Record<string, number> = {};
  const returns: Record<string, number> = {};
  const astray: Astray[] = [];
  for (const [tank, id] of stores.tanks.entries()) {
    draws[id] = sumOf(transfers.filter((t) => t.from === tank));
    returns[id] = sumOf(transfers.filter((t) => t.to === tank));
    for (const [other, from] of stores.tanks.entries()) {
      const rate = transfers
        .filter((t) => t.to === tank)
        .reduce((sum, t) => sum + t.litresPerMinute * (shares[other]?.[t.from] ?? 0), 0);
      if (other !== tank && rate > STILL) astray.push({ from, to: id, litresPerMinute: rate });
    }
  }
  const burned = transfers.filter((t) => t.to === BURNED);
  const all = sumOf(burned);
  const reaches = Object.fromEntries(
    stores.tanks
      .map(
        (id, tank) =>
          [
            id,
            burned.reduce((sum, t) => sum + t.litresPerMinute * (shares[tank]?.[t.from] ?? 0), 0) / (all || 1),
          ] as const,
      )
      .filter(([, share]) => share > STILL),
  );
  return {
    reaches,
    draws,
    returns,
    loops: loopsOf(rig, stores, transfers, flows.drawn),
    astray,
    starves: flows.starves,
    isShutIn: flows.isShutIn,
  };
}

const sumOf = (transfers: readonly Transfer[]): number => transfers.reduce((sum, t) => sum + t.litresPerMinute, 0);

/** What comes out of the pump and back to it without seeing a tank. */
function loopsOf(rig: Rig, stores: Stores, transfers: readonly Transfer[], drawn: number): number {
  const engine = rig.parts.find((p) => p.kind === "injection-pump");
  const back = engine && stores.chains.find(({ chain }) => [chain.start, chain.end].includes(portOf(engine, "back")));
  if (!back) return 0;
  const burned = transfers.filter((t) => t.to === BURNED);
  const came = steadyShares(transfers, stores, back.first);
  const share = burned.reduce((sum, t) => sum + t.litresPerMinute * (came[t.from] ?? 0), 0) / (sumOf(burned) || 1);
  return share > STILL ? share * drawn : 0;
}

/** One store's share in every other once all has come round; nought where nothing flows. */
function steadyShares(transfers: readonly Transfer[], { tanks, count }: Stores, source: Store): readonly number[] {
  const shares = Array.from({ length: count }, (_, s): number => (s === source ? 1 : 0));
  const fed = [...new Set(transfers.map((t) => t.to))].filter((s) => s >= tanks.length && s !== source);
  const index = new Map(fed.map((s, i) => [s, i]));
  const a = fed.map(() => fed.map(() => 0));
  const b = fed.map(() => 0);
  for (const t of transfers) {
    const i = index.get(t.to);
    const row = i === undefined ? undefined : a[i];
    if (i === undefined || !row) continue;
    row[i] = (row[i] ?? 0) + t.litresPerMinute;
    const j = index.get(t.from);
    if (j !== undefined) row[j] = (row[j] ?? 0) - t.litresPerMinute;
    else if (t.from === source) b[i] = (b[i] ?? 0) + t.litresPerMinute;
  }
  const solved = solveLinear(a, b);
  for (const [i, s] of fed.entries()) shares[s] = solved[i] ?? 0;
  return shares;
}

/** Litres a minute of the oil's tank that end up in the diesel's, and the other way. */
export const astrayInto = (o: Outcome, holds: "diesel" | "oil", rig: Rig): number =>
  o.astray.filter((a) => holdsOf(rig, a.to) === holds).reduce((sum, a) => sum + a.litresPerMinute, 0);

/** Each hose and part once all has come round: the oil's share in it, and how it flows. */
export function flowsIn(
  rig: Rig,
  setting: Setting,
  burnLitresPerMinute: number,
): Readonly<Record<string, { readonly oil: number; readonly air: number; readonly litresPerMinute: number }>> {
  const flows = flowsOf(rig, setting, burnLitresPerMinute);
  const stores = storesOf(rig, chainsOf(rig), () => 1);
  const transfers = transfersOf(rig, stores, flows);
  const oil = stores.tanks.findIndex((id) => holdsOf(rig, id) === "oil");
  const shares = steadyShares(transfers, stores, oil);
  const rates = new Map(flows.flows.map((f) => [f.of, f.litresPerMinute]));
  return Object.fromEntries(
    stores.chains.flatMap(({ chain, first }) => {
      const still = !transfers.some((t) => t.to === first);
      // What does not flow holds what its own tank gave it.
      const stood = [chain.start, chain.end].some((port) => port === `${stores.tanks[oil]}.out`) ? 1 : 0;
      return chain.members.map((m) => [
        m.of,
        { oil: still ? stood : (shares[first] ?? 0), air: 0, litresPerMinute: rates.get(m.of) ?? 0 },
      ]);
    }),
  );
}
