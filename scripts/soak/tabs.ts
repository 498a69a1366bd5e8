import type { Page } from "@playwright/test";
import { eightLitres, restoreYard } from "./eightLitres";
import { entriesSaid, type Finding, keepTapping, type Lab, openShed, pause } from "./lab";

/** Two tabs that write as fast as they can: nothing lost, nothing twice. */
export async function tabsWriting(lab: Lab, ms: number): Promise<Finding> {
  const { context, page: one } = await lab.open();
  const two = await context.newPage();
  const faults: string[] = [];
  let most = 0;
  for (const page of [one, two]) await openShed(page, lab.base);
  const note = (entries: number): void => {
    most = Math.max(most, entries);
  };
  await Promise.all([keepTapping(one, note), keepTapping(two, note)]);
  await pause(ms);
  await Promise.all([one.goto("about:blank"), two.goto("about:blank")]);
  await openShed(one, lab.base);
  const found = await entriesSaid(one);
  if (found < most) faults.push(`${most} acknowledged, ${found} found`);
  await lab.close();
  return {
    name: "Two tabs writing at once",
    figures: `${most} entries acknowledged in ${ms / 1000} s, ${found} found`,
    faults,
  };
}

async function readyToPour(page: Page, base: string): Promise<void> {
  await openShed(page, base);
  await page.keyboard.press("l");
  await page.getByRole("heading", { name: "What just happened?" }).waitFor();
  await page
    .getByRole("dialog")
    .getByRole("button", { name: /^Pour\b/ })
    .first()
    .click();
  const form = page.getByRole("dialog");
  await form.getByRole("button", { name: "Log it" }).waitFor();
}

export async function tabsRacing(lab: Lab, races: number): Promise<Finding> {
  const faults: string[] = [];
  const { context, page: one } = await lab.open();
  const two = await context.newPage();
  let told = 0;
  for (let n = 0; n < races; n++) {
    await restoreYard(one, lab.base, eightLitres());
    for (const page of [one, two]) await readyToPour(page, lab.base);
    const pour = (page: Page): Promise<void> =>
      page
        .getByRole("dialog")
        .getByRole("button", { name: "Log it" })
        .evaluate((b) => (b as HTMLElement).click());
    await Promise.all([pour(one), pour(two)]);
    await pause(600);
    const open = await Promise.all([one, two].map((page) => page.getByRole("dialog").count()));
    if (open.filter((dialogs) => dialogs > 0).length === 1) told += 1;
    else faults.push(`race ${n}: ${open.join(" and ")} forms still open`);
    await openShed(one, lab.base);
    const found = await entriesSaid(one);
    if (found !== 6) faults.push(`race ${n}: ${found} entries instead of 6`);
  }
  await lab.close();
  return {
    name: "Two tabs pouring the same eight litres on one tick",
    figures: `${races} races, ${told} times one was told and one poured`,
    faults,
  };
}
