import { readFile, writeFile } from "node:fs/promises";
import { expect, type Page, test } from "@playwright/test";
import jsQR from "jsqr";
import { PNG } from "pngjs";
import { validateXML } from "xmllint-wasm";
import { complaints, litresIn, moveByKey, NOW, openDemo } from "./yard";

const plate = (page: Page, name: string) =>
  page.getByRole("listitem").filter({ has: page.getByRole("heading", { name }) });

async function costOf(page: Page, name: string): Promise<string> {
  const words = await plate(page, name)
    .getByText(/a usable litre/)
    .textContent();
  return /([\d.]+) a usable litre/.exec(words ?? "")?.[1] ?? "";
}

async function goOffline(page: Page): Promise<void> {
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.context().setOffline(true);
}

test.describe("on a phone with no network", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, serviceWorkers: "allow" });

  test("plan, drive and log a three-stop round; then yard, forecast and worth have changed", async ({ page }) => {
    test.setTimeout(120_000);
    const bad = complaints(page);
    await openDemo(page);
    const drum5 = await litresIn(page, "Drum 5");
    await goOffline(page);

    await page.getByRole("link", { name: /^Rounds/ }).tap();
    const before = await costOf(page, "Beacon doughnuts");
    await expect(page.getByRole("img", { name: /^Beacon doughnuts: about 40 L of 40 L waiting/ })).toBeVisible();
    await page.getByRole("link", { name: "Plan a round" }).tap();
    await expect(page.getByRole("heading", { name: "3 stops" })).toBeVisible();
    await expect(
      page.getByRole("img", {
        name: /^Map of the round: Kittiwake yard, Beacon doughnuts, Lighthouse inn, Gannet hostel, Kittiwake yard; 34 km/,
      }),
    ).toBeVisible();
    await page.getByRole("button", { name: "Set off" }).tap();
    await expect(page.getByRole("heading", { level: 1, name: "Round, 0 of 3 stops" })).toBeVisible();

    await test.step("first stop: clear oil, two jerrycans", async () => {
      await page.getByRole("link", { name: /Beacon doughnuts/ }).tap();
      await page.getByRole("button", { name: "Take it into Trailer drum" }).tap();
      await expect(page.getByText("Hold a jar to the light first.")).toBeVisible();
      await page.getByRole("radio", { name: /^Clear/ }).tap();
      await expect(page.getByText("Clear, no water, nothing odd: good oil.")).toBeVisible();
      await page.getByRole("button", { name: "One jerrycan more" }).tap();
      await page.getByRole("button", { name: "One jerrycan more" }).tap();
      await expect(page.getByLabel("Paid for it")).toHaveValue("6");
      await page.getByLabel("Paid for it").fill("25");
      await page.getByRole("button", { name: "Take 40 L into Trailer drum" }).tap();
      await expect(page.getByRole("heading", { level: 1, name: "Round, 1 of 3 stops" })).toBeVisible();
    });

    await test.step("second stop: creamy and on water; warned, then refused, with a closed tab in between", async () => {
      await page.getByRole("link", { name: /Lighthouse inn/ }).tap();
      await page.getByRole("radio", { name: /^Creamy/ }).tap();
      await expect(page.getByText("Take it, but keep it apart")).toBeVisible();
      await page.getByRole("button", { name: "One jerrycan more" }).tap();
      await expect(
        page.getByText(/Trailer drum holds 40 L of good oil\. A doubtful lot spoils all of it/),
      ).toBeVisible();
      await page.getByRole("radio", { name: "A hand or more" }).tap();
      await expect(page.getByText("Leave it there")).toBeVisible();
      await page.clock.setFixedTime(new Date(NOW.getTime() + 20 * 60_000));
      await page.reload();
      await expect(page.getByText("Leave it there")).toBeVisible();
      await page.getByRole("button", { name: "Refuse it" }).tap();
      await expect(page.getByRole("heading", { level: 1, name: "Round, 2 of 3 stops" })).toBeVisible();
    });

    await test.step("third stop: off the pump, bad figures said at the field", async () => {
      await page.getByRole("link", { name: /Gannet hostel/ }).tap();
      await page.getByRole("radio", { name: /^Clear/ }).tap();
      await page.getByRole("radio", { name: "Pump" }).tap();
      await page.getByLabel("Litres off the pump").fill("-24");
      await expect(page.getByText("It cannot be less than nothing.")).toBeVisible();
      await page.getByLabel("Litres off the pump").fill("9999");
      await expect(page.getByText(/Trailer drum is safe to/)).toBeVisible();
      await expect(page.getByText(/over the payload/)).toBeVisible();
      await page.getByRole("button", { name: /^Take 9,999 L/ }).tap();
      await expect(page.getByText(/Trailer drum would run over by/)).toBeVisible();
      await page.getByLabel("Litres off the pump").fill("24");
      await page.getByLabel("Left there (if you know)").fill("5");
      await page.getByRole("button", { name: "Take 24 L into Trailer drum" }).tap();
      await expect(page.getByRole("heading", { level: 1, name: "Round, 3 of 3 stops" })).toBeVisible();
    });

    await page.getByLabel("Way").fill("37");
    await page.getByLabel("Took").fill("110");
    await page.getByRole("button", { name: "Log the round" }).tap();
    await expect(page.getByRole("heading", { level: 1, name: "Plan a round" })).toBeVisible();

    await test.step("what waits and what it is worth have changed", async () => {
      await page.getByRole("link", { name: /^Rounds/ }).tap();
      await expect(page.getByRole("img", { name: /^Beacon doughnuts: about 0 L of 40 L waiting/ })).toBeVisible();
      await expect(page.getByRole("img", { name: /^Gannet hostel: about 5 L of 200 L waiting/ })).toBeVisible();
      expect(Number(await costOf(page, "Beacon doughnuts"))).not.toBe(Number(before));
      await page.getByRole("link", { name: "Lighthouse inn" }).tap();
      await expect(page.getByText("refused: much water, creamy")).toBeVisible();
    });

    await test.step("so have the yard and, once it is tipped in, the settling forecast", async () => {
      await page.getByRole("link", { name: /the yard$/ }).tap();
      await expect.poll(() => litresIn(page, "Trailer drum")).toBeCloseTo(64, 0);
      await expect(page.getByText("It closes.")).toBeVisible();
      const clears = page.getByRole("link", { name: /^Clears .*: Drum 5$/ });
      const earlier = await clears.getAttribute("aria-label");
      // Tipped into Drum 5 it would set that back: the advice is to let it stand. It is poured in all the same.
      await expect(page.getByRole("link", { name: /^Stands to .*: Trailer drum$/ })).toBeVisible();
      await page.getByRole("button", { name: /^Log/ }).tap();
      await page.getByRole("button", { name: /^Pour/ }).tap();
      await page
        .getByRole("radiogroup", { name: "From" })
        .getByRole("radio", { name: /^Trailer drum/ })
        .tap();
      await page
        .getByRole("radiogroup", { name: "Into" })
        .getByRole("radio", { name: /^Drum 5/ })
        .tap();
      await page.getByRole("button", { name: "Log it" }).tap();
      // As much as is safe in the drum; the rest waits in the trailer's.
      await expect.poll(() => litresIn(page, "Drum 5")).toBe(207);
      await expect.poll(() => litresIn(page, "Trailer drum")).toBeCloseTo(drum5 + 64 - 207, 0);
      await expect(clears).not.toHaveAttribute("aria-label", earlier ?? "");
    });
    expect(bad).toEqual([]);
  });
});

