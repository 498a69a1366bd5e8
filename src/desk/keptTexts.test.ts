import { describe, expect, it, vi } from "vitest";
import { KeptTexts } from "./keptTexts";

function shelfOf() {
  const map = new Map<string, string>();
  const shelf = {
    isFull: false,
    map,
    getItem: (key: string) => map.get(key) ?? null,
    setItem: (key: string, text: string) => {
      if (shelf.isFull) throw new DOMException("full", "QuotaExceededError");
      map.set(key, text);
    },
    removeItem: (key: string) => void map.delete(key),
  };
  return shelf;
}

describe("what is half typed", () => {
  it("says once that nothing can be kept, still knows it on this page, and says it anew the next time", () => {
    const shelf = shelfOf();
    const kept = new KeptTexts(() => shelf);
    const told = vi.fn();
    kept.onTrouble(told);
    shelf.isFull = true;
    kept.write("a", "1");
    kept.write("a", "2");
    expect(told.mock.calls).toEqual([["full"]]);
    expect(kept.read("a")).toBe("2");
    shelf.isFull = false;
    kept.write("a", "3");
    expect(shelf.map.get("a")).toBe("3");
    shelf.isFull = true;
    kept.write("a", "4");
    expect(told).toHaveBeenCalledTimes(2);
  });
  it("is put back and said when the browser cleared everything under the page", () => {
    const shelf = shelfOf();
    const kept = new KeptTexts(() => shelf);
    const told = vi.fn();
    kept.onTrouble(told);
    kept.write("draw drum-3", "{}");
    shelf.map.clear();
    expect(kept.read("draw drum-3")).toBe("{}");
    expect(told.mock.calls).toEqual([["cleared"]]);
    expect(shelf.map.get("draw drum-3")).toBe("{}");
  });
  it("does not come back when another page finished it", () => {
    const shelf = shelfOf();
    const [mine, theirs] = [new KeptTexts(() => shelf), new KeptTexts(() => shelf)];
    const told = vi.fn();
    mine.onTrouble(told);
    mine.write("a", "1");
    theirs.forget("a");
    expect(mine.read("a")).toBeNull();
    expect(told).not.toHaveBeenCalled();
  });
  it("is nobody's trouble where nothing was kept", () => {
    const told = vi.fn();
    const kept = new KeptTexts(() => {
      throw new DOMException("forbidden", "SecurityError");
    });
    kept.onTrouble(told);
    expect(kept.read("a")).toBeNull();
    kept.forget("a");
    kept.forgetAll("a");
    expect(told).not.toHaveBeenCalled();
  });
});
