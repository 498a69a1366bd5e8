import { isMuck } from "@/core/fluids";
import { partsOf, type VesselId } from "@/core/ledger";
import { EMPTY } from "@/core/ledger/contents";
import { MS_PER_HOUR } from "@/core/units";
import type { Dice } from "./dice";
import { collect, kitchens } from "./drums";
import type { Line } from "./things";
import { tenth, type Writer } from "./writer";

/** The displacement cone: a small batch in at the bottom, as much clean oil over the top into the feed tub. */
/** Litres of settled muck at which a tidy person empties the bottom; the demo's did not. */
const CLEAN_OUT_LITRES = 6;

export function cleanCone(w: Writer, line: Line, atMs: number): void {
  const [cone, sludge] = [line.id("cone"), line.id("sludge-drum")];
  const muck = muckIn(w, cone);
  if (muck < CLEAN_OUT_LITRES || w.room(sludge) < 16) return;
  w.write(atMs, { kind: "move", data: { from: cone, to: sludge, amount: { litres: 14 }, layer: "bottom" } });
}

function muckIn(w: Writer, vessel: VesselId): number {
  const contents = w.yard.vessels.get(vessel)?.contents ?? EMPTY;
  return partsOf(contents, w.yard.parts).reduce((sum, p) => (isMuck(p.component) ? sum + p.litres : sum), 0);
}

export function coneWeek(w: Writer, line: Line, d: Dice, atMs: number): void {
  const [pail, cone, feed] = [line.id("pail-7"), line.id("cone"), line.id("feed-tub")];
  const from = kitchens(line, d)[3];
  if (!from || w.room(feed) < 14) return;
  collect(w, atMs + 6 * MS_PER_HOUR, { ...from, litres: 11 }, pail, 14);
  w.write(atMs + 7 * MS_PER_HOUR, {
    kind: "move",
    data: { from: pail, to: cone, amount: { all: true }, layer: "mixed" },
  });
  const over = tenth(Math.max(0, w.litres(cone) - 108));
  if (over < 1) return;
  const data = { from: cone, to: feed, amount: { litres: over }, suctionMm: 980, suspendedShare: 0.01 };
  w.write(atMs + 9 * MS_PER_HOUR, { kind: "draw-off", data });
}
