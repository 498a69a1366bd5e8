import { expect, type Page, test } from "@playwright/test";
import { complaints, litresIn, NOW, openDemo, openLog } from "./yard";

const dialog = (page: Page) => page.getByRole("dialog");
const at = (page: Page, iso: string): Promise<void> => page.clock.setFixedTime(new Date(iso));
const later = (hours: number): Date => new Date(NOW.getTime() + hours * 3_600_000);
const ALL_THE_SAME = "It has happened: log it all the same";
const isOver = (page: Page) => page.getByText(/is over your limit at/);

/** Buys into a container by the Log. */
async function buy(page: Page, what: string, into: RegExp, litres: string): Promise<void> {
  await openLog(page);
  await page.keyboard.press("b");
  await page.getByRole("radio", { name: what, exact: true }).click();
  await dialog(page).getByRole("radio", { name: into }).click();
  await page.getByLabel("Litres", { exact: true }).fill(litres);
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText(/^Bought /)).toBeVisible();
}

/** The Log's form for filling a tank out of the mixing can, filled in and not yet logged. */
async function fillFromCan(page: Page, tank: RegExp, litres: string): Promise<void> {
  await page.goto("/?demo=1");
  await page.getByRole("heading", { level: 1 }).waitFor();
  await openLog(page);
  await page.keyboard.press("f");
  const which = (group: string) => dialog(page).getByRole("radiogroup", { name: group });
  await which("Which tank").getByRole("radio", { name: tank }).click();
  await which("From")
    .getByRole("radio", { name: /^Mixing can/ })
    .click();
  await page.getByLabel("Litres", { exact: true }).fill(litres);
}

test("the tractor is topped up for a frost, poured by marks on its tank, and every litre is there", async ({
  page,
}) => {
  const bad = complaints(page);
  await openDemo(page, "/blend?vessel=tractor-tank");
  const [ready, kerosene] = await test.step("what to pour is said as litres and as marks", async () => {
    const rows = page.getByRole("complementary").getByRole("listitem");
    await expect(rows.nth(0)).toHaveText(/oil from Ready, up to \d+ mm/);
    await expect(rows.nth(1)).toHaveText(/kerosene from Kerosene can, up to 4\d\d mm/);
    await expect(rows.nth(2)).toHaveText(/Drive/);
    const litres = await rows.locator("b:first-of-type").allTextContents();
    return litres.filter((l) => l.endsWith(" L")).map((l) => Number.parseFloat(l));
  });

  await test.step("colder, less oil goes in; a divider by key goes over the limit and back", async () => {
    const divider = page.getByRole("slider", { name: "Between Ready and Kerosene can" });
    const before = Number(await divider.getAttribute("aria-valuenow"));
    expect(before).toBeCloseTo(ready ?? 0, 0);
    await divider.focus();
    await page.keyboard.press("End");
    await expect(isOver(page)).toBeVisible();
    await page.keyboard.press("Home");
    await expect(isOver(page)).toBeHidden();
    await page.getByRole("button", { name: "Find the most oil" }).click();
  });

  await test.step("of several cans at once it finds the cheapest, and what keeps clear", async () => {
    const from = page.getByRole("group", { name: /Pour from/ });
    await from.getByLabel(/^Diesel can/).check();
    await from.getByLabel(/^The pump/).check();
    await page.getByRole("radio", { name: "Least cost" }).click();
    await expect(page.getByRole("slider")).toHaveCount(3);
    await expect(page.getByText(/^15\.0 mm²\/s at −2 °C, \d+ % oil, €\d+\.\d\d to buy/)).toBeVisible();
    await expect(isOver(page)).toBeHidden();
    await page.getByLabel(/^Nothing may fall out of it tonight/).check();
    await expect(page.getByRole("slider")).toHaveCount(3);
    await page.getByLabel(/^Nothing may fall out of it tonight/).uncheck();
    await page.getByRole("radio", { name: "Most oil" }).click();
    await from.getByLabel(/^Diesel can/).uncheck();
    await from.getByLabel(/^The pump/).uncheck();
    await expect(page.getByRole("slider")).toHaveCount(1);
  });

  await test.step("step by step: each pour is logged, and what is in already is not asked again", async () => {
    await page.getByRole("button", { name: "Step by step" }).click();
    await expect(page.getByRole("heading", { level: 2, name: `${ready} L oil` })).toBeVisible();
    await page.getByRole("button", { name: "Poured: log it" }).click();
    await expect(page.getByRole("heading", { level: 2, name: `${kerosene} L kerosene` })).toBeVisible();
    await page.reload();
    await expect(page.getByLabel("Litres poured")).toHaveValue(String(kerosene));
    await page.getByLabel("Litres poured").fill("99");
    await page.getByRole("button", { name: "Poured: log it" }).click();
    await expect(page.getByText(/^Only [\d.]+ L go in\./)).toBeVisible();
    await page.getByLabel("Litres poured").fill(String(kerosene));
    await page.getByLabel(/I rinse the jug/).check();
    await page.getByRole("button", { name: "Poured: log it" }).click();
    await expect(page.getByRole("heading", { level: 2, name: "Drive to mix it" })).toBeVisible();
  });

  await test.step("it lies unmixed until it is driven, and the yard closes", async () => {
    await page.goto("/blend?vessel=tractor-tank&demo=1");
    await expect(page.getByText(/^Unmixed until it is driven: [\d.]+ L of canola lie at the bottom/)).toBeVisible();
    await page.goto("/?demo=1");
    await expect.poll(() => litresIn(page, "Tractor")).toBeCloseTo(61, 0);
    await expect(page.getByText("It closes.")).toBeVisible();
    await page.goto("/books?demo=1");
    await expect(
      page.getByRole("listitem").filter({ hasText: "from Kerosene can into Tractor" }).first(),
    ).toBeVisible();
  });
  expect(bad).toEqual([]);
});

