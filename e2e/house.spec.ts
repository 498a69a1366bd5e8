import AxeBuilder from "@axe-core/playwright";
import { expect, type Page, test } from "@playwright/test";
import { complaints, NOW, openDemo, openLog } from "./yard";

const PAGES = [
  "/",
  "/rounds",
  "/source?id=harbour",
  "/round",
  "/labels",
  "/container?vessel=drum-5",
  "/settle",
  "/settle?vessel=cone",
  "/settle?vessel=heel-tub",
  "/fining?vessel=drum-5",
  "/warm?vessel=drum-5",
  "/spin?vessel=drum-5",
  "/cup?vessel=drum-5",
  "/filter",
  "/blend",
  "/ways",
  "/season",
  "/recipes",
  "/mix",
  "/kettle",
  "/titrate",
  "/batch",
  "/chemicals",
  "/walkdown",
  "/still",
  "/batches",
  "/store",
  "/drive",
  "/rig",
  "/rehearse",
  "/upkeep",
  "/wrong",
  "/rescue",
  "/books",
  "/shed",
  "/calculations",
];

test("an empty yard asks for one container and one pickup", async ({ page }) => {
  const bad = complaints(page);
  await page.clock.setFixedTime(NOW);
  await page.goto("/");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Your yard is empty");
  await page.getByRole("button", { name: /^It is empty/ }).click();
  await page.getByRole("button", { name: "Put it in the book" }).click();
  await expect(page.getByText("Say who the oil is from.")).toBeVisible();
  await page.getByLabel("Who is it from?").fill("Plover cafe");
  await page.getByLabel("How much?").fill("25");
  await page.getByRole("button", { name: "Put it in the book" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("The yard, Tuesday 24 November");
  await expect(page.getByRole("img", { name: /^Drum: 25 L of 218 L/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole("img", { name: /^Drum: 25 L of 218 L/ })).toBeVisible();
  await page.keyboard.press("l");
  await page.getByRole("button", { name: "Add a container" }).click();
  await page.getByLabel("Its name").fill("Drum 2");
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByRole("heading", { name: "Drum 2" })).toBeVisible();
  await page.goto("/?demo=1");
  await expect(page.getByRole("heading", { name: "Drum 3", exact: true })).toBeVisible();
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "Drum 2" })).toBeVisible();
  await expect(page.getByRole("heading", { name: "Drum 3", exact: true })).toHaveCount(0);
  expect(bad).toEqual([]);
});

/** What axe holds against a page at the width it has, and whether it scrolls sideways there; colours are seen once. */
async function faultsOf(page: Page, path: string, alreadySeen: readonly string[]): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"])
    .disableRules([...alreadySeen])
    .analyze();
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  return [
    ...violations.map((v) => `${path}: ${v.id} ${v.nodes[0]?.html}`),
    ...(overflow > 0 ? [`${path} scrolls sideways`] : []),
  ];
}

test("every page draws, is accessible and fits from 360 to 1280 px, and no request leaves the machine", async ({
  page,
}) => {
  // Some twenty pages, each looked over whole: minutes on a busy machine.
  test.setTimeout(600_000);
  const bad = complaints(page);
  for (const path of PAGES) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await openDemo(page, path);
    const wide = await faultsOf(page, path, []);
    await page.setViewportSize({ width: 360, height: 800 });
    expect([...wide, ...(await faultsOf(page, path, ["color-contrast"]))]).toEqual([]);
  }
  expect(bad).toEqual([]);
});

test("the log and its forms are accessible, by day and by night", async ({ page }) => {
  await openDemo(page, "/shed");
  await page.getByRole("radio", { name: "Night" }).click();
  await expect(page.locator("html")).toHaveAttribute("data-theme", "night");
  await page.keyboard.press("l");
  await expect(page.getByRole("heading", { name: "What just happened?" })).toBeVisible();
  await page.keyboard.press("p");
  await expect(page.getByRole("heading", { name: "Pick up" })).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).withTags(["wcag2a", "wcag2aa", "wcag22aa"]).analyze();
  expect(violations.map((v) => `${v.id} ${v.nodes[0]?.html}`)).toEqual([]);
});

test("keys: digits go to the stations, ? lists them", async ({ page }) => {
  await openDemo(page);
  await page.keyboard.press("2");
  await expect(page).toHaveURL(/\/settle\?demo=1/);
  await page.keyboard.press("0");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^The yard/);
  await page.keyboard.press("Shift+?");
  await expect(page.getByRole("heading", { name: "Keys" })).toBeVisible();
});

test("drag one vessel onto another to pour", async ({ page }) => {
  await openDemo(page);
  const from = await page.getByRole("img", { name: /^Pail 7: / }).boundingBox();
  const to = await page.getByRole("img", { name: /^Drum 5: / }).boundingBox();
  if (!from || !to) throw new Error("not drawn");
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2 - 30, to.y + 40, { steps: 5 });
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(page.getByRole("heading", { name: "Pour" })).toBeVisible();
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText("Poured 19 L from Pail 7 into Drum 5.")).toBeVisible();
});

test.describe("with what was fetched ahead", () => {
  test.use({ serviceWorkers: "allow" });
  test("opens and logs with no network", async ({ page, context }) => {
    await openDemo(page);
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await context.setOffline(true);
    await page.reload();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^The yard/);
    await page.getByRole("link", { name: /^Settle/ }).click();
    await expect(page.getByRole("heading", { level: 1, name: /^Drum 3/ })).toBeVisible();
    await openLog(page);
    await page.getByRole("dialog").getByRole("button", { name: "Disturbed" }).click();
    await page.getByRole("button", { name: "Log it" }).click();
    await expect(page.getByText(/was carried: its clock starts again/)).toBeVisible();
    await page.goto("/drive?demo=1");
    await expect(page.getByRole("heading", { level: 1, name: "Flatbed" })).toBeVisible();
  });
});
