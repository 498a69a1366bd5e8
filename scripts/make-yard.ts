import { writeFileSync } from "node:fs";
import { parseArgs } from "node:util";
import { writeYardFile } from "@/core/formats";
import { bigYard } from "@/demo";

const { values } = parseArgs({
  options: { entries: { type: "string" }, seed: { type: "string" }, out: { type: "string" }, end: { type: "string" } },
});
const entries = Number(values.entries ?? "1000");
const seed = Number(values.seed ?? "1");
const endMs = values.end ? Date.parse(values.end) : Date.UTC(2026, 10, 24, 12);
if (
  !Number.isInteger(entries) ||
  entries < 100 ||
  entries > 1_000_000 ||
  !Number.isInteger(seed) ||
  !Number.isFinite(endMs)
) {
  console.error("Usage: npm run make-yard -- --entries 100…1000000 --seed WHOLE --out FILE [--end ISO-TIME]");
  process.exit(2);
}
const out = values.out ?? `yard-${entries}-${seed}.json`;
writeFileSync(out, writeYardFile(bigYard(entries, seed, endMs), new Date(endMs).toISOString()));
console.log(`${out}: ${entries} entries, seed ${seed}`);