test("reorder by key, by drag and back; leave out and put in; each says what it costs", async ({ page }) => {
  await openDemo(page, "/round");
  const order = () =>
    page
      .getByRole("list")
      .filter({ has: page.getByRole("button", { name: /^Move / }) })
      .getByRole("listitem")
      .locator("b");
  await expect(order()).toHaveText(["Beacon doughnuts", "Lighthouse inn", "Gannet hostel"]);
  await page.getByRole("button", { name: "Lighthouse inn earlier" }).click();
  await expect(order()).toHaveText(["Lighthouse inn", "Beacon doughnuts", "Gannet hostel"]);
  await expect(
    page.getByText(/^Your order: [\d.]+ km more and \d+ min more than the best, €[\d.]+ lost\.$/),
  ).toBeVisible();
  await page.getByRole("button", { name: "Back to the best round" }).click();

  await moveByKey(page, "Gannet hostel", "ArrowUp");
  await expect(order()).toHaveText(["Beacon doughnuts", "Gannet hostel", "Lighthouse inn"]);

  const [from, to] = [
    await page.getByRole("button", { name: "Move Gannet hostel" }).boundingBox(),
    await page.getByRole("button", { name: "Move Beacon doughnuts" }).boundingBox(),
  ];
  if (!from || !to) throw new Error("not drawn");
  await page.mouse.move(from.x + 10, from.y + 15);
  await page.mouse.down();
  await page.mouse.move(from.x + 10, from.y - 10, { steps: 4 });
  await page.mouse.move(to.x + 10, to.y + 5, { steps: 8 });
  await page.mouse.up();
  await expect(order()).toHaveText(["Gannet hostel", "Beacon doughnuts", "Lighthouse inn"]);
  // For 50 ms after a drop a click is taken for the end of the drag; counted by the page's clock, not the driver's.
  await page.evaluate(() => new Promise((done) => setTimeout(done, 100)));

  await page.getByRole("button", { name: "Leave out Lighthouse inn" }).click();
  await expect(order()).toHaveText(["Gannet hostel", "Beacon doughnuts"]);
  await expect(page.getByText(/left out by you/)).toBeVisible();
  await page.getByRole("button", { name: "Put in Lighthouse inn" }).click();
  await expect(order()).toHaveText(["Gannet hostel", "Beacon doughnuts", "Lighthouse inn"]);
});

