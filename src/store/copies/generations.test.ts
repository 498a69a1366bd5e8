import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { MS_PER_HOUR } from "@/core/units";
import { copiesToDrop, copyName } from "./generations";

const NOW = "2026-11-25T21:35:00.000Z";
const hoursAgo = (h: number): string => new Date(Date.parse(NOW) - h * MS_PER_HOUR).toISOString();
const names = (hours: readonly number[]): string[] => [...new Set(hours.map((h) => copyName("shed", hoursAgo(h))))];
const arbitraryHours = fc.array(fc.integer({ min: 0, max: 24 * 500 }), { maxLength: 80 });

describe("copies in a folder", () => {
  it("keeps the newest five, the last of each of seven days and of twelve months, and drops the rest", () => {
    const everyHour = names(Array.from({ length: 24 * 400 }, (_, h) => h));
    const dropped = new Set(copiesToDrop(everyHour, "shed", NOW));
    const kept = everyHour.filter((n) => !dropped.has(n));
    expect(kept.slice(0, 5)).toEqual(everyHour.slice(0, 5));
    expect(kept.filter((n) => n.includes("2026-11-2"))).toHaveLength(5 + 5);
    expect(kept).toContain("shed-2026-10-31-233500.json");
    expect(kept).toContain("shed-2026-11-19-233500.json");
    expect(kept.length).toBeLessThanOrEqual(5 + 8 + 12);
  });
  it("never drops the newest, nor anything of another yard or of somebody else's", () => {
    fc.assert(
      fc.property(arbitraryHours, (hours) => {
        const own = names(hours);
        const theirs = [copyName("barn", NOW), "taxes.json", "shed.json", "shed-2026-11-25.json"];
        const dropped = copiesToDrop([...own, ...theirs], "shed", NOW);
        expect(theirs.filter((n) => dropped.includes(n))).toEqual([]);
        const newest = [...own].sort().at(-1);
        if (newest) expect(dropped).not.toContain(newest);
      }),
    );
  });
  it("drops nothing more when asked again, whatever was there", () => {
    fc.assert(
      fc.property(arbitraryHours, (hours) => {
        const all = names(hours);
        const dropped = new Set(copiesToDrop(all, "shed", NOW));
        expect(
          copiesToDrop(
            all.filter((n) => !dropped.has(n)),
            "shed",
            NOW,
          ),
        ).toEqual([]);
      }),
    );
  });
});
