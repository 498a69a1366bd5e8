import { expect, type Page, test } from "@playwright/test";
import { PNG } from "pngjs";
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
  await expect(aside(page).getByRole("button", { name: "As expected" })).toBeVisible();
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
  await expect(page.getByText("The clock runs.")).toBeVisible();
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
  await test.step("a jar of it is kept, with its photo", async () => {
    const png = new PNG({ width: 40, height: 40 });
    png.data.fill(190);
    const picture = { name: "jar.png", mimeType: "image/png", buffer: PNG.sync.write(png) };
    await page.getByLabel("Photo of the jar").setInputFiles(picture);
    await expect(page.getByRole("img", { name: "Batch 9 at this stage" })).toBeVisible();
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

test("written down late: a stage dated to when it was, and taken back", async ({ page }) => {
  await openDemo(page, "/kettle");
  await readCaution(page);
  await aside(page).getByRole("button", { name: "Earlier" }).click();
  await aside(page).getByRole("button", { name: "An hour earlier" }).click();
  await aside(page).getByRole("button", { name: "As expected" }).click();
  await aside(page).getByRole("button", { name: "Go on: settle" }).click();
  // The recipe gives it 48 minutes more.
  await aside(page).getByRole("button", { name: "Go on: settle" }).click();
  await expect(page.getByText(/^Mix is done/)).toBeVisible();
  await expect(aside(page).getByRole("heading", { level: 2 })).toContainText("Settle");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText(/^Undone: /)).toBeVisible();
  await expect(aside(page).getByRole("heading", { level: 2 })).toContainText("Mix");
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
  await expect(page.getByText("The clock runs.")).toBeVisible();
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
  await expect(page.getByText("It goes on.")).toBeVisible();
  await openAt(page, 5.5);
  await expect(aside(page).getByText(/^18 min/)).toBeVisible();
});

test.describe("by thumb, from nothing, in gallons and °F", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const press = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true }).last().tap();
  const dialog = (page: Page) => page.getByRole("dialog");
  const logIt = async (page: Page, said: RegExp): Promise<void> => {
    await dialog(page).getByRole("button", { name: "Log it" }).tap();
    await expect(page.getByText(said).last()).toBeVisible();
    await expect(dialog(page)).toHaveCount(0);
  };

  test("a kettle is added, walked down, its oil titrated, lye and methanol bought, and a batch is weighed in", async ({
    page,
  }) => {
    const bad = complaints(page);
    await page.clock.setFixedTime(NOW);
    await page.goto("/shed");
    await page.getByRole("radio", { name: "US gallons" }).tap();
    await page.getByRole("radio", { name: "°F" }).tap();
    await page.goto("/kettle");
    await expect(page.getByText("No kettle stands here.")).toBeVisible();
    await test.step("a kettle, what it is made of, and oil in it", async () => {
      await press(page, "Add a kettle");
      await dialog(page).getByLabel("Its name").fill("Pot");
      await dialog(page).getByLabel("Made of, or its worst fitting").selectOption({ label: "Stainless steel" });
      await dialog(page)
        .getByRole("radio", { name: /^Closed/ })
        .tap();
      await logIt(page, /^Pot stands in the yard/);
      await page.getByRole("button", { name: /^Log/ }).first().tap();
      await page.getByRole("button", { name: "Buy", exact: true }).tap();
      await dialog(page).getByRole("radio", { name: "Canola" }).tap();
      await dialog(page).getByRole("radio", { name: /^Pot/ }).tap();
      await dialog(page).getByLabel("Gallons", { exact: true }).fill("8");
      await logIt(page, /^Bought /);
    });
    await test.step("titrated", async () => {
      await page.goto("/titrate");
      for (const [i, ml] of ["1.5", "1.6", "1.5"].entries()) await page.getByLabel(`Try ${i + 1}`).fill(ml);
      await expect(page.getByText(/Straight to the lye/)).toBeVisible();
      await press(page, "Log the titration");
      await expect(page.getByText(/^Pot holds 0.8 % free acid/)).toBeVisible();
    });
    await test.step("chemicals, each in its own", async () => {
      await page.goto("/chemicals");
      for (const name of ["Methanol can", "Potash jar"]) {
        await press(page, "Add a pack or can");
        await dialog(page).getByLabel("Its name").fill(name);
        await dialog(page).getByLabel("Gallons it holds, to the rim").fill("6");
        await logIt(page, new RegExp(`^${name} stands`));
      }
      await press(page, "Buy chemicals");
      await dialog(page)
        .getByRole("radio", { name: /^Methanol can/ })
        .tap();
      await dialog(page).getByLabel("Gallons", { exact: true }).fill("5");
      await dialog(page).getByLabel("Purity by its label").fill("99");
      await logIt(page, /methanol into Methanol can/);
      await press(page, "Buy chemicals");
      await dialog(page)
        .getByRole("radio", { name: /^Caustic potash/ })
        .tap();
      await dialog(page)
        .getByRole("radio", { name: /^Potash jar/ })
        .tap();
      await dialog(page).getByLabel("Weight").fill("2 kg");
      await logIt(page, /into Potash jar/);
      await expect(page.getByText(/99\.0 % by what is in it/)).toBeVisible();
    });
    await test.step("planned: grams of lye for this oil", async () => {
      await page.goto("/batch");
      await expect(page.locator("[data-lye]")).toHaveText(/^2\d\d g$/);
      await page.getByLabel("Gallons of oil").fill("7");
      await press(page, "Begin the batch");
      await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^Batch 1, 7/);
    });
    await test.step("no lye before the kettle was looked over", async () => {
      await goOn(page, /^Dry is done/);
      await goOn(page, /^Warm is done/);
      await expect(page.getByText(/Nobody has looked Pot over/).first()).toBeVisible();
      await expect(aside(page).getByRole("button", { name: "Go on: mix" })).toBeDisabled();
      await page.goto("/walkdown");
      await expect(page.getByRole("button", { name: "Yes" })).toHaveCount(9);
      for (const yes of await page.getByRole("button", { name: "Yes" }).all()) await yes.tap();
      await press(page, "Keep it with the kettle");
      await expect(page.getByText("Pot is looked over.")).toBeVisible();
      await page.goto("/kettle");
      await goOn(page, /^Methoxide is done/);
      await expect(
        aside(page)
          .getByText(/of methanol|Weighed in: methanol/)
          .first(),
      ).toBeVisible();
      await expect(aside(page).getByText(/°F/).first()).toBeVisible();
    });
    const width = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(width).toBeLessThanOrEqual(390);
    expect(bad).toEqual([]);
  });
});

