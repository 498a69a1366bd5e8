// npm run mutate -- src/core/FOLDER: changes the code a little, many times over, and says what no test noticed.
import { mkdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { bin, ensureInstall, root, run } from "./lib.mjs";

ensureInstall();
const [folder] = process.argv.slice(2);
if (!folder?.startsWith("src/core/")) {
  console.error("Usage: npm run mutate -- src/core/FOLDER (or a file in it)");
  process.exit(2);
}
const cache = join(root, "node_modules/.cache/mutate");
mkdirSync(cache, { recursive: true });
const config = join(cache, "config.json");
const files = /\.ts$/.test(folder) ? [folder] : [`${folder}/**/*.ts`];
writeFileSync(
  config,
  JSON.stringify({
    mutate: [...files, "!src/**/*.test.ts", "!src/**/*testing.ts"],
    testRunner: "vitest",
    plugins: ["@stryker-mutator/vitest-runner"],
    vitest: { configFile: "vitest.config.ts", related: true, dir: "src/core" },
    // Words, and what is only declared, are no figures: a changed word is not a wrong litre.
    mutator: { excludedMutations: ["StringLiteral", "ObjectLiteral", "ArrayDeclaration"] },
    reporters: ["clear-text", "progress-append-only"],
    clearTextReporter: { allowColor: false, reportTests: false, allowEmojis: false },
    coverageAnalysis: "perTest",
    concurrency: 2,
    timeoutMS: 60_000,
    tempDirName: ".mutate",
    ignoreStatic: true,
    disableTypeChecks: false,
    // Its rewriting of paths asks an older TypeScript; in its sandbox the paths are right as they are.
    tsconfigFile: "none.json",
  }),
);
process.exitCode = run(...bin("@stryker-mutator/core/bin/stryker.js", "run", config));
