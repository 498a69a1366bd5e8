import { describe, expect, it } from "vitest";
import { type Draft, project } from "../ledger";
import { BatchId } from "../ledger/ids";
import { drum, entry, iso, recipe, vid } from "../ledger/testing";
import { viewYard } from "../view";

const ID = BatchId.parse("b");
const start: readonly Draft[] = [
  { kind: "vessel", data: drum("pot", "kettle") },
  { kind: "purchase", data: { to: vid("pot"), fluid: "fryer-fat", amount: { litres: 60 } } },
];
const batch = (is: "batch" | "trial" = "batch"): Draft => ({
  kind: "batch",
  data: { id: ID, name: "B", kettle: vid("pot"), is, recipe },
});
const stage = (s: "dry" | "warm" | "methoxide" | "mix", did: "begin" | "done" | "stop"): Draft => ({
  kind: "stage",
  data: { batch: ID, stage: s, did },
});
const untilMix = [stage("dry", "done"), stage("warm", "done"), stage("methoxide", "done"), stage("mix", "begin")];
const adviceAt = (minute: number, ...more: readonly Draft[]) =>
  viewYard(
    project([...start, ...more].map((d, i) => entry(String(i).padStart(3, "0"), i, d))),
    iso(minute),
  ).advice.filter((a) => a.station === "kettle");

describe("what a kettle's batch wants next", () => {
  it("its next stage, now; fatty oil alone is only said while nothing is made of it", () => {
    expect(adviceAt(60).map((a) => a.code)).toEqual(["kettle"]);
    expect(adviceAt(60, batch())).toMatchObject([{ code: "kettle-stage", stage: "dry", state: "next" }]);
  });
  it("a running stage, when it is up; then that it is up", () => {
    const began = start.length + 1 + 3;
    expect(adviceAt(60, batch(), ...untilMix)).toMatchObject([
      { code: "kettle-stage", stage: "mix", state: "runs", dueAt: iso(began + recipe.mixMinutes) },
    ]);
    expect(adviceAt(400, batch(), ...untilMix)).toMatchObject([{ state: "over" }]);
  });
  it("a stopped stage, now", () => {
    expect(adviceAt(400, batch(), ...untilMix, stage("mix", "stop"))).toMatchObject([{ state: "stopped" }]);
  });
  it("nothing of a trial in a jar, nor of one that is over", () => {
    expect(adviceAt(60, batch("trial")).map((a) => a.code)).toEqual([]);
    const over: Draft = { kind: "batch-end", data: { batch: ID, how: "given-up", litres: 0 } };
    expect(adviceAt(60, batch(), over).map((a) => a.code)).toEqual(["kettle"]);
  });
  it("a failed batch is to be reworked", () => {
    const failed: Draft = {
      kind: "fuel-test",
      data: { batch: ID, vessel: vid("pot"), test: "solubility", value: 0.3 },
    };
    expect(adviceAt(60, batch(), failed)).toMatchObject([{ code: "batch-failed" }]);
  });
});
