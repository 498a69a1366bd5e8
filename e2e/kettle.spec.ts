import { expect, type Page, test } from "@playwright/test";
import { complaints, NOW, openDemo, openLog } from "./yard";

const later = (hours: number): Date => new Date(NOW.getTime() + hours * 3_600_000);
const at = (page: Page, hours: number): Promise<void> => page.clock.setFixedTime(later(hours));
const aside = (page: Page) => page.getByRole("complementary", { name: "This stage" });

/** Opens the batch at an hour from now on, drawn anew. */
async function openAt(page: Page, hours: number, batch = "batch-9"): Promise<void> {
  await at(page, hours);
  await page.goto(`/kettle?batch=${batch}&demo=1`);
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
}

async function readCaution(page: Page): Promise<void> {
  const read = page.getByRole("button", { name: "I have read it, and am ready" });
  if (await read.isVisible()) await read.click();
}

/** Ends the stage as expected, and waits until the next one stands there. */
async function goOn(page: Page, said: RegExp): Promise<void> {
  await readCaution(page);
  await aside(page).getByRole("button", { name: "As expected" }).click();
  await aside(page)
    .getByRole("button", { name: /^Go on: |^Parted already/ })
    .click();
  await expect(page.getByText(said)).toBeVisible();
}

async function logTest(page: Page, test: string, fields: Readonly<Record<string, string>>): Promise<void> {
  await aside(page).getByLabel("Make a test").selectOption({ label: test });
  const form = page.getByRole("region", { name: "Tests" });
  for (const [label, value] of Object.entries(fields)) await form.getByLabel(label, { exact: true }).fill(value);
  await form.getByRole("button", { name: "Log the test" }).click();
  await expect(page.getByText(new RegExp(`^${test}: .+\\.$`)).last()).toBeVisible();
}

interface Way {
  /** When its mixing is up, hours from now. */
  readonly fromHour: number;
  readonly batch?: string;
  readonly glycerol: string;
  readonly water: string;
}
const NINTH: Way = { fromHour: 1, glycerol: "8.4", water: "21" };

/** Mixed out, settled, split, washed once and dried: as far as its tests. */
async function untilTests(page: Page, { fromHour, batch, glycerol, water }: Way = NINTH): Promise<void> {
  await openAt(page, fromHour, batch);
  await goOn(page, /^Mix is done/);
  await page.getByRole("button", { name: "Stirring off: start the clock" }).click();
  await openAt(page, fromHour + 25, batch);
  await goOn(page, /^Settle is done/);
  await aside(page).getByLabel("Litres let out").fill(glycerol);
  await goOn(page, /^Split is done/);
  await aside(page).getByRole("button", { name: "Washed: log it" }).click();
  await expect(page.getByText(/^Wash 1 is in/)).toBeVisible();
  await expect(aside(page).getByText("Let the water out first.")).toBeVisible();
  await aside(page).getByLabel("Litres let out").fill(water);
  await aside(page).getByLabel("Into").selectOption({ label: "Wash water" });
  await aside(page).getByRole("button", { name: "Water is out: log it" }).click();
  await expect(page.getByText(/^The water is out/)).toBeVisible();
  await goOn(page, /^Wash is done/);
  await goOn(page, /^Dry to bright is done/);
}

async function passTests(page: Page): Promise<void> {
  await logTest(page, "Methanol solubility", { Fuel: "10", "Fell out": "0.1" });
  await logTest(page, "Soap", { "Acid used": "0.5", Sample: "30" });
  await expect(aside(page).getByText("Not known yet")).toBeVisible();
  await logTest(page, "Water", { Before: "100", After: "99.97" });
  // Vinegar in the wash left free acid: its number is asked for besides.
  await logTest(page, "Acid number", { "Titrant, blank off": "0.2", "Fuel in the sample": "1" });
  await expect(aside(page).getByText("Fuel", { exact: true }).first()).toBeVisible();
  await aside(page).getByRole("button", { name: "As expected" }).click();
  await aside(page)
    .getByRole("button", { name: /^It is fuel: / })
    .click();
  await expect(page.getByText(/^Test is done/)).toBeVisible();
}

/** The Log's form for filling the tractor out of the big kettle, filled in and not yet logged. */
async function fillTractor(page: Page): Promise<void> {
  await openLog(page);
  await page.keyboard.press("f");
  const which = (group: string) => page.getByRole("dialog").getByRole("radiogroup", { name: group });
  await which("Which tank")
    .getByRole("radio", { name: /^Tractor/ })
    .click();
  await which("From")
    .getByRole("radio", { name: /^Big kettle/ })
    .click();
  await page.getByRole("dialog").getByLabel("Litres", { exact: true }).fill("6");
}

