import type { Page } from "@playwright/test";
import { rememberWorkers } from "../../e2e/tricks";
import { entriesSaid, exported, type Finding, keepTapping, type Lab, openShed, pause } from "./lab";

const tap = (page: Page): Promise<void> =>
  page
    .getByRole("radiogroup", { name: "Gloves" })
    .locator('[role="radio"][aria-checked="false"]')
    .evaluate((radio) => (radio as HTMLElement).click());

const said = (page: Page, text: RegExp): Promise<boolean> =>
  page
    .getByText(text)
    .first()
    .waitFor({ timeout: 20_000 })
    .then(
      () => true,
      () => false,
    );

/** No room by the browser's own bound, on each way of writing. */
export async function quota(lab: Lab): Promise<Finding> {
  const faults: string[] = [];
  const { context, page } = await lab.open();
  await openShed(page, lab.base);
  for (let n = 0; n < 3; n++) {
    await tap(page);
    await pause(300);
  }
  const file = await exported(page, lab.base);
  const cdp = await context.newCDPSession(page);
  const tried: string[] = [];
  // Less than all of it: what was kept for this moment is no room either.
  const full = (): Promise<unknown> => cdp.send("Storage.overrideQuotaForOrigin", { origin: lab.base, quotaSize: 1 });
  const check = async (way: string, text: RegExp): Promise<void> => {
    tried.push(way);
    if (!(await said(page, text))) faults.push(`${way}: the refusal was not said`);
  };
  await full();
  await openShed(page, lab.base);
  await tap(page);
  await check("a mark", /^Not logged\./);
  await page.getByRole("button", { name: "Add a container" }).click();
  await page.getByRole("dialog").getByLabel("Name").fill("Blue drum");
  await page.getByRole("dialog").getByRole("button", { name: "Log it" }).click();
  await check("a form of the Log", /no room left on this disk.*Nothing was changed/);
  await page.goto(`${lab.base}/books`);
  await page
    .getByLabel("Restore from a file")
    .setInputFiles({ name: "y.json", mimeType: "application/json", buffer: Buffer.from(file) });
  await page.getByRole("button", { name: "Replace this yard" }).click();
  await check("a restore", /no room left on this disk.*Nothing was changed/);
  // Anew, so that what is said next is said of the undo.
  await page.reload();
  await page.getByRole("heading", { level: 1, name: "Books" }).waitFor();
  await page.keyboard.press("u");
  await check("an undo", /no room left on this disk.*Nothing was changed|Nothing of this tab/);
  await cdp.send("Storage.overrideQuotaForOrigin", { origin: lab.base });
  await openShed(page, lab.base);
  const found = await entriesSaid(page);
  if (found !== 3) faults.push(`3 entries before, ${found} after`);
  await lab.close();
  return {
    name: "No room left by the browser's own bound",
    figures: `refused with a word: ${tried.join(", ")}; nothing was changed`,
    faults,
  };
}

/** A clock that jumps about while one writes: every entry stays in sight. */
export async function clocks(lab: Lab): Promise<Finding> {
  const faults: string[] = [];
  const { page } = await lab.open();
  const start = Date.UTC(2026, 10, 24, 13, 32);
  const day = 86_400_000;
  let written = 0;
  for (const jump of [0, -3 * day, 365 * day, -3 * day, 0, -400 * day, 2 * day]) {
    await page.clock.setFixedTime(new Date(start + jump));
    await openShed(page, lab.base);
    if (written > 0 && (await entriesSaid(page)) !== written)
      faults.push(`at ${jump / day} days not all entries are shown`);
    const gloves = (): Promise<string | null> =>
      page.getByRole("radiogroup", { name: "Gloves" }).locator('[aria-checked="true"]').textContent();
    const before = await gloves();
    await tap(page);
    written += 1;
    await pause(400);
    // What was written last decides, whatever the clock said.
    if ((await gloves()) === before) faults.push(`at ${jump / day} days the last word did not count`);
  }
  await lab.close();
  return {
    name: "Clock moved by days and years while writing",
    figures: `${written} entries under 7 clocks, all shown, the last written always counting`,
    faults,
  };
}

/** The yard's worker killed in the middle of writing. */
export async function workers(lab: Lab, kills: number): Promise<Finding> {
  const faults: string[] = [];
  const { context, page } = await lab.open();
  await rememberWorkers(context);
  let acknowledged = 0;
  for (let n = 0; n < kills; n++) {
    await openShed(page, lab.base);
    const before = await entriesSaid(page);
    if (before < acknowledged) faults.push(`${acknowledged} acknowledged, ${before} found`);
    await keepTapping(page, (entries) => {
      acknowledged = Math.max(acknowledged, entries);
    });
    await pause(250 + 37 * n);
    const then = acknowledged;
    await page.evaluate(() => (window as unknown as { born: Worker[] }).born.at(-1)?.terminate());
    // The tap under way is answered by the worker after it, so the tapping goes on by itself.
    for (let i = 0; i < 200 && acknowledged <= then + 1; i++) await pause(50);
    if (acknowledged <= then + 1) faults.push(`kill ${n}: nothing was written after it`);
  }
  await lab.close();
  return {
    name: "The yard's worker killed in the middle of a write",
    figures: `${kills} kills, ${acknowledged} entries acknowledged, writing went on by itself each time`,
    faults,
  };
}
