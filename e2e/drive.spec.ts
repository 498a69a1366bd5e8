import { expect, type Page, test } from "@playwright/test";
import { complaints, NOW, openDemo } from "./yard";

/** Lets the device's clock go on, and the page look at it. */
async function later(page: Page, minutes: number): Promise<void> {
  const at = await page.evaluate(() => Date.now());
  await page.clock.setFixedTime(new Date(at + minutes * 60_000));
}

const coach = (page: Page) => page.getByRole("complementary", { name: "Switch coach" });

test("a loop is built of parts: a dead end, a solenoid the wrong way round, then it is fitted and its line counts", async ({
  page,
}) => {
  const bad = complaints(page);
  await openDemo(page, "/rig?vehicle=flatbed");
  await page.getByLabel("Begin with").selectOption({ label: "Two solenoids, diesel · purge · oil" });
  await page.getByRole("button", { name: "Take it in place of these parts" }).click();
  // A water trap into the oil's pipe, and longer hoses: litres follow.
  await page.getByLabel("One more part").selectOption({ label: "Water trap" });
  await page.getByLabel("Into the hose").selectOption({ label: "Oil tank, out → Heated pick-up, in" });
  await page.getByRole("button", { name: "Put it in" }).click();
  await expect(page.getByText("10 parts and 9 hoses.", { exact: false })).toBeHidden();
  const line = page.getByRole("complementary").getByText("In the line that is").locator("..").locator("..");
  const before = await line.textContent();
  await page.locator("summary", { hasText: "Filter, out → Exchanger, in" }).click();
  await page.getByRole("group").filter({ hasText: "Filter, out → Exchanger" }).getByLabel("Long").fill("2400");
  await expect(line).not.toHaveText(before ?? "");
  // A tee with nothing on it is a dead end: said, and it cannot be fitted so.
  await page.getByLabel("One more part").selectOption({ label: "Tee" });
  await page.getByRole("button", { name: "Put it in" }).click();
  await expect(page.getByText(/has no hose on it: a dead end/).first()).toBeVisible();
  await expect(page.getByRole("button", { name: "Fit it so" })).toBeDisabled();
  await page.locator("summary", { hasText: "Tee" }).click();
  await page.getByRole("button", { name: "Take Tee out" }).click();
  // The return plumbed the wrong way round is found before it is fitted.
  await page.locator("summary", { hasText: "Return three-way valve" }).click();
  await page.getByLabel("Plumbed the wrong way round").last().check();
  await page.getByRole("tab", { name: "Fail-safe proof" }).click();
  await expect(page.getByText("Return is plumbed the wrong way round", { exact: false })).toBeVisible();
  await page.getByRole("tab", { name: "Build" }).click();
  await page.locator("summary", { hasText: "Return three-way valve" }).click();
  await page.getByLabel("Plumbed the wrong way round").last().uncheck();
  await page.getByRole("tab", { name: "Fail-safe proof" }).click();
  await expect(page.getByText("Each position does what it is called", { exact: false })).toBeVisible();
  await page.getByRole("button", { name: "Fit it so" }).click();
  await expect(page.getByText("Flatbed is plumbed so from now on.")).toBeVisible();
  await page.getByRole("tab", { name: "Bench test" }).click();
  await expect(page.getByRole("tabpanel").getByRole("button", { name: "Yes" }).first()).toBeVisible();
  for (const yes of await page.getByRole("tabpanel").getByRole("button", { name: "Yes" }).all()) await yes.click();
  await page.getByRole("button", { name: "Keep it with the vehicle" }).click();
  await expect(page.getByText("Flatbed's loop is tested.")).toBeVisible();
  await page.getByRole("link", { name: "Drive", exact: true }).last().click();
  await expect(page.getByText("straight purge")).toBeVisible();
  expect(bad).toEqual([]);
});

