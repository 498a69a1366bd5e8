import { ensureBuild, ensureInstall, portFromEnv, serve } from "./lib.mjs";

const port = await portFromEnv(3000, true);
ensureInstall();
ensureBuild();
await serve(port);
console.log(`\nYour yard: http://127.0.0.1:${port}/   (Ctrl+C stops it)`);
if (port !== 3000) console.log("This is another yard than the one at port 3000: a browser keeps one for each address.");
