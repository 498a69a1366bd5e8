// npm run bench [-- --json]: figures, not tests. One core, from nothing.
import { ensureBuild, ensureInstall, runBundled } from "./lib.mjs";

ensureInstall();
const quiet = process.argv.includes("--json");
if (quiet) console.log = () => undefined;
ensureBuild(quiet);
await runBundled("bench", ["--expose-gc"]);
