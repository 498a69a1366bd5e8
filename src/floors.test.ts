import { readdirSync, readFileSync } from "node:fs";
import { dirname, join, relative } from "node:path";
import { describe, expect, it } from "vitest";

/**
 * The floors of the house: a room may import from the rooms listed, and from itself. Rooms on one floor do not import
 * each other. `docs/decisions/0002-floors.md` says why.
 */
const CORE_0 = ["core/units", "core/numerics"];
const CORE_1 = [...CORE_0, "core/fluids", "core/vessels"];
const MODELS = ["settling", "filtration", "pumping", "blending", "kettle", "keeping", "driving", "rounds", "costs"].map(
  (r) => `core/${r}`,
);
const CORE_2 = [...CORE_1, ...MODELS];
const CORE_3 = [...CORE_2, "core/zod", "core/interlocks", "core/ledger"];
const CORE_3B = [...CORE_3, "core/facts"];
const CORE_4 = [...CORE_3B, "core/readings", "core/formats", "core/calculations"];
const CORE_5 = [...CORE_4, "core/advice", "core/clearance", "core/view"];
const DESK = [...CORE_5, "store", "ui", "demo", "workers"];
const STATIONS = [...DESK, "desk"];
const stationRooms = readdirSync(join(import.meta.dirname, "stations"))
  .filter((s) => !s.includes("."))
  .map((s) => `stations/${s}`);

const MAY: Record<string, readonly string[]> = {
  "core/units": [],
  "core/numerics": [],
  "core/zod": [],
  "core/fluids": CORE_0,
  "core/vessels": CORE_0,
  ...Object.fromEntries(MODELS.map((room) => [room, CORE_1])),
  // A way's cost begins with its mix.
  "core/costs": [...CORE_1, "core/blending"],
  // What must not meet what asks the models for flash points and limits, and is asked by every bench.
  "core/interlocks": CORE_2,
  // A vehicle's plumbing, a vessel's shape and the ways of making fuel are named by the models they are reckoned with.
  "core/ledger": [...CORE_1, "core/zod", "core/driving", "core/costs", "core/kettle"],
  // Questions about a vessel and its oil, each answered once: benches, gates and advice ask them.
  "core/facts": CORE_3,
  "core/readings": CORE_3B,
  "core/formats": CORE_3B,
  "core/calculations": CORE_3B,
  // What is read of the yard comes first; rules and gates read it, and a view is readings with their advice.
  "core/advice": [...CORE_3B, "core/readings"],
  "core/clearance": [...CORE_3B, "core/readings"],
  "core/view": [...CORE_3B, "core/readings", "core/advice"],
  store: CORE_5,
  workers: CORE_5,
  ui: CORE_5,
  demo: CORE_5,
  desk: DESK,
  ...Object.fromEntries(stationRooms.map((s) => [s, STATIONS])),
  app: [...STATIONS, ...stationRooms],
  sw: [],
};

const src = import.meta.dirname;
const files = readdirSync(src, { recursive: true })
  .map(String)
  .filter((f) => /\.tsx?$/.test(f) && !/\.test\.tsx?$/.test(f) && f !== "proxy.ts");

const roomOf = (path: string): string => {
  const [first = "", second = ""] = path.split("/");
  return first === "core" || first === "stations" ? `${first}/${second.replace(/\.ts$/, "")}` : first;
};

function importsOf(file: string): string[] {
  const text = readFileSync(join(src, file), "utf8");
  const found = text.matchAll(/(?:from|import)\s*\(?\s*["']((?:@\/|\.{1,2}\/)[^"']+)["']/g);
  return [...found].map(([, to = ""]) =>
    to.startsWith("@/") ? to.slice(2) : relative(src, join(src, dirname(file), to)),
  );
}

/** What a file imports that its room may not; styles and fonts are nobody's room. */
function trespasses(file: string, imports: readonly string[]): string[] {
  const room = roomOf(file);
  const may = MAY[room];
  if (!may) return [`${file} lies in no room of the house`];
  return imports
    .filter((to) => !to.endsWith(".css") && !to.includes("node_modules"))
    .map(roomOf)
    .filter((to) => to !== room && !may.includes(to))
    .map((to) => `${file} imports ${to}`);
}

describe("floors", () => {
  it("finds the house", () => expect(files.length).toBeGreaterThan(100));
  it("no room reaches up or across", () =>
    expect(files.flatMap((file) => trespasses(file, importsOf(file)))).toEqual([]));
  it("would catch a trespass", () => {
    expect(trespasses("core/fluids/x.ts", ["core/ledger/index"])).toHaveLength(1);
    expect(trespasses("ui/x.tsx", ["store"])).toHaveLength(1);
    expect(trespasses("stations/settle/x.tsx", ["stations/filter/y"])).toHaveLength(1);
    expect(trespasses("garage/x.ts", [])).toHaveLength(1);
  });
});
