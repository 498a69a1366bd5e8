import { expect, type Page, test } from "@playwright/test";
import { complaints, NOW, openDemo, openLog } from "./yard";

/** Ways of working that are not the demo's own: each is asked what it is, and told nothing of another. */

async function openEmpty(page: Page, path: string): Promise<void> {
  await page.clock.setFixedTime(NOW);
  await page.goto(path);
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
}

test("two tanks and no heat: the second is a tank like any, and its mix must be thin as it stands", async ({
  page,
}) => {
  const bad = complaints(page);
  await openDemo(page, "/blend");
  const oilTank = page.getByRole("radio", { name: /^Flatbed oil/ });
  await oilTank.click();
  await expect(page.getByText(/^Heated: thin enough means/)).toBeVisible();
  await page.goto("/drive?demo=1");
  await page.getByRole("button", { name: "Change it" }).click();
  const form = page.getByRole("dialog");
  await form.getByRole("radio", { name: /^Second tank, no heat/ }).click();
  await form.getByRole("button", { name: "Log it" }).click();
  await expect(form).toBeHidden();
  // Straight oil stands in it, and tonight is cold: the yard says so, and Blend asks for a mix.
  await page.getByRole("link", { name: /the yard$/ }).click();
  await expect(page.getByRole("heading", { name: "Flatbed oil too thick at −2 °C" })).toBeVisible();
  await page
    .getByRole("link", { name: /^Blend/ })
    .first()
    .click();
  await oilTank.click();
  await expect(page.getByText(/^Thin enough at the pump means 15 mm²\/s or less, at −2 °C/)).toBeVisible();
  await expect(page.getByText(/^Heated: thin enough means/)).toBeHidden();
  expect(bad).toEqual([]);
});