test("a petrol batch stands, is drained, clear and filtered before a tank: a day too early it is refused", async ({
  page,
}) => {
  const bad = complaints(page);
  await openDemo(page);
  await test.step("petrol is bought into the can, and oil poured on it", async () => {
    await buy(page, "Petrol", /^Mixing can/, "4");
    await page.goto("/blend?vessel=mixing-can&demo=1");
    await page
      .getByRole("group", { name: /Pour from/ })
      .getByLabel(/^Kerosene can/)
      .uncheck();
    await page.getByLabel("Fill it to").fill("13");
    await expect(page.getByText(/treat all of it as petrol/)).toBeVisible();
    await expect(page.getByText(/handle as petrol/)).toBeVisible();
    await page.getByRole("button", { name: "Pour and log" }).click();
    await expect(page.getByText(/^Poured [\d.]+ L oil into Mixing can/)).toBeVisible();
  });

  const fill = (): Promise<void> => fillFromCan(page, /^Tractor/, "5");
  await test.step("an hour later a tank is refused: it stands until tomorrow", async () => {
    await page.clock.setFixedTime(later(1));
    await fill();
    await expect(
      dialog(page).getByText(/has not stood long enough: gums and water fall out of it until/),
    ).toBeVisible();
    await expect(dialog(page).getByRole("button", { name: "Log it", exact: true })).toBeHidden();
    await expect(dialog(page).getByRole("button", { name: ALL_THE_SAME })).toBeVisible();
  });

  await test.step("two days later it still needs draining, and a clear jar", async () => {
    await page.clock.setFixedTime(later(49));
    await fill();
    await expect(dialog(page).getByText(/what fell out of it was not drained/)).toBeVisible();
    await expect(dialog(page).getByText(/has no clear jar since it stood/)).toBeVisible();
    await page.goto("/?demo=1");
    await expect(page.getByRole("heading", { name: "Drain the bottom of Mixing can" })).toBeVisible();
    await page.getByRole("heading", { level: 1 }).waitFor();
    await openLog(page);
    await page.keyboard.press("n");
    await dialog(page)
      .getByRole("radiogroup", { name: "From" })
      .getByRole("radio", { name: /^Mixing can/ })
      .click();
    await page.getByLabel("Litres", { exact: true }).fill("0.4");
    await page.getByRole("button", { name: "Log it" }).click();
    await expect(page.getByText(/^Drained 0.40 L off the bottom of Mixing can/)).toBeVisible();
    await page.goto("/settle?vessel=mixing-can&demo=1");
    await expect(page.getByRole("heading", { level: 1, name: /^Mixing can, day 2/ })).toBeVisible();
    await page.getByRole("tab", { name: "Read" }).click();
    await page.getByRole("button", { name: "Jar to the light" }).click();
    await page.getByRole("radio", { name: /^Clear/ }).click();
    await page.getByRole("button", { name: "Log the jar" }).click();
    await expect(page.getByText("Jar of Mixing can noted.")).toBeVisible();
  });

  await test.step("through the bags it goes into the tank", async () => {
    await page.goto("/filter?vessel=mixing-can&demo=1");
    await page.getByRole("radio", { name: "Air" }).click();
    await expect(page.getByText(/never pushed with compressed air/)).toBeVisible();
    await page.getByRole("radio", { name: "Gravity" }).click();
    const into = page.getByLabel("Into", { exact: true });
    await into.selectOption(
      (await into
        .locator("option")
        .filter({ hasText: /^Tractor/ })
        .getAttribute("value")) ?? "",
    );
    await page.getByLabel("Litres", { exact: true }).fill("6");
    await expect(page.getByRole("button", { name: "Log the run" })).toBeEnabled();
    await page.getByRole("button", { name: "Log the run" }).click();
    await expect(page.getByText("Ran 6 L through 2 bags.")).toBeVisible();
  });

  await test.step("the next batch is forecast by what this one dropped", async () => {
    await page.goto("/?demo=1");
    await page.getByRole("heading", { level: 1 }).waitFor();
    await buy(page, "Petrol", /^Mixing can/, "2");
    const stands = page.getByRole("listitem").filter({ hasText: "Mixing can stands until" });
    await expect(stands.getByText(/About 0\.\d+ L should come, by your own batches/)).toBeAttached();
    await expect(page.getByText("It closes.")).toBeVisible();
  });
  expect(bad).toEqual([]);
});

