import AxeBuilder from "@axe-core/playwright";
import { expect, test } from "@playwright/test";
import { aside, later, readyWords, tab } from "./settling";
import { openDemo } from "./yard";

test("gelatine: step by step with its clock; the oil is wet, and not ready, until it is tested", async ({ page }) => {
  await openDemo(page, "/settle?vessel=drum-5");
  await page.getByRole("link", { name: "Gelatine" }).click();
  await expect(page.getByText("14.8 L water, 592 g gelatine")).toBeVisible();
  await page.getByText("Your own recipe").click();
  await page.getByLabel("Water, of the oil").fill("80");
  await page.getByRole("button", { name: "Keep the recipe" }).click();
  await expect(page.getByText("Between 1 and 50 %.")).toBeVisible();
  await page.getByLabel("Water, of the oil").fill("8");
  await page.getByRole("button", { name: "Keep the recipe" }).click();
  await expect(page.getByText("11.8 L water, 474 g gelatine")).toBeVisible();
  await page.getByRole("button", { name: "Done, go on" }).click();
  await page.getByRole("button", { name: /^Start the clock/ }).click();
  await expect(page.getByRole("timer")).toContainText("until");
  await page.reload();
  await expect(page.getByRole("heading", { name: "Dissolve the gelatine" })).toBeVisible();
  await later(page, 21);
  await expect(page.getByRole("timer")).toContainText("Time is up");
  await page.getByRole("button", { name: "Done, go on" }).click();
  await expect(page.getByText(/Never pour water into oil over 60 °C/)).toBeVisible();
  await page.getByRole("button", { name: "Done, go on" }).click();
  await page.getByRole("button", { name: "Stirred in: log it" }).click();
  await expect(page.getByText("Take the oil's temperature first.")).toBeVisible();
  await page.getByLabel("The oil is at").fill("82");
  await expect(page.getByText("Not like this:")).toBeVisible();
  await page.getByLabel("The oil is at").fill("45");
  await page.getByRole("button", { name: "Stirred in: log it" }).click();
  await expect(page.getByRole("heading", { name: "Rest until it has set" })).toBeVisible();
  await page.getByRole("button", { name: "Leave, and go on later" }).click();
  expect(await readyWords(page)).toBe("wet: not ready");
  await page.goto("/?demo=1");
  await expect(page.getByText("Drum 5 is wet")).toBeVisible();

  await later(page, 60);
  await page.goto("/settle?vessel=drum-5&demo=1#water");
  await page.getByLabel("Before").fill("200");
  await page.getByLabel("Dried").fill("210");
  await page.getByRole("button", { name: "Log the weigh test" }).click();
  await expect(page.getByText("It cannot weigh more than before.")).toBeVisible();
  await page.getByLabel("Dried").fill("199.9");
  await expect(page.getByText("0.05 % water: dry enough")).toBeVisible();
  await page.getByRole("button", { name: "Log the weigh test" }).click();
  await expect(page.getByText(/^Dry by the test of/)).toBeVisible();
  await tab(page, "Draw off");
  expect(await readyWords(page)).toMatch(/^ready about/);
});

