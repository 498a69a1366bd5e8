import { expect, type Page, test } from "@playwright/test";
import { complaints, openDemo, openLog } from "./yard";

/** What the list of figures says beside a name. */
const row = (page: Page, name: string) =>
  page
    .locator("dl > div")
    .filter({ has: page.getByText(name, { exact: true }) })
    .locator("dd");
const dialog = (page: Page) => page.getByRole("dialog");

/** Pours by the Log, on the yard. */
async function pour(page: Page, from: RegExp, into: RegExp, litres: string): Promise<void> {
  await openLog(page);
  await page.keyboard.press("o");
  await page.getByRole("radiogroup", { name: "From" }).getByRole("radio", { name: from }).click();
  await page.getByRole("radiogroup", { name: "Into" }).getByRole("radio", { name: into }).click();
  await page.getByLabel("Litres", { exact: true }).fill(litres);
}

test("fat in a tank is said wherever one looks, and a jar out of the freezer overrules it", async ({ page }) => {
  const bad = complaints(page);
  await openDemo(page);

  await test.step("creamy oil went into both cans, and from the diesel's into the flatbed", async () => {
    await pour(page, /^Carton 4/, /^Kerosene can/, "2");
    await page.getByRole("button", { name: /^(Log it|It has happened: log it all the same)$/ }).click();
    await expect(page.getByText(/^Poured 2(\.0)? L/)).toBeVisible();
    await pour(page, /^Carton 4/, /^Diesel can/, "4");
    await page.getByRole("button", { name: /^(Log it|It has happened: log it all the same)$/ }).click();
    await expect(page.getByText(/^Poured 4(\.0)? L/)).toBeVisible();
    await pour(page, /^Diesel can/, /^Flatbed diesel/, "10");
    await expect(dialog(page).getByText(/^Take care: In Flatbed diesel fat falls out below \d+ °C then/)).toBeVisible();
    await page.getByRole("button", { name: /^(Log it|It has happened: log it all the same)$/ }).click();
    await expect(page.getByText(/^Poured 10(\.0)? L/)).toBeVisible();
  });

  await test.step("Next up, Drive and Blend say at how many degrees it falls out", async () => {
    await expect(page.getByRole("heading", { name: /^Flatbed: fat falls out below \d+ °C$/ })).toBeVisible();
    await page.goto("/drive?vehicle=flatbed&demo=1");
    await expect(row(page, "Diesel tank")).toHaveText(/^Fat falls out below \d+ °C$/);
    await page.goto("/blend?vessel=tractor-tank&demo=1");
    const cold = page.getByRole("region", { name: "In the cold" });
    await expect(cold.getByText(/It holds [\d.]+ % of fat\. At −2 °C/)).toBeVisible();
    await cold.getByText("Why in the cold?").click();
    await expect(cold.getByText(/^Fails below: [\d.]+ °C$/)).toBeVisible();
  });

  await test.step("a jar that stood a night in the freezer and came out clear overrules the estimate", async () => {
    await page.goto("/drive?vehicle=flatbed&demo=1");
    await page.getByRole("button", { name: "Log a jar in the cold" }).click();
    await expect(dialog(page).getByRole("radio", { name: /^Flatbed diesel/ })).toBeChecked();
    await page.getByLabel("Where it stood it was").fill("-6");
    await page.getByLabel("It stood there for").fill("24");
    await page.getByRole("radio", { name: "Clear", exact: true }).click();
    await page.getByRole("button", { name: "Log it" }).click();
    await expect(row(page, "Diesel tank")).toHaveText("Stands tonight's −2 °C");
    await expect(
      page.getByText(/^Your jar of .* came out clear at −6 °C\. That overrules the estimate\.$/),
    ).toBeVisible();
    await page.goto("/?demo=1");
    await expect(page.getByRole("heading", { name: /Oil in the diesel: Flatbed/ })).toBeVisible();
    await expect(page.getByRole("heading", { name: /^Flatbed: fat falls out/ })).toBeHidden();
  });
  expect(bad).toEqual([]);
});

