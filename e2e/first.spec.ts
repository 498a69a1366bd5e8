import { expect, type Page, test } from "@playwright/test";
import { complaints, litresIn, NOW, openDemo, openLog } from "./yard";

/** The first hour, and the hour after: a stranger with a half-full shed, and the slips he makes. */

async function openOwn(page: Page, path = "/"): Promise<void> {
  await page.clock.setFixedTime(NOW);
  await page.goto(path);
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
}

/** Presses Tab until a thing has the focus: as somebody without a mouse comes to it. */
async function tabTo(
  page: Page,
  name: string | RegExp,
  role: "button" | "link" | "combobox" | "textbox",
): Promise<void> {
  const wanted = page.getByRole(role, { name }).first();
  for (let presses = 0; presses < 80; presses++) {
    if (await wanted.evaluate((el) => el === document.activeElement).catch(() => false)) return;
    await page.keyboard.press("Tab");
  }
  throw new Error(`Tab never came to ${name}`);
}

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test("a full shed is taken into the book in gallons and °F, by touch", async ({ page }) => {
    const bad = complaints(page);
    await openOwn(page);
    await page.getByRole("radio", { name: /^US/ }).tap();
    await expect(page.getByRole("radio", { name: /^US/ })).toBeChecked();
    await page.getByRole("link", { name: "Oil stands there already" }).tap();
    const row = (n: number) => page.getByRole("group", { name: `Container ${n}`, exact: true });
    // Two drums from one kitchen since two weeks, five pails of one's own collecting, a drum that is ready, a diesel tank.
    await row(1).getByLabel("How many of them").fill("2");
    await row(1).getByLabel("How much in each").fill("40");
    await expect(row(1).getByText("= 151 L")).toBeVisible();
    await row(1).getByLabel("It stands since").selectOption("Two weeks");
    await row(1).getByLabel("From (if you know)").fill("Ropewalk canteen");
    await row(1).getByRole("button", { name: "Another like it" }).tap();
    await row(2).getByLabel("Kind").selectOption("pail");
    await row(2).getByLabel("How many of them").fill("5");
    await row(2).getByRole("button", { name: "Another like it" }).tap();
    await row(3).getByLabel("Kind").selectOption("drum");
    await row(3).getByLabel("How many of them").fill("1");
    await row(3).getByLabel("In it").selectOption("Filtered, ready to burn");
    await page.getByRole("button", { name: "Another kind" }).tap();
    await row(4).getByLabel("Kind").selectOption("tank");
    await row(4).getByLabel("In it").selectOption("Diesel");
    await row(4).getByLabel("How much in each").fill("ten");
    await page.getByRole("button", { name: "Put 9 containers in the book" }).tap();
    await expect(row(4).getByText("“ten” is not a number.")).toBeVisible();
    // Half filled in, it survives a reload.
    await page.reload();
    await expect(row(4).getByLabel("How much in each")).toHaveValue("ten");
    await row(4).getByLabel("How much in each").fill("10");
    await page.getByRole("button", { name: "Put 9 containers in the book" }).tap();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("The yard, Tuesday 24 November");
    await expect(page.getByRole("img", { name: /^Drum: 40 gal of 58 gal/ })).toBeVisible();
    await expect(page.getByRole("img", { name: /^Pail 5: / })).toBeVisible();
    await page.goto("/rounds");
    await expect(page.getByText("Ropewalk canteen").first()).toBeVisible();
    await page.goto("/books");
    await expect(page.getByText("Tue 10 Nov 2026, 13:32").first()).toBeVisible();
    await expect(page.getByText("It closes")).toBeVisible();
    expect(bad).toEqual([]);
  });
});