test("a full trip by the coach on the practice gauges, ×60; a wrong return is seen before it is turned", async ({
  page,
}) => {
  const bad = complaints(page);
  await openDemo(page, "/drive?vehicle=flatbed");
  await page.getByText("To practise: faster").click();
  await page.getByRole("radio", { name: "×60" }).click();
  await page.getByRole("button", { name: "Engine started" }).click();
  await coach(page).getByText("Gauges", { exact: true }).click();
  await page.getByRole("button", { name: "Listen to the practice gauges" }).click();
  await later(page, 0.08);
  await expect(page.getByText("1 looks at the gauges.").or(page.getByText("2 looks at the gauges."))).toBeVisible();
  await later(page, 0.25);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Flatbed: on diesel");
  await expect(coach(page).getByText("Switch to oil")).toBeVisible();
  await page.getByRole("button", { name: /^Return to loop/ }).click();
  await page.getByRole("button", { name: /^Supply to oil/ }).click();
  await later(page, 0.5);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Flatbed: on oil");
  // What a wrong return would do, in litres a second, before it is turned; and it is left.
  await page.getByRole("group", { name: "Return" }).getByRole("button", { name: "diesel" }).click();
  await expect(page.getByText(/Oil would go into the diesel tank, 0\.02\d L a second/)).toBeVisible();
  await page.getByRole("button", { name: "Leave it" }).click();
  await page.getByRole("button", { name: "Stopping soon" }).click();
  await page.getByRole("button", { name: /^Supply to diesel/ }).click();
  await expect(coach(page).getByText(/^Purge, /)).toBeVisible();
  await later(page, 0.15);
  await page.getByRole("button", { name: "I hear it change" }).click();
  await page.getByRole("button", { name: /^Return to diesel/ }).click();
  await expect(coach(page).getByText("Stop when you like")).toBeVisible();
  await page.getByRole("button", { name: "Engine stopped" }).click();
  await page.getByLabel("Distance").fill("38");
  await page.getByRole("button", { name: "Log the trip" }).click();
  await expect(page.getByText(/^Trip logged/)).toBeVisible();
  await expect(page.getByText(/By \d+ looks at this engine's gauge/)).toBeVisible();
  expect(bad).toEqual([]);
});

test("three hand valves in the wrong order: a lesson, its fault and its debrief", async ({ page }) => {
  await openDemo(page, "/rig?vehicle=flatbed");
  await page.getByLabel("Begin with").selectOption({ label: "Three hand valves" });
  await page.getByRole("button", { name: "Take it in place of these parts" }).click();
  await page.getByRole("button", { name: "Fit it so" }).click();
  await expect(page.getByText("Flatbed is plumbed so from now on.")).toBeVisible();
  await page.getByRole("link", { name: "Rehearse" }).click();
  await page.getByRole("button", { name: /^First drive/ }).click();
  await page.getByRole("button", { name: "×60" }).click();
  await page.getByRole("button", { name: "Start the engine" }).click();
  await expect(page.getByText(/^1[2-9] min$/)).toBeVisible({ timeout: 60_000 });
  const turn = (of: string, to: string) =>
    page.getByRole("group", { name: of }).getByRole("button", { name: to }).click();
  // Tank and filter first, and the return forgotten.
  await turn("Tank valve", "oil");
  await turn("Filter valve", "oil");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("a valve stands wrong");
  await expect(page.getByText(/^(19|[2-9]\d) min$/)).toBeVisible({ timeout: 60_000 });
  await page.getByRole("button", { name: "Stop the engine" }).click();
  await page.getByRole("button", { name: /^Done/ }).click();
  await expect(page.getByText(/of oil went into the diesel tank/)).toBeVisible();
  await expect(page.getByText("The valves were not left on diesel.")).toBeVisible();
  const scrub = page.getByRole("slider");
  await scrub.focus();
  await page.keyboard.press("Home");
  await expect(scrub).toHaveAttribute("aria-valuetext", /^0\.0 % oil at the pump/);
  await page.getByRole("button", { name: "Another lesson" }).click();
  await expect(page.getByRole("button", { name: /^First drive.*best \d+/ })).toBeVisible();
  // Nothing of it is in the book.
  await page.goto("/books?demo=1");
  await expect(page.getByText("Trip").first()).toBeVisible();
});

test("a month of generator hours from an empty yard, in gallons and by thumb: locked out, filled, counted", async ({
  browser,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    serviceWorkers: "block",
  });
  const page = await context.newPage();
  const bad = complaints(page);
  await page.clock.setFixedTime(NOW);
  await page.goto("/shed");
  await page.getByRole("radio", { name: "US gallons" }).tap();
  await page.goto("/drive");
  await page.getByRole("button", { name: "Add a vehicle" }).tap();
  const form = page.getByRole("dialog");
  await form.getByLabel("Its name").fill("Standby set");
  await form.getByLabel("Burns in an hour").fill("0.4");
  await form.getByRole("radio", { name: /Hours/ }).tap();
  await form.getByRole("radio", { name: /By itself/ }).tap();
  await form.getByRole("button", { name: "Log it" }).tap();
  await expect(page.getByText("Standby set is in the yard.")).toBeVisible();
  await expect(page.getByText("it is locked out before anybody fills it.", { exact: false })).toBeVisible();

  await page.getByRole("button", { name: "At a pump" }).tap();
  await form.getByLabel("Gallons").fill("15");
  await expect(form.getByText(/starts by itself\. Lock it out first/)).toBeVisible();
  await form.getByRole("radio", { name: "Locked out, key with me" }).tap();
  await form.getByRole("button", { name: "Log it", exact: true }).tap();
  await expect(page.getByText("Standby set tank got 15 gal at the pump.")).toBeVisible();

  // One may practise before one has built anything with two tanks: in the shed too.
  await page.getByRole("link", { name: "Rehearse" }).tap();
  await page.getByRole("button", { name: /^A run through the filter/ }).tap();
  await page.getByRole("group", { name: "Pump" }).getByRole("button", { name: "on", exact: true }).tap();
  await expect(page.getByText("The pump runs dry: nothing comes to it.")).toBeVisible();
  await page.getByRole("button", { name: "Leave the lesson" }).tap();
  await page.getByRole("link", { name: "Drive", exact: true }).last().tap();

  for (const [before, meter] of [
    ["100", "108"],
    [null, "116"],
    [null, "124"],
    [null, "132"],
  ] as const) {
    await page.getByRole("button", { name: "Log engine hours" }).tap();
    if (before !== null) {
      await form.getByRole("radio", { name: "Hour meter" }).tap();
      await form.getByLabel("The meter before").fill(before);
    }
    await form.getByLabel("The meter now").fill(meter);
    await form.getByRole("button", { name: "Log it", exact: true }).tap();
    await expect(page.getByText(/burned about 3\.2 gal/).first()).toBeVisible();
    await expect(form).toBeHidden();
  }
  await expect(page.getByText("132.0 h")).toBeVisible();
  await expect(page.getByText(/^32\.0 h, 12\.8 gal, 0\.4\d* gal\/h$/)).toBeVisible();
  expect(bad).toEqual([]);
  await context.close();
});

test("a ride under way survives a closed tab, and a clock that was set back is said", async ({ page }) => {
  await openDemo(page, "/drive?vehicle=flatbed");
  await page.getByRole("button", { name: "Engine started" }).click();
  await later(page, 20);
  await expect(coach(page).getByText("Switch to oil")).toBeVisible();
  await page.getByRole("button", { name: /^Return to loop/ }).click();
  await page.getByRole("button", { name: /^Supply to oil/ }).click();
  await page.reload();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Flatbed: on oil");
  await later(page, 40);
  await expect(page.getByText(/out 60 min/)).toBeVisible();
  await later(page, -21 * 24 * 60);
  await expect(page.getByText("This device's clock was set back while the trip ran.", { exact: false })).toBeVisible();
  await page.getByRole("button", { name: "I have read it" }).click();
  await expect(page.getByText(/out 60 min/)).toBeVisible();
});
