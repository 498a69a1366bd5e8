import { describe, expect, it } from "vitest";
import { usualRecipe } from "@/core/kettle/recipe.testing";
import { BatchId, buildTimeline, type Draft, type EntryId, type Timeline } from "@/core/ledger";
import { drum, iso, move, vid } from "@/core/ledger/testing";
import { offerAct } from "./offer";

/** The store's door, asked of acts that reach back. */
class Door {
  timeline: Timeline = buildTimeline([]);
  private counter = 0;

  /** Its id, or the codes by which it was refused. */
  write(minute: number, ...drafts: Draft[]): EntryId | string[] {
    const ids = [...drafts, null].map((_, i) => `e${String(this.counter + i).padStart(4, "0")}`);
    const stamp = { ids, now: iso(minute), look: { at: null, have: null } };
    const offered = offerAct(this.timeline, drafts, stamp, {
      present: iso(minute),
      device: "d",
      counter: this.counter,
    });
    this.counter += ids.length;
    if (!offered.ok) {
      if (offered.error.code !== "not-safe") throw new Error(JSON.stringify(offered.error));
      return offered.error.refusals.map((r) => (r.later ? `${r.code} later` : r.code));
    }
    this.timeline = offered.value.timeline;
    return ids[0] as EntryId;
  }

  id(minute: number, ...drafts: Draft[]): EntryId {
    const written = this.write(minute, ...drafts);
    if (Array.isArray(written)) throw new Error(written.join(", "));
    return written;
  }
}

const vessel = (id: string, role: "kettle" | "thinner" | "ready" | "wash" | "raw"): Draft => ({
  kind: "vessel",
  data: drum(id, role),
});
const petrol = (to: string, more: object = {}): Draft => ({
  kind: "purchase",
  data: { to: vid(to), fluid: "petrol", amount: { litres: 5 } },
  ...more,
});
const BATCH = BatchId.parse("b");

describe("acts that reach back", () => {
  it("a correction is asked as the yard would have been, and so is what is then said to be a kettle", () => {
    const door = new Door();
    door.id(1, vessel("can", "thinner"), vessel("pot", "kettle"));
    const bought = door.id(2, petrol("can"));
    expect(door.write(3, petrol("pot", { replaces: bought, happenedAt: iso(2) }))).toEqual(["petrol-in-kettle"]);
    expect(door.write(4, vessel("can", "kettle"))).toEqual(["petrol-in-kettle"]);
    expect(door.write(5, { ...vessel("can", "kettle"), despite: ["petrol-in-kettle"] })).toBeTypeOf("string");
  });

  it("what came before a vessel was entered is asked with what is known of it since", () => {
    const door = new Door();
    door.id(100, vessel("pot", "kettle"));
    expect(door.write(101, petrol("pot", { happenedAt: iso(10) }))).toEqual(["petrol-in-kettle"]);
  });

  it("a backdated pour that spoils a later one is said of the later one, once", () => {
    const door = new Door();
    door.id(1, vessel("can", "thinner"), vessel("ready", "ready"), vessel("pail", "raw"), {
      kind: "opening",
      data: { to: vid("pail"), fluid: "canola", amount: { litres: 20 }, muck: {} },
    });
    door.id(2, { kind: "purchase", data: { to: vid("can"), fluid: "canola", amount: { litres: 20 } } });
    door.id(50, move("can", "ready", 10));
    const spoils: Draft = { ...move("pail", "can", 5), happenedAt: iso(20) };
    expect(door.write(60, spoils)).toEqual(["raw-into-fuel later"]);
    door.id(61, { ...spoils, despite: ["raw-into-fuel"] });
    expect(
      door.write(62, { kind: "purchase", data: { to: vid("can"), fluid: "canola", amount: { litres: 1 } } }),
    ).toBeTypeOf("string");
  });

  it("a test that is taken back takes with it what rested on it", () => {
    const door = new Door();
    door.id(
      1,
      vessel("washer", "wash"),
      vessel("ready", "ready"),
      { kind: "batch", data: { id: BATCH, name: "B", kettle: vid("washer"), is: "batch", recipe: usualRecipe } },
      { kind: "opening", data: { to: vid("washer"), fluid: "biodiesel", amount: { litres: 40 }, muck: {} } },
    );
    const tested = (["solubility", "soap", "water"] as const).map((test, i) =>
      door.id(2 + i, { kind: "fuel-test", data: { batch: BATCH, vessel: vid("washer"), test, value: 0.01 } }),
    );
    door.id(10, move("washer", "ready", 10));
    const back: Draft = { kind: "void", data: { entry: tested[2] as EntryId, reason: "another sample" } };
    expect(door.write(11, back)).toEqual(["ester-not-tested later"]);
    expect(door.write(12, { ...back, despite: ["ester-not-tested"] })).toBeTypeOf("string");
  });
});
