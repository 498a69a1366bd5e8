import { XMLBuilder } from "fast-xml-parser";

export interface Waypoint {
  readonly name: string;
  readonly note: string;
  readonly latitude: number;
  readonly longitude: number;
}

export interface Route {
  readonly name: string;
  readonly writtenAt: string;
  /** From the start to the end, both among them. */
  readonly points: readonly Waypoint[];
}

const builder = new XMLBuilder({ ignoreAttributes: false, attributeNamePrefix: "@", format: true });

/** XML has no way to write what is not one of these, not even escaped. */
const UNWRITABLE = /[^\t\n\r\u{20}-\u{d7ff}\u{e000}-\u{fffd}\u{10000}-\u{10ffff}]/gu;
const text = (words: string): string => words.replace(UNWRITABLE, "");

/** A ten-millionth of a degree is a centimetre. The date line is written as its western side. */
const degrees = (value: number): string => value.toFixed(7).replace(/^180\.0*$/, "-180.0000000");

/**
 * A round as a GPX 1.1 route, for any navigator: the points as waypoints once, and the route through them in order.
 * Source: the GPX 1.1 schema, which `gpx.test.ts` holds it to.
 */
export function writeGpx({ name, writtenAt, points }: Route): string {
  const point = (p: Waypoint) => ({
    "@lat": degrees(p.latitude),
    "@lon": degrees(p.longitude),
    name: text(p.name),
    ...(p.note && { desc: text(p.note) }),
  });
  const places = new Map(points.map((p) => [`${p.latitude} ${p.longitude} ${p.name}`, p]));
  return builder.build({
    "?xml": { "@version": "1.0", "@encoding": "UTF-8" },
    gpx: {
      "@version": "1.1",
      "@creator": "Brisk Barrel",
      "@xmlns": "http://www.topografix.com/GPX/1/1",
      metadata: { name: text(name), time: writtenAt },
      wpt: [...places.values()].map(point),
      rte: { name: text(name), rtept: points.map(point) },
    },
  });
}