test("a full shed is taken into the book by keyboard alone", async ({ page }) => {
  await openOwn(page);
  await tabTo(page, "Oil stands there already", "link");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("What stands there already");
  await tabTo(page, "How many of them", "textbox");
  await page.keyboard.press("Control+a");
  await page.keyboard.type("3");
  await tabTo(page, "In it", "combobox");
  await page.keyboard.press("e");
  await tabTo(page, "How much in each", "textbox");
  await page.keyboard.press("Control+a");
  await page.keyboard.type("12,5");
  await page.keyboard.press("Enter");
  await expect(
    page
      .getByText("3 containers and 37.5 L are in the book.")
      .or(page.getByText("3 containers and 38 L are in the book.")),
  ).toBeVisible();
  await expect(page.getByRole("img", { name: /^Drum 3: 12.5 L|^Drum 3: 13 L/ })).toBeVisible();
});

test("whatever is added first counts: a yard with a container and no oil is a yard", async ({ page }) => {
  await openOwn(page, "/shed");
  await page.getByRole("button", { name: "Add a container" }).click();
  await page.getByLabel("Its name").fill("Blue drum");
  await page.getByLabel(/it holds, to the rim/).fill("120");
  await page.getByRole("button", { name: "Log it" }).click();
  await page.getByRole("link", { name: /the yard$/ }).click();
  await expect(page.getByRole("img", { name: /^Blue drum: 0 L of 120 L/ })).toBeVisible();
  // The pickup goes into the container that is named; its source is added on the way and comes back chosen.
  await page.getByRole("button", { name: "Pick up" }).click();
  await expect(page.getByText("There is none to choose.")).toBeVisible();
  await page.getByRole("button", { name: "Add a source" }).click();
  await page.getByLabel("Its name").fill("Gannet hostel");
  await page.getByRole("button", { name: "Log it" }).last().click();
  await expect(page.getByRole("radio", { name: /Gannet hostel/ })).toBeChecked();
  await page.getByRole("radio", { name: /Blue drum/ }).click();
  await page.getByLabel("Litres", { exact: true }).fill("30");
  for (let weeks = 0; weeks < 3; weeks++) {
    if (weeks === 0) await page.getByRole("button", { name: "Earlier", exact: true }).click();
    await page.getByRole("button", { name: "A week earlier" }).click();
  }
  await expect(page.getByText("Tue 3 Nov 2026, 13:32")).toBeVisible();
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByRole("img", { name: /^Blue drum: 30 L of 120 L/ })).toBeVisible();
  await expect(page.getByText(/day 21/).first()).toBeVisible();
});

test("correct from where it is seen, undo four, redo two, retire and bring back", async ({ page }) => {
  await openDemo(page);
  const before = await litresIn(page, "Drum 5");
  for (const litres of ["1", "2", "3", "4"]) {
    await openLog(page);
    await page.keyboard.press("o");
    await page
      .getByRole("radiogroup", { name: "From" })
      .getByRole("radio", { name: /^Pail 7/ })
      .click();
    await page
      .getByRole("radiogroup", { name: "Into" })
      .getByRole("radio", { name: /^Drum 5/ })
      .click();
    await page.getByLabel("Litres", { exact: true }).fill(litres);
    await page.getByRole("button", { name: "Log it" }).click();
    await expect(page.getByText(`Poured ${litres} L from Pail 7 into Drum 5.`)).toBeVisible();
  }
  await expect.poll(() => litresIn(page, "Drum 5")).toBeCloseTo(before + 10, 0);
  for (let n = 0; n < 4; n++) {
    await page.keyboard.press("u");
    await expect(page.getByText(new RegExp(`Undone: poured ${4 - n} L`))).toBeVisible();
  }
  expect(await litresIn(page, "Drum 5")).toBeCloseTo(before, 0);
  for (let n = 1; n <= 2; n++) {
    await page.keyboard.press("Shift+U");
    await expect(page.getByText(new RegExp(`Back again: poured ${n} L`))).toBeVisible();
  }
  await expect.poll(() => litresIn(page, "Drum 5")).toBeCloseTo(before + 3, 0);

  await page.getByRole("link", { name: "Drum 5", exact: true }).click();
  await page.getByText("Everything logged of Drum 5").click();
  const poured = page.locator("details li").filter({ hasText: "2 L from Pail 7 into Drum 5" }).first();
  await poured.getByRole("button", { name: "Correct" }).click();
  await page.getByLabel("Litres", { exact: true }).fill("5");
  await page.getByRole("button", { name: "Put it right" }).click();
  await expect(page.getByText("Corrected. Everything after it is worked out again.")).toBeVisible();
  await expect(page.locator("details li").filter({ hasText: "5 L from Pail 7 into Drum 5" }).first()).toBeVisible();

  await page.goto("/shed?demo=1");
  await page.getByRole("button", { name: "Retire a thing" }).click();
  await page.getByLabel("What", { exact: true }).selectOption("Grey can, container");
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText("Grey can is no longer in use. Its history stays.")).toBeVisible();
  await page.getByRole("link", { name: /the yard$/ }).click();
  await expect(page.getByRole("heading", { name: "Grey can" })).toHaveCount(0);
  await page.goto("/shed?demo=1");
  await page.getByText("Retired: 1").click();
  await page.getByRole("button", { name: "Bring back Grey can" }).click();
  await page.getByRole("button", { name: "Log it" }).click();
  await page.getByRole("link", { name: /the yard$/ }).click();
  await expect(page.getByRole("heading", { name: "Grey can" })).toBeVisible();
});

