import { spawnSync } from "node:child_process";
import { writeFileSync } from "node:fs";
import { CHAPTERS, type Row } from "./truth/rows";

const verdict = ({ answer, within: [least, most], why }: Row): string =>
  answer >= least && answer <= most
    ? `agrees${why === "agrees" ? "" : `: ${why.replace(/^agrees; /, "")}`}`
    : why.startsWith("parts")
      ? why
      : `parts: ${why}`;

const figure = ({ answer, digits, unit }: Row): string =>
  `${new Intl.NumberFormat("en-GB", { maximumFractionDigits: digits, minimumFractionDigits: 0 }).format(answer)} ${unit}`;

const table = (rows: readonly Row[]): string =>
  ["| asked | the craft says | the app answers | |", "| --- | --- | --- | --- |"]
    .concat(rows.map((r) => `| ${r.question} | ${r.craft} | ${figure(r)} | ${verdict(r)} |`))
    .join("\n");

const text = `# The app's answers beside the craft's rules of thumb

Written by \`npm run truth\` from the core: typical figures, before any reading of the owner's own. A rule of thumb is what
people who do it say; where the two part, the last column says why.

${CHAPTERS.map(({ title, rows }) => `## ${title}\n\n${table(rows)}`).join("\n\n")}
`;

writeFileSync("docs/truth.md", text);
spawnSync(process.execPath, ["node_modules/@biomejs/biome/bin/biome", "format", "--write", "docs/truth.md"]);
console.log("docs/truth.md");
