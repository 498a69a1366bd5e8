// npm run bench [-- --json]: figures, not tests. One core, from nothing.

import { spawnSync } from "node:child_process";
import { bin, ensureBuild, ensureInstall, root } from "./lib.mjs";

ensureInstall();
const quiet = process.argv.includes("--json");
if (quiet) console.log = () => undefined;
ensureBuild(quiet);
const [cmd, args] = bin(
  "tsx/dist/cli.mjs",
  "--tsconfig",
  "tsconfig.json",
  "scripts/bench.ts",
  ...process.argv.slice(2),
);
process.exitCode = spawnSync(cmd, args, { cwd: root, stdio: "inherit" }).status ?? 1;
