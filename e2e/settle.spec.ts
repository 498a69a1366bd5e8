import AxeBuilder from "@axe-core/playwright";
import { expect, type Page, test } from "@playwright/test";
import { PNG } from "pngjs";
import { complaints, litresIn, NOW, openDemo, openLog } from "./yard";

const aside = (page: Page) => page.getByRole("complementary", { name: "Draw off" });
const tab = (page: Page, name: string) => page.getByRole("tab", { name, exact: true }).click();
const later = (page: Page, minutes: number) => page.clock.setFixedTime(new Date(NOW.getTime() + minutes * 60_000));

/** The day a drum is said to be ready, as its panel words it. */
async function readyWords(page: Page): Promise<string> {
  return (
    (await aside(page)
      .getByText(/^ready (about|since)|^wet/)
      .textContent()) ?? ""
  );
}

test("see through the drum: the slider moves fronts, chart and neighbours; the shed's forecast moves the date", async ({
  page,
}) => {
  const bad = complaints(page);
  await openDemo(page, "/settle?vessel=drum-5");
  const slider = page.getByRole("slider", { name: "Day" });
  await expect(slider).toHaveAttribute("aria-valuetext", /^now, Tue 24 Nov, 11 °C/);
  const clarity = page.locator("[data-clarity]");
  const now = Number(await clarity.getAttribute("data-clarity"));
  expect(now).toBeGreaterThan(50);
  const front = page.getByText(/^fines 20 µm gone above \d+$/);
  const here = Number(/(\d+)$/.exec((await front.textContent()) ?? "")?.[1]);
  await slider.focus();
  await page.keyboard.press("ArrowLeft");
  await slider.fill("30");
  await expect(page.getByRole("button", { name: "Today" })).toBeEnabled();
  const earlier = Number(/(\d+)$/.exec((await front.textContent()) ?? "")?.[1]);
  expect(earlier).toBeGreaterThan(here);
  expect(Number(await clarity.getAttribute("data-clarity"))).toBeLessThan(now);
  await page.keyboard.press("End");
  await expect(clarity).toHaveAttribute("data-clarity", "100");
  await expect(front).toBeHidden();
  await page.getByRole("button", { name: "Today" }).click();
  await expect(clarity).toHaveAttribute("data-clarity", String(now));

  await expect(
    page.getByRole("img", { name: /^Clear at the suction by day.*5 °C warmer: .*; 5 °C colder: / }),
  ).toBeVisible();
  await expect(page.getByText(/^Warming it (once saves|does not pay|pays)/)).toBeVisible();
  const ways = page.getByRole("table").filter({ hasText: "From today" });
  await expect(ways.getByRole("row")).toHaveCount(6);
  await expect(ways.getByRole("row", { name: /^Gelatine .* L/ })).toBeVisible();

  const before = await readyWords(page);
  await tab(page, "Shed");
  await page.getByRole("radio", { name: /Typed/ }).click();
  await page.getByLabel("It will be").fill("90");
  await page.getByRole("button", { name: "Use it" }).click();
  await expect(page.getByText("A temperature between −40 and 60 °C.")).toBeVisible();
  await page.getByLabel("It will be").fill("4");
  await page.getByRole("button", { name: "Use it" }).click();
  await tab(page, "Draw off");
  await expect(aside(page).getByText(before)).toBeHidden();
  await tab(page, "Shed");
  await page.getByRole("radio", { name: /Year curve/ }).click();
  await page.getByLabel("Jan").fill("cold");
  await page.getByRole("button", { name: "Keep the year curve" }).click();
  await expect(page.getByText("−40 to 60 °C")).toBeVisible();
  await page.getByLabel("Jan").fill("7.5");
  await page.getByRole("button", { name: "Keep the year curve" }).click();
  await expect(page.getByText("The year curve is kept.")).toBeVisible();
  await tab(page, "Draw off");
  await aside(page).getByText("Why?").click();
  await expect(aside(page).getByText("the shed follows your year curve")).toBeVisible();
  expect(bad).toEqual([]);
});

