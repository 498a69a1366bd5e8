// npm run soak: really kills, fills, damages and races, for some minutes; writes the figures to docs/reliability.md.
import { ensureBuild, ensureInstall, runBundled } from "./lib.mjs";

ensureInstall();
ensureBuild();
await runBundled("soak");
