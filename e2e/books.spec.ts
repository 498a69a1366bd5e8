import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import { complaints, litresIn, openDemo } from "./yard";

test("void, correct, undo and time travel", async ({ page }) => {
  const bad = complaints(page);
  await openDemo(page, "/books");
  const pickup = page.getByRole("listitem").filter({ hasText: /^Tue 24 Nov.*Pickup 19 L/ });

  await test.step("correct a pickup", async () => {
    await pickup.getByRole("button", { name: "Correct" }).click();
    await page.getByLabel("Litres", { exact: true }).fill("17");
    await page.getByRole("button", { name: "Put it right" }).click();
    await expect(
      page.getByRole("listitem").filter({ hasText: "Pickup 17 L" }).getByText("(a correction)"),
    ).toBeVisible();
    await expect(pickup.getByText("void or corrected")).toBeVisible();
  });

  await test.step("undo the correction with the key", async () => {
    await page.locator("h1").click();
    await page.keyboard.press("u");
    await expect(pickup.getByText("void or corrected")).toBeHidden();
  });

  await test.step("a void needs a reason, and takes the oil out of the yard", async () => {
    await pickup.getByRole("button", { name: "Void" }).click();
    await pickup.getByRole("button", { name: "Void it" }).click();
    await expect(pickup.getByText("Say why, for whoever reads the books.")).toBeVisible();
    await pickup.getByLabel("Why is it void?").fill("typed twice");
    await pickup.getByRole("button", { name: "Void it" }).click();
    await expect(pickup.getByText("void or corrected")).toBeVisible();
    await page.getByRole("link", { name: /the yard$/ }).click();
    await expect.poll(() => litresIn(page, "Pail 7")).toBe(0);
  });

  await test.step("a void that would leave later entries short is refused and says which", async () => {
    await page.getByRole("link", { name: /^Books/ }).click();
    const poured = page.getByRole("listitem").filter({ hasText: /Pickup 19 L .* into Carton 4/ });
    await poured.getByRole("button", { name: "Void" }).click();
    await poured.getByLabel("Why is it void?").fill("wrong kitchen");
    await poured.getByRole("button", { name: "Void it" }).click();
    await expect(
      poured.getByText(/would leave Carton 4 empty for something logged after it.*That entry is from/),
    ).toBeVisible();
    await expect(poured.getByText("void or corrected")).toBeHidden();
  });

  await test.step("look at another day", async () => {
    await page.getByLabel("As it stood on").fill("2026-11-10T12:00");
    await page.getByRole("button", { name: "Look" }).click();
    await expect(page.getByText(/as it stood on Tue 10 Nov/)).toBeVisible();
    await page.getByRole("link", { name: /the yard$/ }).click();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("The yard, Tuesday 10 November 2026");
    await expect(page.getByText("It closes.")).toBeVisible();
    await page.getByRole("button", { name: "Back to now" }).click();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("The yard, Tuesday 24 November");
  });
  expect(bad).toEqual([]);
});

test("overdraw, negative and future entries are refused at the form, and nothing is lost", async ({ page }) => {
  await openDemo(page);
  const before = await litresIn(page, "Ready");
  await page.keyboard.press("l");
  await page.getByRole("button", { name: "Fill a vehicle" }).click();
  await page
    .getByRole("radiogroup", { name: "Which tank" })
    .getByRole("radio", { name: /Flatbed oil/ })
    .click();
  await page.getByLabel("Litres", { exact: true }).fill("15,000");
  await expect(page.getByText(/a thousand or a decimal/)).toBeVisible();
  await page.getByLabel("Litres", { exact: true }).fill("-4");
  await expect(page.getByText("It cannot be less than nothing.")).toBeVisible();
  await page.getByLabel("Litres", { exact: true }).fill("900");
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText(/Ready is .* short of that/)).toBeVisible();
  await expect(page.getByLabel("Litres", { exact: true })).toHaveValue("900");
  await page.getByLabel("Litres", { exact: true }).fill("4 gal");
  await page.getByRole("button", { name: "Earlier", exact: true }).click();
  await page.getByLabel("When it happened").fill("2026-12-01T08:00");
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText(/has not come yet/)).toBeVisible();
  await page.getByLabel("When it happened").fill("2026-11-24T09:00");
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText("Filled Flatbed oil with 15.1 L.")).toBeVisible();
  await expect.poll(() => litresIn(page, "Ready")).toBeCloseTo(before - 15.1, 0);
});

const many = (n: number): string => `${n.toLocaleString("en-GB")} entries`;

test("export, break, restore", async ({ page }) => {
  await openDemo(page, "/books");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export the yard" }).click();
  const path = await (await download).path();
  const text = readFileSync(path, "utf8");
  const entries = (JSON.parse(text) as { count: number }).count;
  const choose = (name: string, content: string): Promise<void> =>
    page
      .getByLabel("Restore from a file")
      .setInputFiles({ name, mimeType: "application/json", buffer: Buffer.from(content) });

  for (const [content, words] of [
    [text.slice(0, 4000), "cut short"],
    [text.replace('"schema":5', '"schema":99'), "newer release"],
    [text.replace('"litres":19', '"litres":91'), "checksum does not match"],
    ["{}", "not a yard file"],
  ] as const) {
    await choose("bad.json", content);
    await expect(page.getByRole("alert").filter({ hasText: words })).toContainText("Nothing was changed.");
  }
  await expect(page.getByText(`${many(entries)} since`)).toBeVisible();

  await page.keyboard.press("l");
  await page.getByRole("button", { name: "Temperature" }).click();
  await page.getByLabel(/^In the shed/).fill("10");
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText(`${many(entries + 1)} since`)).toBeVisible();
  await choose("good.json", text);
  await expect(page.getByText(`good.json holds ${many(entries)}`)).toBeVisible();
  await page.getByRole("button", { name: "Replace this yard" }).click();
  await expect(page.getByText(`${many(entries)} since`)).toBeVisible();
});
