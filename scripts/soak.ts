import { spawnSync } from "node:child_process";
import { writeFileSync } from "node:fs";
import { cpus } from "node:os";
import { join } from "node:path";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { serveApp } from "./bench/server";
import { damagedFiles } from "./soak/damage";
import { everyDoor } from "./soak/doors";
import { fullDisk } from "./soak/fullDisk";
import { keptFull } from "./soak/keptFull";
import { killedMidRestore, killedMidWrite } from "./soak/kills";
import { type Finding, newLab } from "./soak/lab";
import { heavyBesideLight } from "./soak/server";
import { clocks, quota, workers } from "./soak/surroundings";
import { tabsRacing, tabsWriting } from "./soak/tabs";

const root = join(import.meta.dirname, "..");
const random = xoroshiro128plus(11);
const chance = (): number => (random.next() >>> 0) / 2 ** 32;

const { server, port } = await serveApp(root);
const base = `http://127.0.0.1:${port}`;
const trials: readonly (() => Promise<Finding>)[] = [
  async () => damagedFiles(1000, chance),
  async () => everyDoor(100_000),
  () => heavyBesideLight(base),
  () => fullDisk(base),
  () => keptFull(base),
  () => quota(newLab(base)),
  () => clocks(newLab(base)),
  () => workers(newLab(base), 8),
  () => tabsWriting(newLab(base), 6000),
  () => tabsRacing(newLab(base), 8),
  () => killedMidWrite(newLab(base), 40, chance),
  () => killedMidRestore(newLab(base), 20, chance),
];
const only = process.argv[2];
const findings: Finding[] = [];
for (const trial of trials) {
  if (only !== undefined && !String(trial).includes(only)) continue;
  const began = Date.now();
  const found = await trial();
  findings.push(found);
  console.log(
    `${found.faults.length === 0 ? "ok  " : "FAIL"} ${found.name}: ${found.figures} (${Math.round((Date.now() - began) / 1000)} s)`,
  );
  for (const fault of found.faults) console.log(`       ${fault}`);
}
server.kill();

if (only === undefined) {
  const rows = findings.map(
    (f) => `| ${f.name} | ${f.figures} | ${f.faults.length === 0 ? "nothing lost" : f.faults.join("; ")} |`,
  );
  const report = join(root, "docs/reliability.md");
  writeFileSync(
    report,
    [
      "# What the book survives",
      "",
      "Written by `npm run soak`, which really does it, in a browser of its own. A short form of each is in `npm test`.",
      "",
      `Last run on ${new Date().toISOString().slice(0, 10)}, Node ${process.version}, ${cpus()[0]?.model ?? "unknown processor"}.`,
      "",
      "| what was done | how often | what came of it |",
      "| --- | --- | --- |",
      ...rows,
      "",
      "## What cannot be promised",
      "",
      "A browser keeps books of its own about what it keeps for a page. On a disk that is full to the last byte, with something that goes on filling it, it may find them broken when it is next started, and throw away all it kept for this address: database, second copy and the note of what was seen last, whether it had promised to keep them or not. No page can prevent that or hear of it. The tab that stays open still holds the whole yard: it says so, offers a copy for another disk, asks before it is left, and makes both copies anew by itself as soon as there is room. Where less than 16 MB is left the page says so beforehand. Against the rest only a copy on another disk helps: a folder that is filled by itself, or a file.",
      "",
      "What was acknowledged is on the disk as far as the browser says so. A disk that acknowledges and does not write, and a power cut then, is not tried here.",
      "",
    ].join("\n"),
  );
  spawnSync(process.execPath, [join(root, "node_modules/@biomejs/biome/bin/biome"), "format", "--write", report]);
}
process.exitCode = findings.some((f) => f.faults.length > 0) ? 1 : 0;
