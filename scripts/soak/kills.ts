import type { Page } from "@playwright/test";
import { readYardFile, writeYardFile } from "@/core/formats";
import { bigYard } from "@/demo";
import { entriesSaid, exported, type Finding, keepTapping, type Lab, openShed, pause } from "./lab";

const END = Date.UTC(2026, 10, 24, 12);

/** Kills the browser in the middle of writing, again and again: every entry that was acknowledged must be there. */
export async function killedMidWrite(lab: Lab, kills: number, chance: () => number): Promise<Finding> {
  const faults: string[] = [];
  let acknowledged = 0;
  let ahead = 0;
  for (let n = 0; n < kills; n++) {
    const { page } = await lab.open();
    await openShed(page, lab.base);
    const found = await entriesSaid(page);
    if (found < acknowledged) faults.push(`kill ${n}: ${acknowledged} acknowledged, ${found} found`);
    if (found > acknowledged + 1) faults.push(`kill ${n}: ${found} found, ${acknowledged} acknowledged`);
    if (found > acknowledged) ahead += 1;
    acknowledged = Math.max(acknowledged, found);
    await keepTapping(page, (entries) => {
      acknowledged = Math.max(acknowledged, entries);
    });
    await pause(80 + chance() * 700);
    lab.kill();
    await pause(50);
  }
  await lab.close();
  const figures = `${kills} kills, ${acknowledged} entries acknowledged, none may be missing; ${ahead} times the act under way was there too, whole`;
  return { name: "Browser killed in the middle of a write", figures, faults };
}

/** Kills it in the middle of a restore: the one yard or the other must stand, to the byte. */
export async function killedMidRestore(lab: Lab, kills: number, chance: () => number): Promise<Finding> {
  const faults: string[] = [];
  const at = new Date(END).toISOString();
  const files = [1200, 2000].map((entries) => writeYardFile(bigYard(entries, entries, END), at));
  const sizes = files.map((text) => (JSON.parse(text) as { count: number }).count);
  let replaced = 0;
  let before = 0;
  for (let n = 0; n < kills; n++) {
    const { page } = await lab.open();
    await openShed(page, lab.base);
    const found = await entriesSaid(page);
    if (n > 0 && !sizes.includes(found) && found !== 0) faults.push(`kill ${n}: ${found} entries, of no yard`);
    if (found !== before) replaced += 1;
    before = found;
    if (n > 0 && n % 5 === 0) await isWhole(page, lab, files, faults);
    await page.goto(`${lab.base}/books`);
    await page
      .getByLabel("Restore from a file")
      .setInputFiles({ name: "y.json", mimeType: "application/json", buffer: Buffer.from(files[n % 2] ?? "") });
    const button = page.getByRole("button", { name: "Replace this yard" });
    await button.waitFor();
    await button.evaluate((b) => (b as HTMLElement).click());
    await pause(chance() * 1600);
    lab.kill();
    await pause(50);
  }
  await lab.close();
  return {
    name: "Browser killed in the middle of a restore",
    figures: `${kills} kills; ${replaced} times the new yard stood, otherwise the old one, never a part of either`,
    faults,
  };
}

async function isWhole(page: Page, lab: Lab, files: readonly string[], faults: string[]): Promise<void> {
  const read = readYardFile(await exported(page, lab.base));
  const linesOf = (text: string): string => {
    const file = readYardFile(text);
    return file.ok
      ? file.value.lines
          .map((l) => l.text)
          .sort()
          .join("\n")
      : "";
  };
  const own = read.ok
    ? read.value.lines
        .map((l) => l.text)
        .sort()
        .join("\n")
    : "unreadable";
  if (!files.some((file) => linesOf(file) === own))
    faults.push("what is exported after a kill is neither yard to the byte");
}
