import { beforeEach, expect, it } from "vitest";
import { OwnActs, type TabShelf } from "./ownActs";

let kept: Map<string, string>;
let held: Set<string>;
const shelf: TabShelf = {
  getItem: (key) => kept.get(key) ?? null,
  setItem: (key, value) => void kept.set(key, value),
};
const hold = async (tab: string): Promise<boolean> => {
  if (held.has(tab)) return false;
  held.add(tab);
  return true;
};
beforeEach(() => {
  kept = new Map();
  held = new Set();
});

it("outlives a reload, newest act first", async () => {
  const tab = await OwnActs.of("own", shelf, "t1", hold);
  tab.add(["a"]);
  tab.add(["b", "c"]);
  held.clear();
  expect((await OwnActs.of("own", shelf, "t2", hold)).newestFirst()).toEqual([["b", "c"], ["a"]]);
});

it("does not go along with a duplicated tab, nor from one yard to another", async () => {
  const tab = await OwnActs.of("own", shelf, "t1", hold);
  tab.add(["a"]);
  const copy = await OwnActs.of("own", shelf, "t2", hold);
  expect(copy.newestFirst()).toEqual([]);
  expect((await OwnActs.of("demo", shelf, "t3", hold)).newestFirst()).toEqual([]);
});

it("forgets what was taken back, and goes on where nothing can be kept", async () => {
  const deaf: TabShelf = {
    getItem: () => {
      throw new Error("forbidden");
    },
    setItem: () => {
      throw new Error("full");
    },
  };
  const tab = await OwnActs.of("own", deaf, "t1", hold);
  const act = ["a"];
  tab.add(act);
  tab.add(["b"]);
  tab.drop(act);
  expect(tab.newestFirst()).toEqual([["b"]]);
});