test("creamy oil, no kettle: held to the light or there before, it stays apart until it clears above its fat", async ({
  page,
}) => {
  const bad = complaints(page);
  await openEmpty(page, "/");
  await page.getByRole("link", { name: "Oil stands there already" }).click();
  const row = page.getByRole("group", { name: "Container 1", exact: true });
  await row.getByLabel("Kind").selectOption("pail");
  await row.getByLabel("In it").selectOption("Oil with creamy fat");
  await page.getByRole("button", { name: "Another kind" }).click();
  const drum = page.getByRole("group", { name: "Container 2", exact: true });
  await drum.getByLabel("Kind").selectOption("drum");
  await drum.getByLabel("How much in each").fill("80");
  await page.getByRole("button", { name: "Put 2 containers in the book" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("The yard, Tuesday 24 November");
  await expect(page.getByRole("heading", { name: /^Keep Pail apart to about/ })).toBeVisible();
  await expect(page.getByText(/come clear above its fat\. Draw those; the rest goes to the heels\./)).toBeVisible();

  // The other door: another pail, filled on a round and held to the light.
  await page.goto("/shed");
  await page.getByRole("button", { name: "Add a container" }).click();
  const form = page.getByRole("dialog");
  await form.getByLabel("Its name").fill("Blue can");
  await form.getByRole("radio", { name: /^Raw oil/ }).click();
  await form.getByRole("button", { name: "Log it" }).click();
  await page.getByRole("link", { name: /the yard$/ }).click();
  await expect(page.getByRole("img", { name: /^Blue can: 0 L/ })).toBeVisible();
  await openLog(page);
  await page.getByRole("button", { name: /^Pick up/ }).click();
  await page.getByRole("button", { name: "Add a source" }).click();
  await page.getByLabel("Its name").fill("Gannet hostel");
  await page.getByRole("button", { name: "Log it" }).last().click();
  await page.getByRole("radio", { name: /Blue can/ }).click();
  await page.getByLabel("Litres", { exact: true }).fill("18");
  await page.getByRole("radio", { name: /^Creamy/ }).click();
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByRole("heading", { name: /^Keep Blue can apart to about/ })).toBeVisible();
  await expect(page.getByText(/kettle/i)).toHaveCount(
    await page
      .getByRole("navigation")
      .getByText(/kettle/i)
      .count(),
  );
  expect(bad).toEqual([]);
});

test("on the road: oil through a hand pump's filter goes into the tank once the pan says it is dry", async ({
  page,
}) => {
  const bad = complaints(page);
  await openDemo(page, "/drive");
  const form = page.getByRole("dialog");
  const heading = form.getByRole("heading", { name: "Fill at a source, through a filter" });
  // The gauges above it move the button while they are drawn: a press that fell beside it is pressed again.
  await expect(async () => {
    if (!(await heading.isVisible())) await page.getByRole("button", { name: "At a source" }).click({ timeout: 2_000 });
    await expect(heading).toBeVisible({ timeout: 4_000 });
  }).toPass();
  await form.getByRole("radio", { name: "Clear", exact: true }).click();
  await expect(form.getByText(/^No filter holds water back, and in .* it rusts an injection pump/)).toBeVisible();
  await expect(form.getByText(/is raw/)).toBeHidden();
  await form.getByRole("radio", { name: "Quiet", exact: true }).click();
  await expect(form.getByText(/^No filter holds water back/)).toBeHidden();
  await expect(form.getByText(/It has not stood a day, as far as anybody said/)).toBeVisible();
  await form.getByLabel(/^It had stood there/).fill("12");
  await expect(form.getByText(/It has not stood a day/)).toBeHidden();
  await form.getByRole("button", { name: "Log it" }).click();
  await expect(form).toBeHidden();
  expect(bad).toEqual([]);
});

/** The clock of the page, so many minutes on; what is reckoned by it follows. */
async function wait(page: Page, now: { at: number }, minutes: number): Promise<void> {
  now.at += minutes * 60_000;
  await page.clock.setFixedTime(now.at);
  await page.waitForTimeout(1_200);
}

async function plumb(page: Page, as: string): Promise<void> {
  await openDemo(page, "/rig?vehicle=flatbed");
  await page.getByLabel("Begin with").selectOption({ label: as });
  await page.getByRole("button", { name: "Take it in place of these parts" }).click();
  await page.getByRole("button", { name: "Fit it so" }).click();
  await expect(page.getByText("Flatbed is plumbed so from now on.")).toBeVisible();
  await page.goto("/drive?vehicle=flatbed&demo=1");
}

test("one hand valve, the return looped for good: diesel through the loop, and every step says what to turn", async ({
  page,
}) => {
  const bad = complaints(page);
  const now = { at: NOW.getTime() };
  await plumb(page, "One hand valve, looped for good");
  const coach = page.getByRole("complementary").first();
  await page.getByRole("button", { name: "Engine started" }).click();
  await wait(page, now, 25);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Flatbed: on diesel");
  await expect(coach.getByText("Switch to oil")).toBeVisible();
  await page.getByRole("button", { name: /^Supply to oil/ }).click();
  await wait(page, now, 20);
  await page.getByRole("button", { name: "Stopping soon" }).click();
  await expect(coach.getByText("Purge from here")).toBeVisible();
  await page.getByRole("button", { name: /^Supply to diesel/ }).click();
  await expect(coach.getByText(/^Purge, .* more/)).toBeVisible();
  await wait(page, now, 60);
  await expect(coach.getByText("Stop when you like")).toBeVisible();
  await expect(page.getByText("Turn back to diesel")).toBeHidden();
  expect(bad).toEqual([]);
});

test("a winter back-purge, done well, ends clean: by the coach, and in the trip that is logged", async ({ page }) => {
  const bad = complaints(page);
  const now = { at: NOW.getTime() };
  await plumb(page, "Winter back-purge");
  const coach = page.getByRole("complementary").first();
  await page.getByRole("button", { name: "Engine started" }).click();
  await wait(page, now, 25);
  await page.getByRole("button", { name: /^Fuel to oil/ }).click();
  await wait(page, now, 20);
  await page.getByRole("button", { name: "Stopping soon" }).click();
  await expect(coach.getByText("Stop the engine, then back-purge")).toBeVisible();
  await page.getByRole("button", { name: "Engine off, Fuel to back-purge" }).click();
  await expect(coach.getByText(/^Back-purge, \d+ s more/)).toBeVisible();
  await wait(page, now, 1);
  await page.getByRole("button", { name: /^Fuel to diesel/ }).click();
  await expect(coach.getByText("Stop when you like")).toBeVisible();
  await page.getByRole("button", { name: "Engine stopped" }).click();
  await expect(coach.getByText(/^about [\d.]+ %$/)).toHaveText(/^about \d(\.\d)? %$/);
  await expect(coach.getByText(/with that much oil in the line it may not start/)).toBeHidden();
  await page.getByLabel("Distance").fill("21");
  await page.getByRole("button", { name: "Log the trip" }).click();
  await expect(page.getByText(/^Trip logged/)).toBeVisible();
  await page.getByRole("link", { name: /the yard$/ }).click();
  await expect(page.getByText("Flatbed stopped on oil")).toBeHidden();
  expect(bad).toEqual([]);
});

test("black oil, the other school: petrol first with a caution, stood, drained, passed by a drop on paper", async ({
  page,
}) => {
  const bad = complaints(page);
  const now = { at: NOW.getTime() };
  await openDemo(page);
  const form = page.getByRole("dialog");
  const logIt = async (said: RegExp): Promise<void> => {
    await form.getByRole("button", { name: /^(Log it|It has happened)/ }).click();
    await expect(page.getByText(said).last()).toBeVisible();
    await expect(form).toBeHidden();
  };
  await openLog(page);
  await page.keyboard.press("o");
  const choose = (of: string | RegExp, what: RegExp) =>
    form.getByRole("radiogroup", { name: of }).getByRole("radio", { name: what }).click();
  await choose("From", /^Black tin/);
  await choose("Into", /^Mixing can/);
  await form.getByLabel("Litres", { exact: true }).fill("8");
  await logIt(/into Mixing can/);
  await openLog(page);
  await page.keyboard.press("b");
  await form.getByRole("radio", { name: "Petrol", exact: true }).click();
  await choose("Into", /^Mixing can/);
  await form.getByLabel("Litres", { exact: true }).fill("2");
  await expect(form.getByText(/Engine oil that no fine bag has cleaned, and petrol\. Many filter first/)).toBeVisible();
  await logIt(/^Bought /);
  await wait(page, now, 3 * 24 * 60);
  await page.goto("/?demo=1");
  await expect(page.getByRole("heading", { name: "Drain the bottom of Mixing can" })).toBeVisible();
  await page
    .getByRole("listitem")
    .filter({ hasText: "Drain the bottom of Mixing can" })
    .getByRole("button", { name: "Drain the bottom" })
    .click();
  await form.getByLabel("Litres", { exact: true }).fill("0.5");
  await logIt(/Drained|drained/);
  await expect(page.getByRole("heading", { name: "Put a drop of Mixing can on paper" })).toBeVisible();
  await expect(page.getByText("Hold a jar of Mixing can to the light")).toBeHidden();
  await page.getByRole("button", { name: "Log the drop" }).click();
  await form.getByRole("radio", { name: "One even grey spot" }).click();
  await form.getByRole("radio", { name: "Ran through, paper bare" }).click();
  await logIt(/sludge is out/);
  await expect(page.getByRole("heading", { name: "Put a drop of Mixing can on paper" })).toBeHidden();
  expect(bad).toEqual([]);
});