test("each gate says what to do instead, and what has happened is kept in the open", async ({ page }) => {
  await openDemo(page);
  const pour = async (from: RegExp, to: RegExp): Promise<void> => {
    await openLog(page);
    await page.keyboard.press("o");
    await page.getByRole("radiogroup", { name: "From" }).getByRole("radio", { name: from }).click();
    await page.getByRole("radiogroup", { name: "Into" }).getByRole("radio", { name: to }).click();
    await page.getByLabel("Litres", { exact: true }).fill("2");
  };
  for (const [from, to, words] of [
    [/^Pail 7/, /^Ready/, "is raw. It does not go into Ready"],
    [/^Heel tub/, /^Ready/, "is slops. It does not go into Ready"],
    [/^Black tin/, /^Flatbed oil/, "has engine oil in it that has been through no fine bag"],
    [/^Feed tub/, /^Tractor/, "has been through no bag"],
  ] as const) {
    await pour(from, to);
    await expect(page.getByText(words)).toBeVisible();
    await expect(page.getByRole("button", { name: "It has happened: log it all the same" })).toBeVisible();
    await page.getByRole("button", { name: "Close", exact: true }).click();
  }
  // A diesel tank is never offered oil.
  await openLog(page);
  await page.keyboard.press("o");
  await page
    .getByRole("radiogroup", { name: "From" })
    .getByRole("radio", { name: /^Ready/ })
    .click();
  await expect(
    page.getByRole("radiogroup", { name: "Into" }).getByRole("radio", { name: /^Flatbed oil/ }),
  ).toBeVisible();
  await expect(
    page.getByRole("radiogroup", { name: "Into" }).getByRole("radio", { name: /^Flatbed diesel/ }),
  ).toHaveCount(0);
  // Back closes the Log first.
  await page.goBack();
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^The yard/);
  // What is wet is nothing to burn, and a run of it is not offered.
  await openLog(page);
  await page.keyboard.press("k");
  await page.getByRole("radio", { name: /^Ready/ }).click();
  await page
    .getByRole("radio", { name: "Foams over" })
    .or(page.getByRole("radio", { name: /foams/i }))
    .first()
    .click();
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText("Ready: wet.")).toBeVisible();
  await page.goto("/store?demo=1");
  await expect(page.getByText(/Ready, .*: wet, not fit to burn until a test says dry\./)).toBeVisible();
  // It has happened: it is in the book, and says so.
  await pour(/^Pail 7/, /^Ready/);
  await page.getByRole("button", { name: "It has happened: log it all the same" }).click();
  await expect(page.getByText(/^Poured 2 L from Pail 7/)).toBeVisible();
  await page.goto("/books?demo=1");
  await expect(page.getByText("done although the app refused it").first()).toBeVisible();
});

