import { ensureBuild, ensureInstall, portFromEnv, serve } from "./lib.mjs";

ensureInstall();
ensureBuild();
const port = await portFromEnv(3000);
await serve(port);
console.log(`\nYour yard: http://127.0.0.1:${port}/   (Ctrl+C stops it)`);
