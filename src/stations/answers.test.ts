import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, it } from "vitest";

/** Every write is answered, and every answer is shown: a call whose answer goes nowhere hides a refusal. */
it("no screen throws the answer to a write away", () => {
  const root = join(import.meta.dirname, "..");
  const files = ["stations", "desk", "app"].flatMap((folder) =>
    readdirSync(join(root, folder), { recursive: true, encoding: "utf8" })
      .filter((f) => /\.tsx?$/.test(f) && !/\.test\./.test(f))
      .map((f) => join(folder, f)),
  );
  const thrown = files.flatMap((file) => {
    const lines = readFileSync(join(root, file), "utf8").split("\n");
    return lines.flatMap((line, i) => {
      const isCall = /(^\s*|void )(await )?(tell|yard\.write|client\.(append|restore|recover|seed))\(/.test(line);
      // Handed on: to a function or a name on the line before, or to whoever is told what came of it.
      const isHandedOn = !/void /.test(line) && /[(=?:]$/.test(lines[i - 1] ?? "");
      const isUsed = isHandedOn || /\.then\(/.test(line);
      return isCall && !isUsed ? [`${file}:${i + 1} ${line.trim()}`] : [];
    });
  });
  expect(thrown).toEqual([]);
});
