import { ranMinutes, STAGES } from "../../kettle";
import * as z from "../../zod";
import { noBatch } from "../batches";
import { freshStage, type StageState } from "../batchState";
import { BatchId } from "../ids";
import { Celsius, Text } from "../schema/quantities";
import { HELP_WORDS, STAGE_WORDS } from "../words";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

const DID = ["begin", "done", "stop", "go-on", "read"] as const;

/** A batch's stage begun, done, stopped (the power went), gone on with, or its thermometer read. */
export const stage = defineKind({
  kind: "stage",
  title: "Kettle",
  version: 1,
  upcast: {},
  data: z.object({
    batch: BatchId,
    stage: z.enum(STAGES),
    did: z.enum(DID),
    /** Whether it looked as it should. */
    saw: z.enum(["expected", "not"]).optional(),
    celsius: Celsius.optional(),
    says: Text.optional(),
    /** Against an emulsion: what was tried, and whether it parted. */
    help: z.object({ tried: z.enum(["wait", "warm", "salt", "acid"]), parted: z.boolean() }).optional(),
  }),
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt: at, data }) {
    const state = yard.batches.get(data.batch);
    if (!state) return noBatch(data.batch);
    const before = state.stages[data.stage] ?? freshStage;
    const next: StageState = {
      ...timesAfter(before, data.did, at),
      saw: data.saw ?? before.saw,
      note: data.says ?? before.note,
    };
    const { celsius } = data;
    yard.batches.set(data.batch, {
      ...state,
      stages: { ...state.stages, [data.stage]: next },
      helps: data.help === undefined ? state.helps : [...state.helps, { at, ...data.help }],
      readings: celsius === undefined ? state.readings : [...state.readings, { stage: data.stage, at, celsius }],
    });
    return undefined;
  },
  called: {
    batch: "Batch",
    stage: ["Stage", STAGE_WORDS],
    did: ["It was", { begin: "Begun", done: "Done", stop: "Stopped", "go-on": "Gone on with", read: "Read" }],
    saw: ["It looked", { expected: "As expected", not: "Otherwise" }],
    celsius: "In the kettle",
    says: "Note",
    "help.tried": ["Against the emulsion", HELP_WORDS],
    "help.parted": "It parted",
  },
});

function timesAfter(t: StageState, did: (typeof DID)[number], at: string): StageState {
  switch (did) {
    case "begin":
    case "go-on":
      return { ...t, begunAt: t.begunAt ?? at, runsSince: t.runsSince ?? at, stoppedAt: null, doneAt: null };
    case "stop":
      return { ...t, ranMinutes: ranMinutes(t, at), runsSince: null, stoppedAt: at };
    case "done":
      return {
        ...t,
        begunAt: t.begunAt ?? at,
        ranMinutes: ranMinutes(t, at),
        runsSince: null,
        stoppedAt: null,
        doneAt: at,
      };
    case "read":
      return t;
  }
}
