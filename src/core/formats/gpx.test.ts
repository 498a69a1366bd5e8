import { readFileSync } from "node:fs";
import { join } from "node:path";
import fc from "fast-check";
import { XMLParser } from "fast-xml-parser";
import { describe, expect, it } from "vitest";
import { validateXML } from "xmllint-wasm";
import { type Route, writeGpx } from ".";

const schema = readFileSync(join(import.meta.dirname, "schemas/gpx-1.1.xsd"), "utf8");

const validate = async (xml: string) =>
  validateXML({ xml: [{ fileName: "round.gpx", contents: xml }], schema: [{ fileName: "gpx.xsd", contents: schema }] });

const route: Route = {
  name: "Round of Tuesday 24 November",
  writtenAt: "2026-11-24T13:32:00.000Z",
  points: [
    { name: "Kittiwake yard", note: "", latitude: 57.3, longitude: -22.4 },
    {
      name: "Gannet & sons <hostel>",
      note: "about 40 L, Mon to Fri 09:00 to 14:00",
      latitude: 57.31,
      longitude: -22.39,
    },
    { name: "Kittiwake yard", note: "", latitude: 57.3, longitude: -22.4 },
  ],
};

const point = fc.record({
  name: fc.string({ unit: "binary", maxLength: 60 }),
  note: fc.string({ unit: "grapheme", maxLength: 60 }),
  latitude: fc.double({ min: -90, max: 90, noNaN: true }),
  longitude: fc.oneof(fc.constantFrom(180, 179.99999999), fc.double({ min: -180, max: 180, noNaN: true })),
});

describe("a round as GPX", () => {
  it("is valid GPX 1.1 by its public schema", async () => {
    expect(await validate(writeGpx(route))).toMatchObject({ valid: true });
  });
  it("is a check that can fail", async () => {
    const broken = writeGpx(route).replace('lat="57.3100000"', 'lat="97.3"');
    expect(await validate(broken)).toMatchObject({ valid: false });
  });
  it("is valid whatever a source is called", async () => {
    const routes = fc.sample(fc.array(point, { minLength: 1, maxLength: 12 }), 60);
    const results = await Promise.all(routes.map((points) => validate(writeGpx({ ...route, points }))));
    expect(results.flatMap((r) => r.errors)).toEqual([]);
  });
  it("reads back as it was: every stop in order, home and back once as a waypoint", () => {
    const read = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: "@" }).parse(writeGpx(route));
    expect(read.gpx.rte.rtept.map((p: { name: string }) => p.name)).toEqual(route.points.map((p) => p.name));
    expect(read.gpx.wpt).toHaveLength(2);
    expect(Number(read.gpx.rte.rtept[1]["@lat"])).toBe(57.31);
    expect(read.gpx.rte.rtept[1].desc).toBe("about 40 L, Mon to Fri 09:00 to 14:00");
  });
});
