import { expect, it } from "vitest";
import { type Draft, type FeedWay, project } from "../ledger";
import { drum, entry, vid } from "../ledger/testing";
import { clearanceOf } from ".";

const NOW = "2026-03-01T08:00:00.000Z";

const drafts: Draft[] = [
  { kind: "vessel", data: drum("feed", "blend") },
  { kind: "vessel", data: { ...drum("rated", "blend"), ratedKPa: 100 } },
  { kind: "vessel", data: drum("into", "blend") },
  { kind: "bag", data: { id: "bag" as never, name: "5 µm", ratingUm: 5, areaM2: 0.25, mostDropKPa: 70 } },
  { kind: "purchase", data: { to: vid("feed"), fluid: "canola", amount: { litres: 40 } } },
  { kind: "purchase", data: { to: vid("rated"), fluid: "canola", amount: { litres: 40 } } },
];
const mixed: Draft = { kind: "purchase", data: { to: vid("feed"), fluid: "petrol", amount: { litres: 4 } } };
const refused = (way: FeedWay, kPa: number, from = "feed", more: Draft[] = [], celsius = 15): string[] => {
  const yard = project([...drafts, ...more].map((d, i) => entry(`e${i}`, i, d)));
  const run: Draft = {
    kind: "filter-run",
    data: {
      from: vid(from),
      to: vid("into"),
      bags: ["bag" as never],
      amount: { litres: 10, celsius },
      minutes: 20,
      lossLitres: 0.1,
      feed: { way, kPa },
    },
  };
  return clearanceOf(yard, run, NOW).refusals.map((r) => r.code);
};

it("air never stands on a vessel that is not made for it, nor over what the weakest housing bears", () => {
  expect(refused("air", 40)).toEqual(["not-rated-for-pressure"]);
  expect(refused("air", 40, "rated")).toEqual([]);
  expect(refused("air", 80, "rated")).toEqual(["over-pressure"]);
});

it("a pump presses on the housings only", () => {
  expect(refused("pump", 60)).toEqual([]);
  expect(refused("hand", 90)).toEqual(["over-pressure"]);
});

it("petrol runs by its own weight or by hand, never by air or a motor that sparks", () => {
  expect(refused("gravity", 1, "feed", [mixed])).toEqual([]);
  expect(refused("hand", 30, "feed", [mixed])).toEqual([]);
  expect(refused("pump", 30, "feed", [mixed])).toEqual(["petrol-by-brush-motor"]);
  expect(refused("air", 30, "feed", [mixed])).toContain("petrol-by-air");
});

it("petrol is never filtered hot; oil may be", () => {
  expect(refused("gravity", 1, "feed", [mixed], 40)).toContain("petrol-heated");
  expect(refused("gravity", 1, "feed", [], 40)).toEqual([]);
});
