import { expect, type Page, test } from "@playwright/test";
import { complaints, litresIn, moveByKey, openDemo } from "./yard";

const hanging = (page: Page) =>
  page.getByRole("region", { name: "What hangs in it" }).getByRole("listitem").locator("b");
const logIt = (page: Page) => page.getByRole("button", { name: "Log it" }).click();

test("build a line, run it on the practice gauge, clog it, read why, change the bag, see the yard", async ({
  page,
}) => {
  const bad = complaints(page);
  await openDemo(page, "/filter");

  await test.step("a strainer goes in by its sieve number; one that is on no list is said at the field", async () => {
    await page.getByRole("button", { name: "Add a bag, strainer or cartridge" }).click();
    await page.getByLabel("What it is").selectOption("strainer");
    await page.getByRole("radio", { name: /^By its sieve number/ }).click();
    await page.getByLabel("Sieve number").fill("90");
    await expect(page.getByText("There is no US sieve 90. Near it are 80 (180 µm) and 100 (150 µm).")).toBeVisible();
    await page.getByLabel("Sieve number").fill("80");
    await logIt(page);
    await expect(hanging(page)).toHaveText(["180 µm", "50 µm", "5 µm"]);
    await expect(page.getByText(/^strainer, 180 µm, sieve 80,/)).toBeVisible();
  });

  await test.step("it is rearranged by key, taken off and hung again", async () => {
    await page.getByRole("button", { name: "180 µm later" }).click();
    await expect(hanging(page)).toHaveText(["50 µm", "180 µm", "5 µm"]);
    await moveByKey(page, "180 µm", "ArrowUp");
    await expect(hanging(page)).toHaveText(["180 µm", "50 µm", "5 µm"]);
    await page.getByRole("button", { name: "Take 50 µm off the line" }).click();
    await expect(hanging(page)).toHaveText(["180 µm", "5 µm"]);
    await page.getByRole("button", { name: "Hang 50 µm" }).click();
    await expect(hanging(page)).toHaveText(["180 µm", "5 µm", "50 µm"]);
    await page.getByRole("button", { name: "50 µm earlier" }).click();
    await expect(page.getByText("Feed tub through 180 µm, 50 µm and 5 µm into Ready.")).toBeVisible();
  });

  await test.step("the run chokes on the gauge, and its own marks say so; a closed tab loses nothing", async () => {
    await page.getByRole("button", { name: "Start the run" }).click();
    await page.getByLabel("Litres through by now").fill("90");
    await page.getByRole("button", { name: "Note it" }).click();
    await expect(page.getByText("That is more than was to run.")).toBeVisible();
    await page.getByText("A gauge in place of marks").click();
    await page.getByLabel("To practise on").selectOption("clogging");
    await page.getByRole("button", { name: "Listen to the practice gauge" }).click();
    await expect(page.getByText(/times as long as foretold/)).toBeVisible();
    // On until most of it is through: then the whole run is slow, and not only its end.
    await expect(page.getByText(/^(about )?(1[7-9]|2\d)(\.\d)? L of 22 L$/)).toBeVisible({ timeout: 60_000 });
    await page.getByRole("button", { name: "Stop listening" }).click();
    await page.reload();
    await expect(page.getByText(/times as long as foretold/)).toBeVisible();
    await expect(page.getByRole("img", { name: /^Litres against minutes: / })).toBeVisible();
    await page.getByRole("button", { name: "It is over" }).click();
    await page.getByRole("button", { name: "Log the run" }).click();
    await expect(page.getByText(/^Ran [\d.]+ L through 3 bags\./)).toBeVisible();
  });

  await test.step("why is said where it hangs; a new bag is as new", async () => {
    const row = page.getByRole("listitem").filter({ has: page.getByRole("button", { name: "Move 5 µm" }) });
    await expect(row.getByText(/Likeliest: The settler is \d+ % full of muck/)).toBeVisible();
    await row.getByRole("button", { name: "Wash or change: 5 µm" }).click();
    await page.getByRole("radio", { name: "Changed", exact: true }).click();
    await logIt(page);
    await expect(row.getByText(/0 L since new/)).toBeVisible();
    await page.getByRole("link", { name: /the yard$/ }).click();
    await expect(page.getByRole("heading", { name: "Next up" })).toBeVisible();
    await expect(page.getByText("5 µm bag is choking")).toBeHidden();
    expect(await litresIn(page, "Ready")).toBeGreaterThan(145);
  });
  expect(bad).toEqual([]);
});

