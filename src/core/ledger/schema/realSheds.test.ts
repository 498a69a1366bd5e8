import { describe, expect, it } from "vitest";
import { KIND_LIST } from "../kinds";

/** What old trucks, big sheds and coarse sieves really have is taken; what a slip of the finger makes of it is not. */
const takes = (name: string, data: object): boolean =>
  KIND_LIST.find((k) => k.kind === name)?.data.safeParse(data).success === true;

const trip = { vehicle: "truck", minutes: { startOnDiesel: 5, onOil: 30, purge: 3 }, burned: [] };
const bag = { id: "sieve", name: "Kitchen sieve", form: "strainer", areaM2: 0.2 };

describe("bounds of what is typed", () => {
  it.each([0, 99_999, 250_000, 1_234_567])("an odometer may stand at %d km", (odometerKm) => {
    expect(takes("trip", { ...trip, odometerKm })).toBe(true);
  });
  it("and not below nothing, nor past what any has", () => {
    expect(takes("trip", { ...trip, odometerKm: -1 })).toBe(false);
    expect(takes("trip", { ...trip, odometerKm: 1e8 })).toBe(false);
  });
  it("a strainer may be coarser than two millimetres", () => {
    expect(takes("bag", { ...bag, ratingUm: 3000 })).toBe(true);
    expect(takes("bag", { ...bag, ratingUm: 0 })).toBe(false);
  });
});