test("a fluid of one's own is asked for wherever one of the table is, and judged by its own figures", async ({
  page,
}) => {
  const bad = complaints(page);
  await openDemo(page, "/shed");
  await page.getByRole("button", { name: "Add a fluid, or change one" }).click();

  await test.step("without a figure it is nothing of its own, and a colder pour point than −60 °C is no fuel", async () => {
    await page.getByLabel("Its name").fill("Frostline diesel");
    await page.getByRole("button", { name: "Log it" }).click();
    await expect(dialog(page).getByText(/^Give one figure at least/)).toBeVisible();
    await page.getByLabel("Cloud point (if you know)").fill("5 °F");
    await expect(dialog(page).getByText("= 5 °F")).toBeHidden();
    await page.getByLabel("Cloud point (if you know)").fill("7");
    await page.getByLabel("A litre costs (if you know)").fill("1.72");
    await page.getByRole("button", { name: "Log it" }).click();
    await expect(page.getByText(/^Frostline diesel is as you say from now on/)).toBeVisible();
  });

  await test.step("it is bought into a can, and Blend fears its wax", async () => {
    await page.goto("/?demo=1");
    await page.getByRole("heading", { level: 1 }).waitFor();
    await openLog(page);
    await page.keyboard.press("b");
    await page.getByRole("radio", { name: "Frostline diesel" }).click();
    await page.getByRole("radio", { name: /^Flatbed diesel/ }).click();
    await page.getByLabel("Litres", { exact: true }).fill("19");
    await page.getByRole("button", { name: "Log it" }).click();
    await expect(page.getByText(/^Bought 19 L frostline diesel into Flatbed diesel/)).toBeVisible();
    await page.goto("/drive?vehicle=flatbed&demo=1");
    await expect(row(page, "Diesel tank")).toHaveText(/^Wax falls out below \d+ °C$/);
  });

  await test.step("the book calls it by its name, and its figures can be put right", async () => {
    await page.goto("/books?demo=1");
    await expect(
      page
        .getByRole("listitem")
        .filter({ hasText: /Bought 19 L frostline diesel/i })
        .first(),
    ).toBeVisible();
    await page.goto("/shed?demo=1");
    const own = page.getByRole("listitem").filter({ hasText: "Frostline diesel" });
    await own.getByRole("button", { name: /Change/ }).click();
    await page.getByLabel("Cloud point (if you know)").fill("-22");
    await page.getByRole("button", { name: "Log it" }).click();
    await expect(own.getByText(/cloud −22(\.0)? °C/)).toBeVisible();
    await page.goto("/drive?vehicle=flatbed&demo=1");
    await expect(row(page, "Diesel tank")).toHaveText("Stands tonight's −2 °C");
  });
  expect(bad).toEqual([]);
});

test.describe("by thumb, in gallons and °F", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test("what is clear now is drawn now, nothing hangs in it, and the rest clears on its day", async ({ page }) => {
    const bad = complaints(page);
    await openDemo(page, "/shed");
    await page.getByRole("radio", { name: "US gallons" }).tap();
    await page.getByRole("radio", { name: "°F" }).tap();
    await page.goto("/?demo=1");
    const clears = page.getByRole("link", { name: /^Clears .*: Drum 5$/ });
    const day = await clears.getAttribute("aria-label");
    await page.getByRole("button", { name: /^Show all/ }).tap();
    await expect(page.getByText(/21 gal are clear now, above/)).toBeVisible();
    await page.goto("/settle?vessel=drum-5&demo=1");
    await page.getByRole("button", { name: "Draw only what is clear now" }).tap();
    await expect(row(page, "Fines still hanging above it")).toHaveText("nothing");
    await page.getByLabel("Gallons you got").fill("15");
    await page.getByRole("button", { name: "Log the draw-off" }).tap();
    await expect(page.getByText(/^Drew 15(\.0)? gal off Drum 5/)).toBeVisible();
    await page.goto("/?demo=1");
    await expect(clears).toHaveAttribute("aria-label", day ?? "");
    await expect(page.getByRole("img", { name: /^Drum 5: 24(\.\d+)? gal of/ })).toBeVisible();
    expect(bad).toEqual([]);
  });
});