test("warm it, spin it: each from the bench, and each in the books", async ({ page }) => {
  await openDemo(page, "/settle?vessel=drum-5");
  await page.getByRole("link", { name: "Warm it once" }).click();
  await expect(page.getByText(/kWh, €.*of heat/)).toBeVisible();
  await page.getByText("Your heater").click();
  await page.getByLabel("Warm to").fill("150");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText("Between 20 °C and 95 °C.")).toBeVisible();
  for (let i = 0; i < 2; i++) await page.getByRole("button", { name: "Done, go on" }).click();
  await page.getByLabel("The oil is at").fill("55");
  await page.getByRole("button", { name: "Heater is off: log it" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Drum 5, today");
  await expect(page.getByRole("slider", { name: "Day" })).toHaveAttribute("aria-valuetext", /55 °C/);

  await later(page, 2);
  await page.getByRole("link", { name: "Centrifuge" }).click();
  await expect(page.getByText(/^Feed 7\d L\/h/)).toBeVisible();
  await page.getByLabel("Weir, from the middle").fill("60");
  await page.getByRole("button", { name: "Keep these marks" }).click();
  await expect(page.getByText("The weir lies inside the wall.")).toBeVisible();
  await page.getByRole("radio", { name: /^Ready/ }).click();
  await page.getByLabel("Litres through").fill("20");
  await page.getByRole("button", { name: "Log the pass" }).click();
  await expect(page.getByText("20 L from Drum 5 through the centrifuge.")).toBeVisible();
});

test("the flow cup: a can calibrated, a lot timed, and its thickness known", async ({ page }) => {
  await openDemo(page, "/cup?vessel=drum-5");
  await expect(page.getByText(/·t − /)).toBeVisible();
  const lot = page.getByRole("complementary", { name: "Time a lot" });
  await lot.getByLabel("It ran").fill("0.6");
  await expect(lot.getByText("Too quick for this can: a smaller hole measures it.")).toBeVisible();
  await lot.getByLabel("It ran").fill("290");
  await expect(lot.getByText(/^14\d\.\d mm²\/s/)).toBeVisible();
  await lot.getByRole("button", { name: "Log the time" }).click();
  await expect(lot.getByText(/^Now: your own cup/)).toBeVisible();
  await page.goto("/settle?vessel=drum-5&demo=1");
  await expect(aside(page).getByText(/Thickness: your own cup: 14/)).toBeVisible();

  await later(page, 3);
  await page.goto("/cup?vessel=drum-5&demo=1");
  await page.getByLabel("Which can").selectOption("new");
  await page.getByLabel("Its name").fill("Blue tin");
  await page.getByLabel("It ran for").fill("20");
  await page.getByRole("button", { name: "Add it" }).click();
  await page.getByRole("button", { name: "Keep the can" }).click();
  await expect(page.getByText(/^Two fluids at least/)).toBeVisible();
  await page.getByLabel("What", { exact: true }).selectOption("other");
  await page.getByLabel("Its thickness").fill("90");
  await page.getByLabel("It ran for").fill("240");
  await page.getByRole("button", { name: "Add it" }).click();
  await page.getByRole("button", { name: "Keep the can" }).click();
  await expect(page.getByText("Blue tin is calibrated.")).toBeVisible();
});

test("a greasy thumb: on a phone, from the yard to the draw in three taps", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openDemo(page);
  await page
    .getByRole("link", { name: /^Draw off.*Drum 3/ })
    .first()
    .click();
  await page.getByRole("link", { name: "Draw off, read, test" }).click();
  await page.getByRole("button", { name: "Start drawing off" }).click();
  await expect(page.getByRole("button", { name: "Stop" })).toBeVisible();
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(overflow).toBeLessThanOrEqual(0);
});

test("every side of the bench is accessible and fits a phone", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 800 });
  await openDemo(page, "/settle?vessel=drum-5");
  const look = async (what: string): Promise<void> => {
    const { violations } = await new AxeBuilder({ page })
      .withTags(["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"])
      // A message fades in, and is pale for a moment.
      .exclude("[data-sonner-toaster]")
      .analyze();
    expect(violations.map((v) => `${what}: ${v.id} ${v.nodes[0]?.html}`)).toEqual([]);
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(overflow, `${what} scrolls sideways`).toBeLessThanOrEqual(0);
  };
  await page.getByText(/^Through a 12 mm hose/).click();
  await look("draw off");
  await tab(page, "Read");
  await page.getByRole("button", { name: "Dip", exact: true }).click();
  await look("dip");
  await page.getByLabel("Clear down to", { exact: true }).fill("200");
  await expect(page.getByRole("slider", { name: "Clear down to, on the stick" })).toHaveAttribute(
    "aria-valuenow",
    "200",
  );
  await page.getByRole("button", { name: "Cancel" }).click();
  await page.getByRole("button", { name: "Jar to the light" }).click();
  await look("jar");
  await tab(page, "Water");
  await look("water");
  await tab(page, "Shed");
  await page.getByRole("radio", { name: /Year curve/ }).click();
  await look("shed");
  await tab(page, "Draw off");
  await page.getByRole("button", { name: "Start drawing off" }).click();
  await look("drawing");
});
