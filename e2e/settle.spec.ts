import { expect, test } from "@playwright/test";
import { PNG } from "pngjs";
import { aside, later, readyWords, tab } from "./settling";
import { complaints, litresIn, openDemo, openLog } from "./yard";

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
  const choice = page.locator("[data-choice]");
  await expect(choice).toHaveAttribute("data-choice", "wait");
  await page.getByRole("radio", { name: "Tomorrow" }).click();
  await expect(choice).toHaveAttribute("data-choice", /^(fine|centrifuge)$/);

  const before = await readyWords(page);
  await tab(page, "Shed");
  await page.getByRole("radio", { name: /Typed/ }).click();
  await page.getByLabel("It will be").fill("90");
  await page.getByRole("button", { name: "Use it" }).click();
  await expect(page.getByText("A temperature between −40 °C and 60 °C.")).toBeVisible();
  await page.getByLabel("It will be").fill("4");
  await page.getByRole("button", { name: "Use it" }).click();
  await tab(page, "Draw off");
  await expect(aside(page).getByText(before)).toBeHidden();
  await tab(page, "Shed");
  await page.getByRole("radio", { name: /Year curve/ }).click();
  await page.getByLabel("Jan").fill("cold");
  await page.getByRole("button", { name: "Keep the year curve" }).click();
  await expect(page.getByText("−40 °C to 60 °C")).toBeVisible();
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
  await expect(page.getByText("fat line 38 mm, read")).toBeVisible();

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
  await expect(page.locator("#cut-away").getByText(/^oil 577 mm/)).toBeVisible();

  // A dip from before it was filled, through the Log and backdated.
  await openLog(page);
  await page.getByRole("dialog").getByRole("button", { name: /^Dip/ }).click();
  await page.getByRole("radio", { name: /^Drum 5/ }).click();
  await page.getByLabel("Fat line, from the bottom (if you know)").fill("40");
  await page.getByRole("button", { name: "Earlier", exact: true }).click();
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
  await expect(page.getByText("Between 2 mm and 100 mm.")).toBeVisible();
  await page.getByLabel("Inside, across").fill("19");
  await expect(minutes).not.toHaveText(usual ?? "");
  await page.getByRole("radio", { name: /^Hole/ }).click();
  await page.getByLabel("Hole at, if it is bored").fill("20");
  await expect(page.getByText(/The hole lies in what must stay/)).toBeVisible();
  await page.getByRole("radio", { name: /^Hose/ }).click();
  await expect(page.getByText(/Feed tub does not hold all of it.*Do not walk away/)).toBeVisible();

  const before = await litresIn(page, "Drum 3");
  await page.getByRole("button", { name: "Start drawing off" }).click();
  await expect(page.getByText(/^Stop at [\d:]+: Feed tub is full/)).toBeVisible();
  const soon = page.getByRole("alert").filter({ hasText: /^Stop in/ });
  await expect(soon).toBeHidden();
  // A closed tab loses nothing: it runs on by the clock.
  await page.reload();
  await later(page, 3);
  await expect(page.getByText(/^3 min of about/)).toBeVisible();
  await page.getByRole("link", { name: /the yard$/ }).click();
  await expect(
    page.getByRole("status").filter({ hasText: /Drum 3 is running\. Then: Feed tub is full/ }),
  ).toBeVisible();
  await page.getByRole("link", { name: /Drum 3 is running/ }).click();
  await later(page, 300);
  await expect(page.getByRole("alert").filter({ hasText: /^Stop now: Drum 3 is running/ })).toBeVisible();
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
    const list = page.getByLabel("Into", { exact: true });
    const option = await list.getByRole("option", { name: new RegExp(`^${into}`) }).getAttribute("value");
    await list.selectOption(option);
    await page.getByLabel("Litres you got").fill(litres);
    await page.getByRole("button", { name: "Log the draw-off" }).click();
    await expect(page.getByText(`Drew ${litres} L off Drum 3.`).last()).toBeVisible();
  }
  // Entries of one moment go by their ids: a page opened anew begins its own.
  await later(page, 2);
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
  await expect(panel.getByText(/well warmer than the body/)).toBeVisible();

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
