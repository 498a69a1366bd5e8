import { expect, type Page, test } from "@playwright/test";
import { complaints, openDemo, openLog } from "./yard";

const ALL_THE_SAME = "It has happened: log it all the same";
const dialog = (page: Page) => page.getByRole("dialog");

async function pour(page: Page, from: RegExp, to: RegExp, litres = "2"): Promise<void> {
  await openLog(page);
  await page.keyboard.press("o");
  await page.getByRole("radiogroup", { name: "From" }).getByRole("radio", { name: from }).click();
  await page.getByRole("radiogroup", { name: "Into" }).getByRole("radio", { name: to }).click();
  await page.getByLabel("Litres", { exact: true }).fill(litres);
}

async function close(page: Page): Promise<void> {
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await expect(dialog(page)).toHaveCount(0);
}

test("by correction, by detour, by another date: what must not meet is refused, with why and a way on", async ({
  page,
}) => {
  const bad = complaints(page);
  await openDemo(page);
  await test.step("what a kettle works with goes where no oil or fuel is", async () => {
    for (const [from, to, words] of [
      [/^Glycerol tub/, /^Ready/, "Glycerol or soap, which plugs what it passes, would stand in Ready"],
      [/^Methanol drum/, /^Feed tub/, "Methanol, a poison that burns, would stand in Feed tub"],
      [/^Potash tub/, /^Flatbed oil/, "Lye, which burns hands and eats pumps, would stand in Flatbed oil"],
    ] as const) {
      await pour(page, from, to, "1");
      await expect(dialog(page).getByText(words)).toBeVisible();
      await expect(dialog(page).getByRole("button", { name: "Log it", exact: true })).toBeHidden();
      await close(page);
    }
  });

  await test.step("petrol into an open pail is refused, what it needs stands beside the button", async () => {
    await openLog(page);
    await page.keyboard.press("b");
    await page.getByRole("radiogroup", { name: "What" }).getByRole("radio", { name: "Petrol" }).click();
    await page
      .getByRole("radiogroup", { name: "Into" })
      .getByRole("radio", { name: /^Pail 7/ })
      .click();
    await page.getByLabel("Litres", { exact: true }).fill("1");
    await expect(dialog(page).getByText(/Pail 7 is not made for petrol/)).toBeVisible();
    await close(page);
  });

  await test.step("a purchase of petrol is corrected into a kettle: asked as the yard would have been", async () => {
    await openLog(page);
    await page.keyboard.press("b");
    await page.getByRole("radiogroup", { name: "What" }).getByRole("radio", { name: "Petrol" }).click();
    await page
      .getByRole("radiogroup", { name: "Into" })
      .getByRole("radio", { name: /^Kerosene can/ })
      .click();
    await page.getByLabel("Litres", { exact: true }).fill("1");
    await expect(dialog(page).getByText(/Bond the cans to each other/)).toBeInViewport();
    await page.getByRole("button", { name: "Log it" }).click();
    await expect(page.getByText(/^Bought 1 L petrol/)).toBeVisible();
    await page.goto("/books?demo=1");
    const bought = page.getByRole("listitem").filter({ hasText: /Bought 1 L petrol/ });
    await bought.getByRole("button", { name: "Correct" }).click();
    const into = page.getByLabel("Into", { exact: true });
    await into.selectOption({ label: "Kettle 12" });
    await expect(page.getByText("Nothing with petrol in it goes into a kettle.")).toBeVisible();
    await expect(page.getByRole("button", { name: ALL_THE_SAME })).toBeVisible();
    await close(page);
  });
  expect(bad).toEqual([]);
});

test("raw oil that went into Ready all the same stands on it as a word, and through a can it is raw still", async ({
  page,
}) => {
  await openDemo(page);
  await pour(page, /^Pail 7/, /^Ready/, "10");
  await page.getByRole("button", { name: ALL_THE_SAME }).click();
  await expect(page.getByText(/^Poured 10 L from Pail 7/)).toBeVisible();
  await expect(page.getByRole("heading", { name: /^Ready: Oil that never cleared/ })).toBeVisible();
  await page.goto("/container?vessel=ready&demo=1");
  await expect(page.getByText(/Do not burn it\. Pump it back to settle/).first()).toBeVisible();
  await expect(page.getByText(/Logged all the same on/)).toBeVisible();
  await openDemo(page);
  // A can in between wipes nothing away.
  await pour(page, /^Ready/, /^Mixing can/, "4");
  await page.getByRole("button", { name: "Log it", exact: true }).click();
  await expect(page.getByText(/^Poured 4 L from Ready/)).toBeVisible();
  await pour(page, /^Mixing can/, /^Tractor/);
  await expect(dialog(page).getByText("is raw. It does not go into Tractor", { exact: false })).toBeVisible();
});
