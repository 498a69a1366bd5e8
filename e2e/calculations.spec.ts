import AxeBuilder from "@axe-core/playwright";
import { expect, type Page, test } from "@playwright/test";
import { longRound } from "./tricks";
import { complaints, openDemo, openLog } from "./yard";

const answer = (page: Page) => page.getByRole("complementary", { name: "The answer" });

test("a calculation is read, tried with one's own figures, and explained, all in the page", async ({ page }) => {
  const bad = complaints(page);
  await openDemo(page, "/calculations?name=heat");
  await expect(answer(page)).toContainText("78.1 °C");
  await page.getByLabel("Fried oil, times as thick as fresh").fill("1");
  await expect(answer(page)).toContainText("70");
  await page.getByLabel("Pump limit").fill("thin");
  await expect(page.getByText("“thin” is not a number.")).toBeVisible();
  await page.getByLabel("Pump limit").fill("0");
  await expect(page.getByText("Pump limit must be at least 1.")).toBeVisible();
  await page.getByLabel("Pump limit").fill("15");
  await answer(page).getByText("Why?").click();
  await expect(answer(page).getByText("What would change it most")).toBeVisible();
  await expect(answer(page).getByRole("row", { name: /^Pump limit/ })).toBeVisible();
  await page.getByLabel("Find").last().fill("centri");
  await page.getByRole("link", { name: "Centrifuge: how fast to feed it" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Centrifuge: how fast to feed it");
  await expect(answer(page)).toContainText("L");
  const { violations } = await new AxeBuilder({ page }).withTags(["wcag2a", "wcag2aa", "wcag22aa"]).analyze();
  expect(violations.map((v) => `${v.id} ${v.nodes[0]?.html}`)).toEqual([]);
  expect(bad).toEqual([]);
});

test("long work can be stopped, and lists are typed as data", async ({ page }) => {
  await openDemo(page, "/calculations?name=round");
  await expect(answer(page)).toContainText("worth, less the way");
  await page.getByLabel("Stops").fill("[{");
  await expect(page.getByText(/not complete JSON/)).toBeVisible();
  await page.getByRole("button", { name: "Back to the example" }).click();
  await expect(answer(page)).toContainText("worth, less the way");
  const stops = Array.from({ length: 60 }, (_, i) => ({
    eastKm: (i * 17) % 41,
    northKm: (i * 29) % 37,
    litres: 5 + (i % 9),
    valuePerLitre: 1 + (i % 7) / 10,
    minutesThere: 1,
  }));
  const limits = { hours: 200, payloadKg: 5000, containerLitres: 5000, settlingRoomLitres: 5000, costPerKm: 0.01 };
  await page.getByLabel("Limits").fill(JSON.stringify(limits));
  await page.getByLabel("Stops").fill(JSON.stringify(stops));
  await page.getByRole("button", { name: "Stop" }).click();
  await expect(answer(page)).toContainText("Stopped.");
  await page.getByRole("button", { name: "Back to the example" }).click();
  await expect(answer(page)).toContainText("worth, less the way");
});

test.describe("with what was fetched ahead", () => {
  test.use({ serviceWorkers: "allow" });
  test("calculations and their Why work on a phone with no network", async ({ page, context }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await openDemo(page, "/calculations?name=heat");
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await context.setOffline(true);
    await page.reload();
    await expect(answer(page)).toContainText("78.1 °C");
    await page.getByText(/^All \d+ calculations$/).click();
    await page.getByRole("link", { name: "Lye to weigh" }).click();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("Lye to weigh");
    await expect(answer(page)).toContainText(/\d g/);
    await answer(page).getByText("Why?").click();
    await expect(answer(page).getByRole("row", { name: /^Purity of the base/ })).toBeVisible();
  });
});

test("other programs ask the same over HTTP, and are told what is wrong", async ({ request }) => {
  const heat = await request.post("/api/calc/heat", { data: { fluid: "canola", limitMm2PerS: 15 } });
  expect(heat.status()).toBe(200);
  expect((await heat.json()).celsius).toBeCloseTo(70.1, 0);
  const wrong = await request.post("/api/calc/heat", { data: { fluid: "canola", limitMm2PerS: "thin" } });
  expect(wrong.status()).toBe(400);
  expect(wrong.headers()["content-type"]).toBe("application/problem+json");
  expect(await wrong.json()).toMatchObject({ errors: [{ pointer: "/limitMm2PerS", detail: "must be a number" }] });
  const raw = (data: string) =>
    request.post("/api/calc/heat", { data, headers: { "Content-Type": "application/json" } });
  expect((await raw("{")).status()).toBe(400);
  expect((await raw(JSON.stringify({ note: "x".repeat(70_000) }))).status()).toBe(413);
  expect((await request.post("/api/calc/perpetuum", { data: {} })).status()).toBe(404);
  const list = await (await request.get("/api/calc")).json();
  expect(list.calculations.length).toBeGreaterThan(50);
  const document = await (await request.get("/api/openapi.json")).json();
  expect(document.openapi).toBe("3.1.0");
  expect(Object.keys(document.paths)).toHaveLength(list.calculations.length);
});

test("a bench says why, from the yard's own figures", async ({ page }) => {
  const bad = complaints(page);
  await openDemo(page, "/settle?vessel=drum-3");
  await page.getByText("Why?").click();
  await expect(page.getByText(/^Ready after: 2\d days/)).toBeVisible();
  await expect(page.getByRole("row", { name: /^Grain size/ })).toBeVisible();
  await openDemo(page, "/blend?vessel=tractor-tank");
  await page.getByText("Why?").click();
  await expect(page.getByText(/^Kinematic viscosity: /)).toBeVisible();
  await openDemo(page, "/drive?vehicle=flatbed");
  await page.getByText("Why?").click();
  await expect(page.getByText(/^Old fuel left at the pump: /)).toBeVisible();
  expect(bad).toEqual([]);
});

test("what must not meet is not offered; what has happened all the same stands in the books", async ({ page }) => {
  await openDemo(page);
  await openLog(page);
  await page.keyboard.press("b");
  await page.getByRole("radio", { name: "Petrol" }).click();
  await page.getByRole("radio", { name: /^Kerosene can/ }).click();
  await page.getByLabel("Litres", { exact: true }).fill("0.5");
  await expect(page.getByText(/Bond the cans to each other/)).toBeVisible();
  await page.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText(/^Bought 0.50 L petrol/)).toBeVisible();
  await page.goto("/blend?vessel=tractor-tank&demo=1");
  await expect(page.getByText(/Mix them in a can, never in its tank/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Pour and log" })).toBeDisabled();
  await openLog(page);
  await page.keyboard.press("b");
  await page.getByRole("radio", { name: "Petrol" }).click();
  await page
    .getByRole("dialog")
    .getByRole("radio", { name: /^Tractor/ })
    .click();
  await page.getByLabel("Litres", { exact: true }).fill("0.5");
  await page.getByRole("dialog").getByRole("button", { name: "It has happened: log it all the same" }).click();
  await expect(page.getByText(/^Bought 0.50 L petrol/).last()).toBeVisible();
  await page.goto("/books?demo=1");
  await expect(page.getByText("done although the app refused it")).toHaveCount(1);
});

test("heavy questions stand in nobody's way, and foreign callers are kept out", async ({ request }) => {
  const heavy = request.post("/api/calc/round", { data: longRound(40) });
  const light = await request.post("/api/calc/heat", { data: { fluid: "canola", limitMm2PerS: 15, usedFactor: 1.15 } });
  expect(light.status()).toBe(200);
  expect(light.headers()["content-security-policy"]).toContain("frame-ancestors 'none'");
  const answer = await heavy;
  expect(answer.status()).toBe(200);
  expect(((await answer.json()) as { order: unknown[] }).order.length).toBeGreaterThan(5);

  const data = { fluid: "canola", limitMm2PerS: 15 };
  const foreign = await request.post("/api/calc/heat", { data, headers: { Origin: "http://evil.example" } });
  expect(foreign.status()).toBe(403);
  expect(foreign.headers()["content-type"]).toContain("application/problem+json");
  const plain = await request.post("/api/calc/heat", { data: "{}", headers: { "Content-Type": "text/plain" } });
  expect(plain.status()).toBe(415);
  const form = { "Content-Type": "application/x-www-form-urlencoded" };
  expect((await request.post("/api/calc/heat", { data: JSON.stringify(data), headers: form })).status()).toBe(200);
  const page = await request.get("/", { headers: { Host: "evil.example" } });
  expect(page.status()).toBe(421);
  // Nor does another name get a file, and another port of this machine an answer.
  expect((await request.get("/icon.svg", { headers: { Host: "evil.example" } })).status()).toBe(421);
  const neighbour = await request.post("/api/calc/heat", { data, headers: { Origin: "http://127.0.0.1:1" } });
  expect(neighbour.status()).toBe(403);
  expect((await request.fetch("/", { method: "PUT" })).status()).toBe(405);
});