test("a new recipe is kept from a good engine until its ladder is climbed", async ({ page }) => {
  const bad = complaints(page);
  await openDemo(page, "/recipes");

  await test.step("shares that do not add up are said, with what would mend them", async () => {
    await page.getByRole("button", { name: "New recipe" }).click();
    await page.getByLabel("Its name").fill("Frost mix");
    await page.getByLabel("Share").first().fill("80");
    await page.getByLabel("Part 2").selectOption("diesel");
    await page.getByLabel("Share").nth(1).fill("10");
    await expect(page.getByText("The shares come to 90.0 %: 10.0 % are missing.")).toBeVisible();
    await page.getByRole("button", { name: "Keep it" }).click();
    await expect(page.getByText("The shares do not add up yet.")).toBeVisible();
    await page.getByRole("button", { name: "Make diesel 20.0 %" }).click();
    await page.getByRole("button", { name: "Keep it" }).click();
    await expect(page.getByRole("heading", { level: 2, name: "Frost mix" })).toBeVisible();
  });

  /** A van that has never burned anything but diesel. */
  const fillVan = (): Promise<void> => fillFromCan(page, /^Van tank/, "15");
  await test.step("mixed by the recipe, a good engine is refused it", async () => {
    await page.goto("/?demo=1");
    await page.getByRole("heading", { level: 1 }).waitFor();
    await openLog(page);
    await page.keyboard.press("e");
    await page.getByLabel("Its name").fill("Van");
    await page.getByRole("button", { name: "Log it", exact: true }).click();
    await expect(page.getByText("Van is in the yard.")).toBeVisible();
    await page.goto("/blend?vessel=mixing-can&demo=1");
    await page.getByLabel("Fill it to").fill("25");
    await page.getByLabel("Mix by a recipe").selectOption({ label: "Frost mix, all year" });
    await expect(page.getByText(/This is Frost mix/)).toBeVisible();
    await expect(page.getByText(/kept from it until it was tried|has run on as much/)).toBeVisible();
    await page.getByRole("button", { name: "Pour and log" }).click();
    await expect(page.getByText(/^Poured .* into Mixing can/)).toBeVisible();
    await fillVan();
    await expect(dialog(page).getByText(/This blend is new to Van tank/)).toBeVisible();
    await expect(dialog(page).getByRole("button", { name: "Log it", exact: true })).toBeHidden();
    await expect(dialog(page).getByRole("button", { name: ALL_THE_SAME })).toBeVisible();
  });

  await test.step("a jar, a litre and an old engine, each on its card", async () => {
    await page.goto("/recipes?demo=1");
    await page.getByRole("button", { name: /^Frost mix/ }).click();
    const put = async (): Promise<void> => {
      await page.getByRole("radiogroup", { name: "All in all" }).getByRole("radio", { name: "Good" }).click();
      await page.getByRole("button", { name: "Put it on the card" }).click();
    };
    await put();
    await expect(page.getByText("How did the jar come out?")).toBeVisible();
    await page.getByLabel("Where it stood it was").fill("-3");
    await page.getByRole("radio", { name: "Cloudy, or with flakes" }).click();
    await put();
    await expect(page.getByText(/cloudy, or with flakes/).first()).toBeVisible();
    await put();
    await expect(page.getByText("An old engine of Frost mix is on its card.")).toBeHidden();
    await page
      .getByRole("radiogroup", { name: "In" })
      .getByRole("radio", { name: /^An old engine/ })
      .click();
    await put();
    await expect(page.getByText(/^Still open: start, smoke at idle/)).toBeVisible();
    for (const line of ["Start", "Smoke at idle", "In town", "On a long run", "Sound", "Power"])
      await page.getByRole("radiogroup", { name: line, exact: true }).getByRole("radio", { name: "Good" }).click();
    await put();
    await expect(page.getByText("An old engine of Frost mix is on its card.")).toBeVisible();
    await expect(page.getByRole("button", { name: /^Frost mix/ })).toContainText("good engines may have it");
  });

  await test.step("its cloudy jar moves the line on the chart, and the engine is open to it", async () => {
    await expect(page.getByText(/Your jar of .* came out cloudy at −3 °C\. That overrules the estimate/)).toBeVisible();
    await fillVan();
    await expect(dialog(page).getByText(/This blend is new/)).toBeHidden();
    await page.getByRole("button", { name: "Log it", exact: true }).click();
    await expect(page.getByText(/^Filled Van tank with 15/)).toBeVisible();
    await page.goto("/blend?vessel=mixing-can&demo=1");
    await page.getByLabel("Mix by a recipe").selectOption({ label: "Frost mix, all year" });
    await expect(page.getByText("cloudy below −3 °C, by your jar")).toBeVisible();
  });
  expect(bad).toEqual([]);
});