test("three passes through one bucket, its bag swapped; each says what all of the oil has been through", async ({
  page,
}) => {
  const bad = complaints(page);
  await openDemo(page, "/filter");
  const pass = async (from: RegExp, into: RegExp, through: string): Promise<void> => {
    for (const [label, name] of [
      ["From", from],
      ["Into", into],
    ] as const) {
      const field = page.getByLabel(label, { exact: true });
      const option = await field.locator("option").filter({ hasText: name }).first().getAttribute("value");
      await field.selectOption(option ?? "");
    }
    for (const um of ["50 µm", "5 µm"]) {
      const bag = page
        .getByRole("group", { name: "Through, in this order" })
        .getByRole("button", { name: um, exact: true });
      const wanted = um === through ? "true" : "false";
      if ((await bag.getAttribute("aria-pressed")) !== wanted) await bag.click();
    }
    await expect(page.getByText(new RegExp(`through ${through} into`))).toBeVisible();
    await page.getByRole("button", { name: "Log the run" }).click();
    await expect(page.getByText(/^Ran [\d.]+ L through 1 bag\./).last()).toBeVisible();
    await page.waitForTimeout(300);
  };
  await pass(/^Feed tub/, /^Heel tub/, "50 µm");
  await page.goto("/filter?vessel=heel-tub&demo=1");
  // The heel tub held oil that no bag had seen: mixed, nothing is proven of it.
  await page.goto("/container?vessel=heel-tub&demo=1");
  await expect(page.getByText("Filtered to")).toBeHidden();
  await page.goto("/filter?vessel=heel-tub&demo=1");
  await pass(/^Heel tub/, /^Feed tub/, "50 µm");
  await page.goto("/container?vessel=feed-tub&demo=1");
  await expect(page.getByText("50 µm", { exact: true })).toBeVisible();
  await page.goto("/filter?vessel=feed-tub&demo=1");
  await pass(/^Feed tub/, /^Ready/, "5 µm");
  await page.goto("/container?vessel=ready&demo=1");
  await expect(page.getByText("5 µm", { exact: true })).toBeVisible();
  expect(bad).toEqual([]);
});

test("a blend runs from its tank through the line into a vehicle; petrol never by air", async ({ page }) => {
  const bad = complaints(page);
  await openDemo(page, "/filter?vessel=tractor-tank");
  await page.getByRole("radio", { name: "Air" }).click();
  await expect(page.getByText(/is not made for pressure/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Log the run" })).toBeDisabled();
  await page.getByRole("radio", { name: "Hand pump" }).click();
  const into = page.getByLabel("Into", { exact: true });
  await into.selectOption(
    (await into
      .locator("option")
      .filter({ hasText: /^Flatbed oil/ })
      .getAttribute("value")) ?? "",
  );
  await page.getByLabel("Litres", { exact: true }).fill("12");
  await page.getByRole("button", { name: "Log the run" }).click();
  await expect(page.getByText("Ran 12 L through 2 bags.")).toBeVisible();
  await page.goto("/?demo=1");
  await expect.poll(() => litresIn(page, "Tractor")).toBeCloseTo(20, 0);
  expect(bad).toEqual([]);
});

test("a second line hangs aboard the trailer, with heights of its own; both may run at once", async ({ page }) => {
  const bad = complaints(page);
  await openDemo(page, "/filter");
  await page.getByRole("button", { name: "Start the run" }).click();
  await page.getByLabel("Litres through by now").fill("6");
  await page.getByRole("button", { name: "Note it" }).click();
  await page.getByRole("button", { name: "Add a line" }).click();
  await page.getByLabel("Its name").fill("Line in the trailer");
  await page.getByRole("radio", { name: "Trailer", exact: true }).click();
  await page.getByLabel(/^The feed stands above the floor/).fill("1500");
  await page.getByLabel(/^What it runs into stands above the floor/).fill("300");
  await logIt(page);
  await page.getByRole("button", { name: "Line in the trailer" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Line in the trailer" })).toBeVisible();
  await page.getByRole("button", { name: "Add a bag, strainer or cartridge" }).click();
  await page.getByLabel("Rating").fill("20");
  await logIt(page);
  await expect(hanging(page)).toHaveText(["20 µm"]);
  await expect(page.getByText(/^1,\d{3} mm of fall$/)).toBeVisible();
  await page.getByRole("button", { name: "Start the run" }).click();
  await expect(page.getByRole("heading", { name: "The run" })).toBeVisible();
  await page.getByRole("button", { name: "Line in the shed", exact: true }).click();
  await expect(page.getByRole("img", { name: /^Litres against minutes: 6\.?0? L at/ })).toBeVisible();
  expect(bad).toEqual([]);
});

test("out of a drum that stands a run takes what is above its line, and says what comes with more", async ({
  page,
}) => {
  await openDemo(page, "/filter");
  const from = page.getByLabel("From", { exact: true });
  const drum = await from
    .locator("option")
    .filter({ hasText: /^Drum 3/ })
    .first()
    .getAttribute("value");
  await from.selectOption(drum ?? "");
  await expect(page.getByRole("radio", { name: "Off the top" })).toBeChecked();
  const litres = page.getByLabel("Litres", { exact: true });
  await expect(page.getByText(/from below the draw-off line/)).toBeHidden();
  await litres.fill("165");
  await expect(page.getByText(/^\d+(\.\d)? L of it from below the draw-off line: .*with it\.$/)).toBeVisible();
  await page.getByRole("radio", { name: "Stirred up" }).click();
  await expect(page.getByText(/from below the draw-off line/)).toBeHidden();
  // The other door asks the same.
  await page.keyboard.press("l");
  await page.getByRole("button", { name: /^Pour/ }).click();
  const form = page.getByRole("dialog");
  await form
    .getByRole("radio", { name: /^Drum 3/ })
    .first()
    .click();
  await expect(form.getByRole("radio", { name: "Off the top" })).toBeChecked();
});