test("read it: a dip dragged and typed, a jar, a photo; each says before and after", async ({ page }) => {
  await openDemo(page, "/settle?vessel=drum-5");
  await tab(page, "Read");
  await expect(aside(page).getByText("2 since it was stirred", { exact: true })).toBeVisible();
  const said = await aside(page)
    .getByText(/^Your readings say/)
    .textContent();
  await page.getByRole("button", { name: "Dip", exact: true }).click();
  const handle = page.getByRole("slider", { name: "Clear down to, on the stick" });
  const box = await handle.boundingBox();
  if (!box) throw new Error("no handle");
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 + 30, { steps: 5 });
  await page.mouse.up();
  const dragged = Number(await page.getByLabel("Clear down to", { exact: true }).inputValue());
  expect(dragged).toBeGreaterThan(100);
  await handle.focus();
  await page.keyboard.press("ArrowUp");
  await expect(page.getByLabel("Clear down to", { exact: true })).toHaveValue(String(dragged + 1));
  await page.getByLabel("Fat line", { exact: true }).fill("38");
  await page.getByLabel("Oil at", { exact: true }).fill("12");
  await page.getByRole("button", { name: "Log the dip" }).click();
  await expect(page.getByText("Dipped Drum 5. The forecast rests on it now.")).toBeVisible();
  await expect(aside(page).getByText("3 since it was stirred", { exact: true })).toBeVisible();
  await expect(aside(page).getByText(/^Before the latest reading: clear about/)).toBeVisible();
  expect(
    await aside(page)
      .getByText(/^Your readings say/)
      .textContent(),
  ).not.toBe(said);
  await expect(page.getByText("fat line 38, dipped")).toBeVisible();

  await later(page, 5);
  await page.getByRole("button", { name: "Jar to the light" }).click();
  await page.getByRole("radio", { name: /^Haze/ }).click();
  await page.getByRole("button", { name: "Log the jar" }).click();
  await expect(page.getByText("Jar of Drum 5 noted.")).toBeVisible();
  await expect(aside(page).getByText("step 2 of 5 at 63 mm")).toBeVisible();

  await aside(page).getByText("How good were the forecasts?").click();
  await expect(aside(page).getByText(/^The last \d+ were drawn/)).toBeVisible();
  await expect(
    aside(page)
      .getByText(/forecast .*, drawn .*, came haze/)
      .first(),
  ).toBeVisible();

  await tab(page, "Shed");
  const png = new PNG({ width: 60, height: 40 });
  await page
    .getByLabel("Add a photo: the jar, the fat line, the scum")
    .setInputFiles({ name: "jar.png", mimeType: "image/png", buffer: PNG.sync.write(png) });
  await expect(page.getByRole("img", { name: "Drum 5, as it looks inside" })).toBeVisible();
});

test("odd readings are said plainly, and kept or dropped as one decides", async ({ page }) => {
  await openDemo(page, "/settle?vessel=drum-5");
  await tab(page, "Read");
  await page.getByRole("button", { name: "Dip", exact: true }).click();
  await page.getByLabel("Oil level", { exact: true }).fill("900");
  await expect(page.getByText(/The rim of Drum 5 is at 850 mm: this lies above it/)).toBeVisible();
  await page.getByLabel("Oil level", { exact: true }).fill("570");
  await page.getByLabel("Fat line", { exact: true }).fill("600");
  await expect(page.getByText("The fat line lies above the oil level.")).toBeVisible();
  await page.getByRole("button", { name: "Drop it" }).click();
  await expect(aside(page).getByText("2 since it was stirred", { exact: true })).toBeVisible();

  await page.getByRole("button", { name: "Dip", exact: true }).click();
  await page.getByLabel("Clear down to", { exact: true }).fill("480");
  await expect(page.getByText(/it was clear down to 299 mm.*both count/)).toBeVisible();
  await page.getByLabel("Clear down to", { exact: true }).fill("abc");
  await expect(page.getByText("“abc” is not a number.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Log the dip" })).toBeDisabled();
  await page.getByLabel("Clear down to", { exact: true }).fill("");
  await page.getByLabel("Oil level", { exact: true }).fill("900");
  await page.getByRole("button", { name: "Keep it as read" }).click();
  await expect(aside(page).getByText(/cannot be, not counted/)).toBeVisible();
  await expect(page.getByText(/^oil 577 mm/)).toBeVisible();

  // A dip from before it was filled, through the Log and backdated.
  await openLog(page);
  await page.getByRole("dialog").getByRole("button", { name: /^Dip/ }).click();
  await page.getByRole("radio", { name: /^Drum 5/ }).click();
  await page.getByLabel("Fat line, mm from the bottom (if you know)").fill("40");
  await page.getByText("Earlier than now, read warm, or a note").click();
  await page.getByLabel("When it happened").fill("2026-11-11T09:00");
  await expect(page.getByText(/was empty then: it had not been filled yet/)).toBeVisible();
});

