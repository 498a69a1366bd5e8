import { describe, expect, it } from "vitest";
import { FLUIDS } from "../../fluids";
import { type Entry, project } from "../../ledger";
import { drum, entry, iso, kitchen, vid } from "../../ledger/testing";
import { viewYard } from "../../view";
import { heldUm, settlerDay } from "..";

const settler = { header: vid("A"), overflow: vid("B"), cutUm: 20, hoursADay: 24, sludgeMostMm: 300 };
const cone = {
  ...drum("C", "settler"),
  shape: { kind: "cone-cylinder", diameterMm: 460, coneHeightMm: 420, outletDiameterMm: 60 },
  rimMm: 1020,
  settler,
} as const;
const dirty = (to: string, litres: number, sludge = 0.01) =>
  ({
    kind: "pickup",
    data: { source: kitchen.id, to: vid(to), fluid: "canola", amount: { litres }, muck: { sludge } },
  }) as const;
const yard = (bodyLitres: number, sludge = 0.01): Entry[] => [
  entry("01", 0, { kind: "vessel", data: drum("A", "raw") }),
  entry("02", 0, { kind: "vessel", data: drum("B", "feed") }),
  entry("03", 0, { kind: "vessel", data: cone }),
  entry("04", 0, { kind: "source", data: kitchen }),
  entry("05", 1, dirty("A", 60)),
  entry("06", 2, dirty("C", bodyLitres, sludge)),
];
const day = (entries: Entry[], celsius = 12) => {
  const view = viewYard(project(entries), iso(100));
  const of = (id: string) => view.vessels.find((v) => v.vessel.id === id);
  const body = of("C");
  if (!body) throw new Error("no settler");
  return { body, found: settlerDay(body, of("A"), of("B"), celsius, 0.04, view.fluids) };
};

describe("a displacement settler's day", () => {
  it("trickles so slowly that its cut is held, by the drop and by the litre", () => {
    const { body, found } = day(yard(110));
    if (!found) throw new Error("no day");
    expect(found.dropsPerSecond).toBeCloseTo((found.litresPerHour * 1000) / 3600 / 0.04, 9);
    expect(heldUm(found.litresPerHour, found, body, 12, FLUIDS)).toBeCloseTo(20, 6);
    expect(heldUm(found.litresPerHour * 4, found, body, 12, FLUIDS)).toBeCloseTo(40, 6);
    expect(found.tiedUpLitres).toBeCloseTo(110, 6);
  });
  it("may be fed faster when it is warm, and when its sludge is low in the cone", () => {
    const cold = day(yard(110), 5).found?.litresPerHour ?? 0;
    expect(day(yard(110), 25).found?.litresPerHour ?? 0).toBeGreaterThan(2 * cold);
  });
  it("fills with sludge: the more it holds, the fewer litres it still takes", () => {
    const fresh = day(yard(110, 0.005)).found;
    const full = day(yard(110, 0.06)).found;
    expect(full?.fullShare ?? 0).toBeGreaterThan(fresh?.fullShare ?? 9);
    expect(full?.litresUntilFull ?? 9e9).toBeLessThan(fresh?.litresUntilFull ?? 0);
    // Room over what a litre of feed brings, lying loose.
    expect(fresh?.litresUntilFull).toBeCloseTo((fresh?.roomLitres ?? 0) / (2 * 0.01), 6);
  });
  it("says when the overflow is full, and bounds the batch by what there is", () => {
    const { found } = day(yard(110));
    expect(found?.overflowHours).toBeCloseTo(218.04 / (found?.litresPerHour ?? 1), 0);
    expect(found?.batch.boundBy).toBe("rate");
  });
  it("has none where nothing but muck is in it", () => {
    expect(day([...yard(110).slice(0, 5)]).found).toBeNull();
  });
});
