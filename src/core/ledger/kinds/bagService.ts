import * as z from "../../zod";
import { BagId } from "../ids";
import type { BagState, YardState } from "../state";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

export const bagService = defineKind({
  kind: "bag-service",
  title: "Bag",
  version: 1,
  upcast: {},
  data: z.object({ bag: BagId, what: z.enum(["washed", "changed"]) }),
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { bag, what } }) {
    const state = yard.bags.get(bag);
    if (!state) return { code: "unknown-bag", bag };
    yard.bags.set(bag, { ...state, litres: 0, runs: [], servicedAt: happenedAt, muck: new Map() });
    chargeSources(yard, state, what);
    return undefined;
  },
  called: { bag: "Bag", what: ["What", { washed: "Washed", changed: "Changed" }] },
});

/** A bag's life is paid by the sources whose oil wore it, each by the muck it had come with. */
function chargeSources(yard: YardState, { bag, muck }: BagState, what: "washed" | "changed"): void {
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
