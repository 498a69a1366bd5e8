import * as z from "../../zod";
import { BagId } from "../ids";
import type { BagState, YardState } from "../state";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** How a bag's life ends. Torn, it is changed for a new one, and says so. */
export const BAG_ENDS = { washed: "Washed", changed: "Changed", torn: "Torn, and changed" } as const;
export type BagEnd = keyof typeof BAG_ENDS;

/** What is done to a bag: its end, or that it was hung again as it was. */
export const BAG_SERVICES = { ...BAG_ENDS, reused: "Hung again unwashed" } as const;
export type BagService = keyof typeof BAG_SERVICES;

const MOST_LIVES = 24;
const MOST_PAST_RUNS = 48;

export const bagService = defineKind({
  kind: "bag-service",
  title: "Bag",
  version: 1,
  upcast: {},
  data: z.object({ bag: BagId, what: z.enum(["washed", "changed", "torn", "reused"]) }),
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { bag, what } }) {
    const state = yard.bags.get(bag);
    if (!state) return { code: "unknown-bag", bag };
    if (what === "reused") {
      // Its cake stays: only that it was looked at, and hung again.
      yard.bags.set(bag, { ...state, servicedAt: happenedAt });
      return undefined;
    }
    yard.bags.set(bag, served(state, what, happenedAt));
    chargeSources(yard, state, what);
    return undefined;
  },
  called: { bag: "Bag", what: ["What", BAG_SERVICES] },
});

/** Its life ends and is kept; what follows begins with a clean bag, and with a new one where it was not washed. */
function served(state: BagState, what: BagEnd, endedAt: string): BagState {
  const isNew = what !== "washed";
  return {
    ...state,
    litres: 0,
    litresOfAge: isNew ? 0 : state.litresOfAge,
    washes: isNew ? 0 : state.washes + 1,
    lives: [...state.lives, { endedAt, litres: state.litres, how: what }].slice(-MOST_LIVES),
    runs: [],
    pastRuns: [...state.pastRuns, ...state.runs].slice(-MOST_PAST_RUNS),
    spares: isNew && state.spares !== null ? Math.max(0, state.spares - 1) : state.spares,
    servicedAt: endedAt,
    muck: new Map(),
  };
}

/** A bag's life is paid by the sources whose oil wore it, each by the muck it had come with. */
function chargeSources(yard: YardState, { bag, muck }: BagState, what: BagEnd): void {
  const all = [...muck.values()].reduce((sum, litres) => sum + litres, 0);
  for (const [id, litres] of muck) {
    const source = yard.sources.get(id);
    if (!source || litres === 0) continue;
    const share = litres / all;
    yard.sources.set(
      id,
      what === "washed"
        ? { ...source, bagsWashed: source.bagsWashed + share }
        : {
            ...source,
            bagsChanged: source.bagsChanged + share,
            bagMoney: source.bagMoney + share * (bag.price ?? 0),
          },
    );
  }
}