test("closed doors and absurd limits are said, and nothing typed is lost", async ({ page }) => {
  await openDemo(page, "/round");
  await expect(page.getByRole("heading", { name: "3 stops" })).toBeVisible();
  await page.getByLabel("Leaves at").fill("25:99");
  await expect(page.getByText("Write it like 09:00.")).toBeVisible();
  await page.getByLabel("Leaves at").fill("06:00");
  await page.getByLabel("Hours there are").fill("400");
  await expect(page.getByText("Between a quarter of an hour and 24 hours.")).toBeVisible();
  await page.getByLabel("Hours there are").fill("2");
  await page.getByLabel("Payload left").fill("-5");
  await expect(page.getByText("It cannot be less than nothing.")).toBeVisible();
  await page.getByLabel("Payload left").fill("");
  // The inn opens at ten.
  await expect(page.getByText(/closed then; about \d+ L/)).toBeVisible();
  await page.getByRole("button", { name: "Put in Lighthouse inn" }).click();
  await expect(page.getByText("Closed then: Mon to Sat 10:00 to 22:00.")).toBeVisible();
  await page.getByLabel("Leaves at").fill("08:05");
  await page.getByRole("button", { name: "Lighthouse inn earlier" }).click();
  await expect(page.getByText(/after a wait of \d+ min/)).toBeVisible();
  await expect(page.getByText(/^It takes .* longer than the 2 h 00 there are\.$/)).toBeVisible();
  await expect(page.getByLabel("Leaves at")).toHaveValue("08:05");
  await page.getByLabel("Hours there are").fill("0.5");
  await page.getByRole("radio", { name: /A car/ }).click();
  await expect(page.getByLabel("Hours there are")).toHaveValue("0.5");
});