test("kerosene is proposed for its own can, petrol never for a hot pan, and an address that names nothing opens nothing", async ({
  page,
}) => {
  await openDemo(page);
  await openLog(page);
  await page.keyboard.press("b");
  await page.getByRole("radiogroup", { name: "What" }).getByRole("radio", { name: "Kerosene" }).click();
  await expect(
    page.getByRole("radiogroup", { name: "Into" }).getByRole("radio", { name: /^Kerosene can/ }),
  ).toBeChecked();
  await page.getByRole("radiogroup", { name: "What" }).getByRole("radio", { name: "Petrol" }).click();
  await page
    .getByRole("radiogroup", { name: "Into" })
    .getByRole("radio", { name: /^Kerosene can/ })
    .click();
  await expect(page.getByText(/% petrol\. Cetane about .* flashes like petrol/)).toBeVisible();
  await page.getByLabel("Litres", { exact: true }).fill("2");
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText(/^Bought 2 L petrol/)).toBeVisible();
  await openLog(page);
  await page.keyboard.press("k");
  await expect(page.getByRole("radio", { name: /^Drum 3/ })).toBeVisible();
  await expect(page.getByRole("radio", { name: /^Kerosene can/ })).toHaveCount(0);
  for (const path of ["/settle", "/spin", "/warm", "/fining", "/filter"]) {
    await page.goto(`${path}?vessel=nobody&demo=1`);
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("No such container here");
  }
});

test("the yard stands whole in one window, with what is next and where every litre went in sight", async ({ page }) => {
  await openDemo(page);
  await expect(page.getByRole("img", { name: /^Grey can/ })).toBeInViewport({ ratio: 1 });
  await expect(page.getByRole("heading", { name: "Next up" })).toBeInViewport();
  await expect(page.getByText("It closes.")).toBeInViewport();
  expect(await page.evaluate(() => document.documentElement.scrollHeight - window.innerHeight)).toBeLessThanOrEqual(0);
});

const DRAWN = [
  "/",
  "/rounds",
  "/source?id=harbour",
  "/round",
  "/container?vessel=drum-5",
  "/settle?vessel=drum-5",
  "/settle?vessel=cone",
  "/fining?vessel=drum-5",
  "/filter",
  "/blend",
  "/kettle",
  "/store",
  "/drive",
  "/drive?vehicle=tractor",
];

test("no words in any drawing are under 11 px, on a phone or on a desk", async ({ page }) => {
  test.setTimeout(300_000);
  for (const path of DRAWN)
    for (const width of [390, 1280]) {
      await page.setViewportSize({ width, height: 844 });
      await openDemo(page, path);
      const small = await page.evaluate(() =>
        [...document.querySelectorAll<SVGTextElement>("svg text")].flatMap((t) => {
          const scale = t.getScreenCTM()?.d ?? 1;
          const px = Number.parseFloat(getComputedStyle(t).fontSize) * scale;
          return px > 0 && px < 11 ? [`${t.textContent} ${px.toFixed(1)} px`] : [];
        }),
      );
      expect(small, `${path} at ${width}`).toEqual([]);
    }
});

test("focus: a skip link, the Log's first field, then what changed; every page has its title", async ({ page }) => {
  await openDemo(page);
  await expect(page).toHaveTitle("The yard, Brisk Barrel");
  await page.keyboard.press("Tab");
  await expect(page.getByRole("link", { name: "Skip to the bench" })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.locator("#main")).toBeFocused();
  await openLog(page);
  await page.keyboard.press("d");
  await expect(page.getByRole("radiogroup", { name: "What" }).getByRole("radio", { checked: true })).toBeFocused();
  await page.getByRole("radio", { name: /^Drum 5/ }).click();
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText("Nothing was read. Fill in one line, or close this.")).toBeVisible();
  await page.getByLabel(/^Oil level/).fill("500");
  await page.getByRole("radio", { name: /missing/ }).click();
  await page.getByRole("button", { name: /Keep it as read|Log it/ }).click();
  await expect(page.locator('[data-vessel="drum-5"]')).toBeFocused();
  await expect.poll(() => litresIn(page, "Drum 5")).toBe(129);
  await page.goto("/settle?demo=1");
  await expect(page).toHaveTitle("Settle, Brisk Barrel");
});
