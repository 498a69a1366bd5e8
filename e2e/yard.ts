import { expect, type Page } from "@playwright/test";

/** The clock every test runs at, so that the demo yard is the same one every time. */
export const NOW = new Date("2026-11-24T13:32:00Z");

/** Opens a page of the demo yard at the fixed clock and waits until it is drawn. */
export async function openDemo(page: Page, path = "/"): Promise<void> {
  await page.clock.setFixedTime(NOW);
  await page.goto(`${path}${path.includes("?") ? "&" : "?"}demo=1`);
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
}

/** Opens the Log with its key, and waits until its letters count. */
export async function openLog(page: Page): Promise<void> {
  await page.keyboard.press("l");
  await expect(page.getByRole("heading", { name: "What just happened?" })).toBeVisible();
}

/** Moves a row of a list by its handle and the keys, a step; each key waits for what the list says of the one before. */
export async function moveByKey(page: Page, name: string, arrow: "ArrowUp" | "ArrowDown"): Promise<void> {
  const said = page.locator('[id^="DndLiveRegion"]');
  await page.getByRole("button", { name: `Move ${name}` }).focus();
  await page.keyboard.press("Space");
  await expect(said).toContainText("was moved over");
  const before = (await said.textContent()) ?? "";
  await page.keyboard.press(arrow);
  await expect(said).not.toHaveText(before);
  await page.keyboard.press("Space");
  await expect(said).toContainText("was dropped");
}

/** Litres standing in a vessel, read off its plate's drawing. */
export async function litresIn(page: Page, name: string): Promise<number> {
  const label = await page
    .getByRole("img", { name: new RegExp(`^${name}: `) })
    .first()
    .getAttribute("aria-label");
  return Number(/: ([\d,.]+) L/.exec(label ?? "")?.[1]?.replaceAll(",", ""));
}

/** Everything the page complains about: errors, and requests that would leave the machine. */
export function complaints(page: Page): string[] {
  const bad: string[] = [];
  page.on("console", (m) => {
    if (m.type() === "error") bad.push(`${m.text()} ${m.location().url}`);
  });
  page.on("pageerror", (e) => bad.push(e.message));
  page.on("request", (r) => {
    const url = new URL(r.url());
    if (!["127.0.0.1", ""].includes(url.hostname)) bad.push(`left the machine: ${r.url()}`);
  });
  return bad;
}
