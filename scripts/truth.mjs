// npm run truth: docs/truth.md, the app's answers beside the craft's rules of thumb, worked out by the core itself.
import { ensureInstall, runScript } from "./lib.mjs";

ensureInstall();
runScript("scripts/truth.ts");