test("the round as GPX holds to the public schema, and as a sheet has every stop", async ({ page }) => {
  await openDemo(page, "/round");
  await expect(page.getByRole("heading", { name: "3 stops" })).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save as GPX" }).click(),
  ]);
  expect(download.suggestedFilename()).toBe("round-of-tuesday-24-november.gpx");
  const gpx = await readFile(await download.path(), "utf8");
  const schema = await readFile(new URL("../src/core/formats/schemas/gpx-1.1.xsd", import.meta.url), "utf8");
  const checked = await validateXML({
    xml: [{ fileName: "round.gpx", contents: gpx }],
    schema: [{ fileName: "gpx.xsd", contents: schema }],
  });
  expect(checked.errors).toEqual([]);
  expect([...gpx.matchAll(/<rtept/g)]).toHaveLength(5);
  await page.emulateMedia({ media: "print" });
  const sheet = page.getByRole("region", { name: "Round sheet" });
  await expect(sheet.getByRole("row")).toHaveCount(4);
  await expect(sheet.getByText(/The drum stands behind the boiler house/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Set off" })).toBeHidden();
  await expect(page.getByRole("navigation", { name: "Stations" })).toBeHidden();
});

test("a label's code opens its container", async ({ page }) => {
  const bad = complaints(page);
  await openDemo(page, "/labels?vessel=ready");
  const label = page.getByRole("listitem", { name: "Label of Ready" });
  await expect(label.getByText("Ready, 5 µm")).toBeVisible();
  await expect(label.getByText(/Lot \w{5}, /)).toBeVisible();
  const png = PNG.sync.read(await label.getByRole("img").screenshot());
  const code = jsQR(new Uint8ClampedArray(png.data), png.width, png.height);
  expect(code?.data).toMatch(/^http:\/\/127\.0\.0\.1:\d+\/container\?vessel=ready&demo=1$/);
  await page.emulateMedia({ media: "print" });
  const box = await label.boundingBox();
  // 99.1 × 67.7 mm at 96 dots to the inch.
  expect(box?.width).toBeCloseTo((99.1 / 25.4) * 96, 0);
  expect(box?.height).toBeCloseTo((67.7 / 25.4) * 96, 0);
  await expect(page.getByRole("heading", { level: 1 })).toBeHidden();
  await page.emulateMedia({ media: "screen" });
  await page.getByRole("radio", { name: /62 × 29 mm/ }).click();
  await page.getByRole("button", { name: "All" }).click();
  await expect(page.getByRole("button", { name: "Print 26 labels" })).toBeEnabled();
  await page.goto(code?.data ?? "");
  await expect(page.getByRole("heading", { level: 1, name: "Ready" })).toBeVisible();
  await expect(page.getByText("Filtered to")).toBeVisible();
  expect(bad).toEqual([]);
});