test("every way is compared at one's own prices, and what is mothballed is woken by the pump", async ({ page }) => {
  const bad = complaints(page);
  await openDemo(page, "/ways");
  await expect(page.getByRole("row", { name: /^Pump diesel/ })).toBeVisible();
  const cheapest = page.getByRole("heading", { level: 1 });
  await expect(cheapest).toHaveText(/is cheapest$/);
  await expect(page.getByText(/What your hour is worth|Hours it takes/).first()).toBeVisible();
  await page.getByLabel("mothballed: Biodiesel").click();
  await expect(page.getByText(/^Mothballed\. Next up says/)).toBeVisible();
  await page.getByRole("button", { name: "Change the price of pump diesel" }).click();
  await page.getByLabel("A litre costs").fill("2.4");
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText(/^Diesel is €2\.40 a litre from now on/)).toBeVisible();
  await page.goto("/?demo=1");
  await expect(page.getByRole("heading", { name: "Biodiesel pays again" })).toBeVisible();
  await page.goto("/season?demo=1");
  await expect(page.getByText(/Diesel can.*safe until 1\d Dec 2026/)).toBeVisible();
  await expect(page.getByText(/^From May to October/)).toBeVisible();
  expect(bad).toEqual([]);
});

test.describe("by thumb, in gallons and °F, in a yard with nothing in it", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test("Blend says what it needs, recipes and months open, and a limit no mix can meet has its nearest", async ({
    page,
  }) => {
    const bad = complaints(page);
    await at(page, NOW.toISOString());
    for (const path of ["/blend", "/ways", "/season", "/recipes", "/mix"]) {
      await page.goto(path);
      await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    }
    await openDemo(page, "/shed");
    await page.getByRole("radio", { name: "US gallons" }).tap();
    await page.getByRole("radio", { name: "°F" }).tap();
    await page.getByRole("textbox", { name: "Pump limit" }).fill("2");
    await page.getByRole("button", { name: "Set pump limit" }).tap();
    await page.goto("/blend?vessel=tractor-tank&demo=1");
    await expect(page.getByText("Even filled up with thinner alone it stays over your limit.")).toBeVisible();
    await expect(page.getByText(/^Drain [\d.]+ gal out of it first|thin enough down to \d+ °F/).first()).toBeVisible();
    expect(bad).toEqual([]);
  });
});
