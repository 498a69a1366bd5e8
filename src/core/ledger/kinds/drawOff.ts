import * as z from "../../zod";
import { VesselId } from "../ids";
import { drawnOff } from "../quality";
import { ClarityStep, Forecast, HungShares, Measured, Millimetres, Minutes, Share } from "../schema/quantities";
import { hangsByDepth, moveOil, qualityFrom, vesselAt } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** Forecasts are judged by the latest. */
const MOST_DRAWS = 60;

/** Clear oil off the top, down to a line. */
export const drawOff = defineKind({
  kind: "draw-off",
  title: "Drew off",
  version: 1,
  upcast: {},
  data: z.object({
    from: VesselId,
    to: VesselId,
    amount: Measured,
    suctionMm: Millimetres,
    suspendedShare: Share,
    /** The same by what it is, as forecast: a coarse crumb is down long before a fine, and water before either. */
    hanging: HungShares.optional(),
    forecast: Forecast.optional(),
    /** How it came, against the light. */
    came: ClarityStep.optional(),
    minutes: Minutes.optional(),
  }),
  moves: ({ from, to, amount }) => [flow("pour", from, to, amount, "top")],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data }) {
    const { from, suspendedShare, hanging: h, came } = data;
    const { stirredAt, drawnAt, vessel } = vesselAt(yard, from);
    const off = qualityFrom(yard, from, "top");
    const hangs = h ? hangsByDepth(h) : suspendedShare;
    const quality = drawnOff(off, suspendedShare);
    const flaw = moveOil(yard, data, happenedAt, "top", hangs, quality);
    if (flaw) return flaw;
    const above = suctionAboveMuckMm(data, yard.settings.marginMm);
    const into = above === null ? undefined : yard.vessels.get(data.to);
    if (into) yard.vessels.set(data.to, { ...into, suctionAboveMuckMm: above });
    // What runs over from a settler was never waited for.
    if (stirredAt === null || drawnAt !== null || vessel.role === "settler") return undefined;
    const first = { vessel: from, since: stirredAt, at: happenedAt, came: came ?? null };
    yard.draws = [...yard.draws.slice(1 - MOST_DRAWS), first];
    return undefined;
  },
  called: {
    from: "From",
    to: "Into",
    "amount.litres": "Litres",
    "amount.celsius": "Read at",
    suctionMm: "Drawn down to, mm from the bottom",
    suspendedShare: "Dirt that still hung in it, at most",
    "hanging.sludge": "Crumbs and fines that still hung",
    "hanging.water": "Water that still hung",
    "hanging.fat": "Fat that still hung",
    forecast: null,
    came: "How clear it came, 1 to 5",
    minutes: "Minutes",
  },
});

/** The forecast's line lies its owner's margin above the muck. */
function suctionAboveMuckMm(
  { suctionMm, forecast }: { readonly suctionMm: number; readonly forecast?: z.infer<typeof Forecast> | undefined },
  marginMm: number,
): number | null {
  return forecast?.drawOffMm === undefined ? null : suctionMm - (forecast.drawOffMm - marginMm);
}
