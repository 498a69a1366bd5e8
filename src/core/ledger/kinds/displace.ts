import { holdsLitres } from "../../vessels";
import * as z from "../../zod";
import { litresOfOil, takeMixed } from "../contents";
import { VesselId } from "../ids";
import { cleared } from "../quality";
import { Litres, Measured, Share } from "../schema/quantities";
import { pourIn, qualityFrom, takeOut, vesselAt } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** A batch through a displacement settler: raw oil in at the bottom, as much clean oil over the top once it is full. */
export const displace = defineKind({
  kind: "displace",
  title: "Fed the settler",
  version: 1,
  upcast: {},
  data: z.object({
    header: VesselId,
    body: VesselId,
    overflow: VesselId,
    amount: Measured,
    /** Share of the body's dirt that still came over. */
    passingShare: Share,
    litresPerHour: Litres.max(10_000).meta({ is: "litres" }).optional(),
  }),
  // At most as much runs over as is fed.
  moves: ({ header, body, overflow, amount }) => [
    flow("pour", header, body, amount),
    flow("pour", body, overflow, amount, "top"),
  ],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { header, body, overflow, amount, passingShare } }) {
    const settler = vesselAt(yard, body);
    const over = cleared(settler.quality);
    const quality = qualityFrom(yard, header);
    const fed = takeOut(yard, header, amount, happenedAt);
    if (!fed.ok) return fed.error;
    const room = Math.max(0, holdsLitres(settler.vessel) - settler.contents.total);
    const overLitres = fed.value.total - room;
    // What has cleared goes over first; then fed oil that finds no room; water and sludge lie still below both.
    const clearLitres = Math.min(Math.max(0, overLitres), litresOfOil(settler.contents, yard.parts, passingShare));
    if (clearLitres > 0) {
      const ran = takeOut(yard, body, { litres: clearLitres }, happenedAt, "top", passingShare);
      if (!ran.ok) return ran.error;
      pourIn(yard, overflow, ran.value, happenedAt, { quality: over, celsius: amount.celsius });
    }
    const through = takeMixed(fed.value, Math.max(0, overLitres - clearLitres));
    if (through.taken.total > 0)
      pourIn(yard, overflow, through.taken, happenedAt, { quality, celsius: amount.celsius });
    pourIn(yard, body, through.left, happenedAt, { quality, celsius: amount.celsius, quietly: true });
    return undefined;
  },
  called: {
    header: "Fed from",
    body: "Settler",
    overflow: "Ran over into",
    "amount.litres": "Litres",
    "amount.celsius": "Read at",
    passingShare: "Dirt that still came over",
    litresPerHour: "An hour",
  },
});