test("draw it off: suction, minutes, an alarm before it runs over, stop, and what was really got", async ({ page }) => {
  await openDemo(page, "/settle?vessel=drum-3");
  const minutes = aside(page)
    .getByText(/^about (\d+ h \d+|\d+ min)/)
    .first();
  const usual = await minutes.textContent();
  await page.getByLabel("Margin above what stays").fill("60");
  await expect(aside(page).getByText("above 101 mm")).toBeVisible();
  await page.getByRole("button", { name: "Always 60 mm" }).click();
  await expect(page.getByText("Your margin is 60 mm from now on.")).toBeVisible();
  await page.getByText(/^Through a 12 mm hose/).click();
  await page.getByLabel("Inside, across").fill("1");
  await expect(page.getByText("Between 2 and 100 mm.")).toBeVisible();
  await page.getByLabel("Inside, across").fill("19");
  await expect(minutes).not.toHaveText(usual ?? "");
  await page.getByRole("radio", { name: /^Hole/ }).click();
  await page.getByLabel("Hole at, if it is bored").fill("20");
  await expect(page.getByText(/The hole lies in what must stay/)).toBeVisible();
  await page.getByRole("radio", { name: /^Hose/ }).click();
  await expect(page.getByText(/Feed tub does not hold all of it.*Do not walk away/)).toBeVisible();

  const before = await litresIn(page, "Drum 3");
  await page.getByRole("button", { name: "Start drawing off" }).click();
  await expect(page.getByText(/Stop at .*: Feed tub is full/)).toBeVisible();
  const soon = page.getByRole("alert").filter({ hasText: /^Stop in/ });
  await expect(soon).toBeHidden();
  // A closed tab loses nothing: it runs on by the clock.
  await page.reload();
  await later(page, 3);
  await expect(page.getByText(/^3 min of about/)).toBeVisible();
  await later(page, 300);
  await expect(page.getByRole("alert").filter({ hasText: "Stop now: Feed tub is full." })).toBeVisible();
  await page.getByRole("button", { name: "Stop" }).click();
  await page.getByLabel("Litres you got").fill("");
  await page.getByRole("button", { name: "Log the draw-off" }).click();
  await expect(page.getByText("Say how many litres you drew.")).toBeVisible();
  await page.getByLabel("Litres you got").fill("120");
  await page.getByRole("button", { name: "Log the draw-off" }).click();
  await expect(page.getByText(/Feed tub would run over by/)).toBeVisible();
  await expect(page.getByLabel("Litres you got")).toHaveValue("120");
  await page.getByLabel("Litres you got").fill("58.5");
  await page.getByRole("button", { name: "Clear", exact: true }).click();
  await page.getByRole("button", { name: "Log the draw-off" }).click();
  await expect(page.getByText("Drew 59 L off Drum 3. The heel stays.")).toBeVisible();
  expect(Math.abs((await litresIn(page, "Drum 3")) - (before - 58.5))).toBeLessThanOrEqual(1);
  await expect(page.getByRole("button", { name: "Start drawing off" })).toBeVisible();
});

