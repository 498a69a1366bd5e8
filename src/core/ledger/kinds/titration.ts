import { freeAcid, MOST_TRIES, readTries } from "../../kettle";
import * as z from "../../zod";
import { noBatch, oilDensityIn } from "../batches";
import { BatchId, VesselId } from "../ids";
import { BaseWord, Purity } from "../schema/batch";
import { changeVessel, vesselAt } from "../transfer";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

const Millilitres = z.number().min(0).max(1000);
/** An oil's own, near enough to see that a titrant cannot be what it was said to be. */
const AN_OIL_KG_PER_L = 0.92;

const TitrationSchema = z
  .object({
    vessel: VesselId,
    base: BaseWord,
    titrantGPerL: z.number().min(0.01).max(100),
    titrantPurity: Purity,
    oilMl: Millilitres.min(0.1),
    tries: z.array(Millilitres).min(1).max(MOST_TRIES),
    /** What the alcohol takes by itself. */
    blankMl: Millilitres,
    /** After an acid stage: what is still to be reckoned with, left-over acid too. */
    batch: BatchId.optional(),
  })
  .superRefine((t, context) => {
    const wrong = (path: string, message: string): void => context.addIssue({ code: "custom", path: [path], message });
    const titrantMl = readTries(t.tries).meanMl - t.blankMl;
    if (titrantMl < 0) wrong("blankMl", "the blank took more than the oil did");
    else if (freeAcid({ ...t, titrantMl, oilKgPerL: AN_OIL_KG_PER_L }).ffaPct > 100)
      wrong("tries", "that is more than pure fatty acid could take: check the titrant and the sample");
  });

/** A lot titrated: its free acid travels with it, and rules the lye. */
export const titration = defineKind({
  kind: "titration",
  title: "Titrated",
  version: 1,
  upcast: {},
  data: TitrationSchema,
  moves: MOVES_NOTHING,
  speaksOf: ({ vessel }) => [vessel],
  apply(yard, { happenedAt, data: t }) {
    const of = t.batch === undefined ? undefined : yard.batches.get(t.batch);
    if (t.batch !== undefined && !of) return noBatch(t.batch);
    const state = vesselAt(yard, t.vessel);
    const { meanMl, spreadMl } = readTries(t.tries);
    const how = { ...t, oilKgPerL: oilDensityIn(yard, state) };
    const found = freeAcid({ ...how, titrantMl: meanMl - t.blankMl });
    const half = freeAcid({ ...how, titrantMl: spreadMl / 2 });
    const acid = { at: happenedAt, ...found, plusMinusPct: half.ffaPct };
    changeVessel(yard, t.vessel, { quality: { ...state.quality, acid } });
    if (of) {
      const recipe = { ...of.batch.recipe, demandMolPerL: found.acidMolPerL };
      yard.batches.set(of.batch.id, { ...of, batch: { ...of.batch, recipe } });
    }
    return undefined;
  },
  called: {
    vessel: "What",
    base: ["Lye in the titrant", { NaOH: "NaOH", KOH: "KOH" }],
    titrantGPerL: "Lye in the titrant, g/L",
    titrantPurity: "Purity of that lye",
    oilMl: "Oil, mL",
    tries: "Try",
    blankMl: "Blank, mL",
    batch: null,
  },
});