test("a fresh source takes a name and a container; the rest when it matters, bad figures said at the field", async ({
  page,
}) => {
  await openDemo(page, "/rounds");
  await page.getByRole("button", { name: "Add a source" }).click();
  await page.getByLabel("Its name").fill("Tern bakery");
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText("Tern bakery is on the list.")).toBeVisible();
  await page.getByRole("link", { name: "Tern bakery" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Tern bakery" })).toBeVisible();

  await page.getByRole("radio", { name: "They want" }).click();
  await page.getByLabel("For a litre").fill("-3");
  await page.getByRole("radio", { name: "Coordinates" }).click();
  await page.getByLabel("Latitude").fill("97");
  await page.getByLabel("Longitude").fill("-22.41");
  await page.getByRole("button", { name: "Add hours" }).click();
  await page.getByLabel("To", { exact: true }).fill("08:00");
  await page.getByLabel("How many of them").fill("2.5");
  await page.getByRole("button", { name: "Keep it" }).click();
  for (const words of [
    "Between nothing and 100.",
    "Off the world: latitude runs from −90 to 90.",
    "It closes before it opens.",
    "A whole number.",
    "Something above is not right yet. Nothing was lost.",
  ])
    await expect(page.getByText(words)).toBeVisible();
  await expect(page.getByLabel("Latitude")).toHaveValue("97");

  await page.getByLabel("For a litre").fill("0.08");
  await page.getByLabel("Latitude").fill("57.33");
  await page.getByLabel("To", { exact: true }).fill("16:30");
  await page.getByLabel("How many of them").fill("2");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText("20 L jerrycan; €0.08 a litre; Mon to Fri 09:00 to 16:30.")).toBeVisible();
  await expect(page.getByText(/^2\.3 km from home as the crow flies/)).toBeVisible();

  await page.getByRole("img", { name: /^Map of/ }).click({ position: { x: 300, y: 120 } });
  await expect(page.getByRole("radio", { name: "On the map" })).toBeChecked();
  await expect(page.getByLabel("East of home")).not.toHaveValue("");
});

test("a photo is made small and kept; one of 20 MB and one that is none are refused", async ({ page }, testInfo) => {
  const bad = complaints(page);
  await openDemo(page, "/source?id=gannet");
  const input = page.getByLabel("Add a photo of the containers and where they stand");
  // From the disk, as a person would: through the driver so much takes as long as the machine is slow.
  const huge = testInfo.outputPath("huge.jpg");
  await writeFile(huge, Buffer.alloc(20_000_000));
  await input.setInputFiles(huge);
  await expect(page.getByText(/over 15 MB/)).toBeVisible();
  await input.setInputFiles({ name: "notes.jpg", mimeType: "image/jpeg", buffer: Buffer.from("not a picture") });
  await expect(page.getByText(/cannot read this as a picture/)).toBeVisible();
  await expect(page.getByText("Nothing was changed.")).toBeVisible();
  const png = new PNG({ width: 2400, height: 1200 });
  for (let i = 0; i < png.data.length; i++) png.data[i] = (i * 7 + (i >> 9)) % 256;
  await input.setInputFiles({ name: "drum.png", mimeType: "image/png", buffer: PNG.sync.write(png) });
  const photo = page.getByRole("img", { name: "Gannet hostel, where the oil stands" });
  await expect(photo).toBeVisible();
  expect(await photo.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(1024);
  await page.reload();
  await expect(photo).toBeVisible();
  expect(bad).toEqual([]);
});

test("a traveller collects along the way and stays at the last stop, with range left", async ({ page }) => {
  await openDemo(page, "/round");
  await page.getByRole("radio", { name: /At the last stop/ }).click();
  await expect(page.getByText(/^Trailer gets about \d+ km/)).toBeVisible();
  await page.getByLabel("Can settle").fill("60");
  await expect(page.getByRole("heading", { name: /^\d stops$|^One stop$/ })).toBeVisible();
  await page.getByRole("button", { name: "Set off" }).click();
  await expect(page.getByRole("heading", { level: 1, name: /^Round, 0/ })).toBeVisible();
  await page
    .getByRole("link", { name: /about \d+ L$/ })
    .first()
    .click();
  await page.getByRole("radio", { name: /^Clear/ }).click();
  await page.getByRole("button", { name: "One jerrycan more" }).click();
  await page.getByRole("button", { name: /^Take 20 L into Trailer drum/ }).click();
  await page.getByRole("button", { name: /^End it/ }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Plan a round" })).toBeVisible();
  await page.clock.setFixedTime(new Date(NOW.getTime() + 60_000));
  await page.getByRole("link", { name: /^Rounds/ }).click();
  await expect(page.getByText(/^Stands [\d.]+ km from home\.$/)).toBeVisible();
  await expect(page.getByText(/20 L aboard, 300 kg of 320 kg left to load/)).toBeVisible();
});