test("sour oil: an acid stage first, titrated again, and the lye follows", async ({ page }) => {
  const bad = complaints(page);
  const dialog = page.getByRole("dialog");
  const logIt = async (said: RegExp): Promise<void> => {
    await dialog.getByRole("button", { name: "Log it" }).click();
    await expect(page.getByText(said).last()).toBeVisible();
  };
  await openDemo(page, "/walkdown?vessel=kettle-12");
  await test.step("the old kettle is closed, walked down, and has acid to hand", async () => {
    await page.getByRole("button", { name: "Its material, lid and heater" }).click();
    await dialog.getByLabel("Made of, or its worst fitting").selectOption({ label: "Stainless steel" });
    await dialog.getByRole("radio", { name: /^Closed/ }).click();
    await logIt(/^Kettle 12 is changed/);
    await expect(page.getByText(/stainless steel, closed/)).toBeVisible();
    for (const yes of await page.getByRole("button", { name: "Yes" }).all()) await yes.click();
    await page.getByRole("button", { name: "Keep it with the kettle" }).click();
    await expect(page.getByText("Kettle 12 is looked over.")).toBeVisible();
    await page.goto("/chemicals?demo=1");
    await page.getByRole("button", { name: "Add a pack or can" }).click();
    await dialog.getByLabel("Its name").fill("Acid bottle");
    await logIt(/^Acid bottle stands/);
    await page.getByRole("button", { name: "Buy chemicals" }).click();
    await dialog.getByRole("radio", { name: "Sulfuric acid" }).click();
    await dialog.getByRole("radio", { name: /^Acid bottle/ }).click();
    await dialog.getByLabel("Litres", { exact: true }).fill("0.5");
    await logIt(/into Acid bottle/);
  });
  await test.step("over the mark, it goes the long way", async () => {
    await page.goto("/titrate?vessel=kettle-12&demo=1");
    for (const [i, ml] of ["13", "13.2", "13.1"].entries()) await page.getByLabel(`Try ${i + 1}`).fill(ml);
    await expect(page.getByText(/with lye alone it turns to soap/)).toBeVisible();
    await page.getByRole("button", { name: "Log the titration" }).click();
    await expect(page.getByText(/^Kettle 12 holds 6\.\d % free acid/)).toBeVisible();
    await page.goto("/batch?vessel=kettle-12&demo=1");
    await expect(page.getByRole("radio", { name: /^Acid stage first/ })).toBeChecked();
    await expect(page.getByText(/mL sulfuric acid/)).toBeVisible();
    await page.getByRole("button", { name: "Begin the batch" }).click();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^Batch 10, /);
  });
  const id = new URL(page.url()).searchParams.get("batch") ?? "";
  await test.step("acid into the liquid, an hour, a stand, and the watery layer out", async () => {
    await goOn(page, /^Dry is done/);
    await goOn(page, /^Warm is done/);
    await page.getByRole("button", { name: "I have read it, and am ready" }).click();
    await aside(page).getByRole("button", { name: "Weighed in: log it" }).click();
    await expect(page.getByText(/^Methanol and acid are in Kettle 12/)).toBeVisible();
    await page.getByRole("button", { name: "Begin, and start the clock" }).click();
    await expect(page.getByText("The clock runs.")).toBeVisible();
    await openAt(page, 1.1, id);
    await goOn(page, /^Acid stage is done/);
    await page.getByRole("button", { name: "Stirring off: start the clock" }).click();
    await expect(page.getByText("The clock runs.").last()).toBeVisible();
    await openAt(page, 6, id);
    await goOn(page, /^Let it stand is done/);
    await aside(page).getByLabel("Litres let out").fill("3");
    await goOn(page, /^Let acid water out is done/);
  });
  await test.step("titrated again, what it says is what is weighed for", async () => {
    await expect(aside(page).getByText("Titrate it below first, or say why you go on without.")).toBeVisible();
    await aside(page).getByLabel("Try 1").fill("1.6");
    await aside(page).getByRole("button", { name: "Log the titration" }).click();
    await expect(page.getByText(/^Kettle 12 holds 0.8 % free acid/)).toBeVisible();
    await goOn(page, /^Titrate again is done/);
    await expect(aside(page).getByText(/^1\d\d g KOH/)).toBeVisible();
    await goOn(page, /^Methoxide is done/);
  });
  expect(bad).toEqual([]);
});
