// npm run make-yard -- --entries N --seed S --out FILE: a realistic yard in the export format.

import { spawnSync } from "node:child_process";
import { bin, ensureInstall, root } from "./lib.mjs";

ensureInstall();
const [cmd, args] = bin(
  "tsx/dist/cli.mjs",
  "--tsconfig",
  "tsconfig.json",
  "scripts/make-yard.ts",
  ...process.argv.slice(2),
);
process.exitCode = spawnSync(cmd, args, { cwd: root, stdio: "inherit" }).status ?? 1;