test("batch 9 from its mixing to fuel in a tank that is burned, refused until it has passed", async ({ page }) => {
  const bad = complaints(page);
  await openDemo(page, "/kettle");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Batch 9, 60 L");
  await expect(aside(page).getByText(/^48 min/)).toBeVisible();
  await test.step("its time is up on every page", async () => {
    await at(page, 1);
    await page.goto("/books?demo=1");
    await expect(page.getByRole("alert").getByText("Batch 9: mix is up. Look at it.")).toBeVisible();
  });
  await test.step("what is not as expected has its word, and nothing goes on unread", async () => {
    await openAt(page, 1);
    await aside(page).getByRole("button", { name: "It is not" }).click();
    await expect(aside(page).getByText(/^A jelly: stop the heat/)).toBeVisible();
    await aside(page).getByRole("button", { name: "Go on: settle" }).click();
    await expect(aside(page).getByText("Read the caution below first.")).toBeVisible();
  });
  await untilTests(page);
  await test.step("before its tests no tank takes it", async () => {
    await fillTractor(page);
    await expect(page.getByRole("dialog").getByText(/has not passed its tests: it is not fuel yet/)).toBeVisible();
    await page.keyboard.press("Escape");
  });
  await test.step("tests inside their marks make fuel of it", () => passTests(page));
  await test.step("a jar of it is kept", async () => {
    await page.getByLabel("It stands").fill("North shelf");
    await page.getByRole("button", { name: "Keep it in the book" }).click();
    await expect(page.getByText(/^“Batch 9”, North shelf/)).toBeVisible();
  });
  await test.step("into the tractor, and burned; the book closes", async () => {
    await fillTractor(page);
    await page.getByRole("button", { name: "Log it" }).click();
    await expect(page.getByText(/^Filled /)).toBeVisible();
    await openLog(page);
    await page.getByRole("button", { name: "Engine hours" }).click();
    await page.getByRole("button", { name: "Log it" }).click();
    await expect(page.getByText(/burned/).first()).toBeVisible();
    await page.goto("/batches?batch=batch-9&demo=1");
    await expect(page.getByText(/% expected, \d+ % seen\./)).toBeVisible();
    await page.goto("/books?demo=1");
    await expect(page.getByText(/closes/).first()).toBeVisible();
  });
  expect(bad).toEqual([]);
});

test("a batch that fails its solubility is reworked, and passes", async ({ page }) => {
  await openDemo(page, "/kettle");
  await untilTests(page);
  await logTest(page, "Methanol solubility", { Fuel: "10", "Fell out": "1.5" });
  await expect(aside(page).getByText("Not fuel", { exact: true })).toBeVisible();
  await expect(aside(page).getByText(/Oil that was not turned. React it again/)).toBeVisible();
  await page.getByRole("link", { name: "React it again: a rework" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Rework Batch 9");
  await page.getByRole("button", { name: "Begin the batch" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^Batch 9, again/);
  await goOn(page, /^Dry is done/);
  await goOn(page, /^Warm is done/);
  await goOn(page, /^Methoxide is done/);
  const again = new URL(page.url()).searchParams.get("batch") ?? "";
  await readCaution(page);
  await page.getByRole("button", { name: "Begin, and start the clock" }).click();
  await expect(aside(page).getByText(/to go/)).toBeVisible();
  await test.step("ended early it asks once more", async () => {
    await aside(page).getByRole("button", { name: "As expected" }).click();
    await aside(page).getByRole("button", { name: "Go on: settle" }).click();
    await expect(aside(page).getByText(/Press again to end it all the same/)).toBeVisible();
  });
  await untilTests(page, { fromHour: 29, batch: again, glycerol: "2.5", water: "21" });
  await passTests(page);
  await page.goto("/batches?demo=1");
  await expect(page.getByRole("link", { name: /^Batch 9, 60 L.*failed, reworked/ })).toBeVisible();
  await expect(page.getByRole("link", { name: /^Batch 9, again.*fuel, \d+ % of its oil/ })).toBeVisible();
});

test("the power goes in mid-reaction: what it has had counts, and it says how to go on", async ({ page }) => {
  await openDemo(page, "/kettle");
  await aside(page).getByRole("button", { name: "It stopped: power, pump or heater" }).click();
  await expect(page.getByText("Stopped. What it has had counts.")).toBeVisible();
  await openAt(page, 1.5);
  await expect(aside(page).getByText(/^It had 72 min and has stood 1 h 30/)).toBeVisible();
  await expect(aside(page).getByText(/Switch the heater off at the wall/)).toBeVisible();
  await expect(aside(page).getByText("It is stopped. Go on with it first.")).toBeVisible();
  await openAt(page, 5);
  await expect(aside(page).getByText(/Glycerol has gone down meanwhile/)).toBeVisible();
  await page.goto("/?demo=1");
  await expect(page.getByText("Batch 9 stands still at mix")).toBeVisible();
  await openAt(page, 5);
  await aside(page).getByRole("button", { name: "It is warm and stirring: go on" }).click();
  await openAt(page, 5.5);
  await expect(aside(page).getByText(/^18 min/)).toBeVisible();
});