test("heels: what a drawn drum keeps is pooled, waited for, and then goes where it belongs", async ({ page }) => {
  await openDemo(page, "/settle?vessel=drum-3");
  // Into the empty-enough drum 5 first, then the rest into the feed tub: nothing drawable stays.
  for (const [into, litres] of [
    ["Feed tub", "66"],
    ["Ready", "66"],
    ["Drum 5", "22"],
  ] as const) {
    await page.getByRole("radio", { name: new RegExp(`^${into}`) }).click();
    await page.getByLabel("Litres you got").fill(litres);
    await page.getByRole("button", { name: "Log the draw-off" }).click();
    await expect(page.getByText(`Drew ${litres} L off Drum 3.`).last()).toBeVisible();
  }
  await page.goto("/?demo=1");
  await expect(page.getByText("Pool what is left in Drum 3")).toBeVisible();
  await page.goto("/settle?vessel=heel-tub&demo=1");
  await expect(page.locator("[data-fate]")).toHaveAttribute("data-fate", /.+/);
  await page.getByRole("button", { name: /^Drum 3, 17 L/ }).click();
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText(/^Poured 17 L from Drum 3 into Heel tub/)).toBeVisible();
  await expect(page.getByRole("img", { name: /^Of 27 L: .* sludge\.$/ })).toBeVisible();
  await expect(page.locator("[data-fate]")).toHaveAttribute("data-fate", "wait");
  await expect(page.getByText(/of oil will stand clear about/)).toBeVisible();
  await expect(page.getByRole("button", { name: /^Drum 3, / })).toBeHidden();
});

test("the settler: drops a second, a day's batch through it, and its bottom cleaned out", async ({ page }) => {
  await openDemo(page, "/settle?vessel=cone");
  const panel = aside(page);
  await expect(panel.getByText(/^1\.\d drops a second/)).toBeVisible();
  await expect(panel.getByText(/Sludge is up after another/)).toBeVisible();
  await panel.getByLabel("You count, drops a second").fill("6");
  await expect(panel.getByText(/L\/h holds 4\d µm/)).toBeVisible();
  await panel.getByLabel("Feed at").fill("16");
  await expect(panel.getByText(/over 2 °C warmer than the body/)).toBeVisible();

  const [pail, feed] = [await litresIn(page, "Pail 7").catch(() => null), 0];
  expect(pail === null || pail >= feed).toBe(true);
  await panel.getByLabel("Litres fed today").fill("400");
  await panel.getByRole("button", { name: "Log the batch" }).click();
  await expect(panel.getByText(/Pail 7 /).last()).toBeVisible();
  await panel.getByLabel("Litres fed today").fill("15");
  await panel.getByRole("button", { name: "Log the batch" }).click();
  await expect(page.getByText("15 L from Pail 7 through Cone into Feed tub.")).toBeVisible();
  await expect(panel.getByText("574 L")).toBeVisible();

  await later(page, 2);
  await panel.getByRole("button", { name: "Clean out the bottom" }).click();
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText(/off the bottom of Cone/)).toBeVisible();
  await expect(panel.getByText(/^Fed since cleaned/)).toBeVisible();
  await panel.getByRole("button", { name: "Set up" }).click();
  await panel.getByLabel("Sludge may stand to").fill("2000");
  await panel.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(panel.getByText("Below the overflow at 1,020 mm.")).toBeVisible();
  await panel.getByLabel("Sludge may stand to").fill("350");
  await panel.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText("Cone is set up.")).toBeVisible();
});

test("disturbed in one tap, and undone", async ({ page }) => {
  await openDemo(page, "/settle?vessel=drum-5");
  await page.getByRole("button", { name: "Carried" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Drum 5, today");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Drum 5, day 10");
});

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
  await expect(page.getByText("Between 20 and 95 °C.")).toBeVisible();
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
