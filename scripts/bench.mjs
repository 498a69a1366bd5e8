// npm run bench [-- --json]: figures, not tests. One core, from nothing.
import { spawnSync } from "node:child_process";
import { mkdirSync } from "node:fs";
import { join } from "node:path";
import { ensureBuild, ensureChromium, ensureInstall, root } from "./lib.mjs";

ensureInstall();
const quiet = process.argv.includes("--json");
if (quiet) console.log = () => undefined;
ensureBuild(quiet);
// Bundled as a build would be: a runner that keeps functions' names slows the hot paths several times over.
const { build } = await import("esbuild");
const outfile = join(root, "node_modules/.cache/bench.mjs");
mkdirSync(join(root, "node_modules/.cache"), { recursive: true });
await build({
  entryPoints: [join(root, "scripts/bench.ts")],
  outfile,
  bundle: true,
  platform: "node",
  format: "esm",
  packages: "external",
  alias: { "@": join(root, "src") },
  define: { "import.meta.dirname": JSON.stringify(join(root, "scripts")) },
  logLevel: "error",
});
process.exitCode =
  spawnSync(process.execPath, ["--expose-gc", outfile, ...process.argv.slice(2)], {
    cwd: root,
    stdio: "inherit",
    env: { ...process.env, CHROMIUM_PATH: ensureChromium() },
  }).status ?? 1;
