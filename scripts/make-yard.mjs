// npm run make-yard -- --entries N --seed S --out FILE: a realistic yard in the export format.
import { ensureInstall, runScript } from "./lib.mjs";

ensureInstall();
runScript("scripts/make-yard.ts");
