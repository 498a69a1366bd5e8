// One picture of each main view, from the demo yard at a fixed clock. `node scripts/screenshots.mjs [--out DIR] [name …]`
import { mkdirSync } from "node:fs";
import { join } from "node:path";
import { ensureBuild, ensureChromium, ensureInstall, freePort, root, serve } from "./lib.mjs";

ensureInstall();
ensureBuild();
const { chromium } = await import("@playwright/test");
const NOW = new Date("2026-11-24T13:32:00");
const VIEWS = [
  { name: "yard", path: "/" },
  { name: "yard-phone", path: "/", phone: true },
  { name: "rounds", path: "/rounds" },
  { name: "source", path: "/source?id=harbour" },
  { name: "round", path: "/round", wait: "ol li b" },
  {
    name: "round-phone",
    path: "/round",
    phone: true,
    presses: [
      ["button", "Set off"],
      ["link", "Beacon doughnuts"],
      ["radio", "Clear"],
      ["button", "One jerrycan more"],
      ["button", "Half a jerrycan more"],
    ],
  },
  { name: "labels", path: "/labels" },
  { name: "settle", path: "/settle?vessel=drum-5", wait: "canvas" },
  { name: "ways", path: "/ways", wait: "canvas" },
  {
    name: "settle-phone",
    path: "/settle?vessel=drum-5",
    phone: true,
    presses: [
      ["tab", "Read"],
      ["button", "Dip"],
    ],
  },
  { name: "filter", path: "/filter" },
  { name: "blend", path: "/blend?vessel=tractor-tank", wait: "canvas" },
  { name: "kettle", path: "/kettle", wait: "canvas" },
  { name: "store", path: "/store" },
  {
    name: "drive",
    path: "/drive?vehicle=flatbed",
    presses: [
      ["button", "Engine started"],
      [20],
      ["button", "Return to loop"],
      ["button", "Supply to oil"],
      [18],
      ["button", "Stopping soon"],
    ],
  },
  {
    name: "rig",
    path: "/rig?vehicle=flatbed",
    presses: [
      ["button", "On oil"],
      ["tab", "Fail-safe proof"],
    ],
  },
  {
    name: "rehearse",
    path: "/rehearse?vehicle=flatbed",
    presses: [
      ["button", "First drive"],
      ["button", "×60"],
      ["button", "Start the engine"],
      [0, 14_000],
      ["button", "loop"],
      ["button", "oil"],
      [0, 12_000],
      ["button", "diesel"],
      [0, 9000],
      ["button", "Stop the engine"],
      ["button", "Done"],
    ],
  },
  { name: "books", path: "/books" },
  { name: "log", path: "/", keys: ["l"] },
];
const args = process.argv.slice(2);
const outAt = args.indexOf("--out");
const out = outAt < 0 ? join(root, "docs/screenshots") : args[outAt + 1];
const wanted = args.filter((_, i) => outAt < 0 || (i !== outAt && i !== outAt + 1));
const port = await freePort(4300);
const server = await serve(port);
mkdirSync(out, { recursive: true });
const browser = await chromium.launch({
  executablePath: ensureChromium(),
  args: ["--no-sandbox", "--disable-gpu", "--disable-quic", "--disable-background-networking", "--disable-sync"],
});
let bad = 0;
try {
  for (const v of VIEWS.filter((v) => wanted.length === 0 || wanted.includes(v.name))) {
    const context = await browser.newContext({
      viewport: v.phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
      hasTouch: Boolean(v.phone),
      timezoneId: "UTC",
      serviceWorkers: "allow",
    });
    const page = await context.newPage();
    page.on("console", (m) => {
      if (m.type() === "error") {
        console.error(`${v.name}: ${m.text()}`);
        bad++;
      }
    });
    page.on("pageerror", (e) => {
      console.error(`${v.name}: ${e.message}`);
      bad++;
    });
    await page.clock.setFixedTime(NOW);
    await page.goto(`http://127.0.0.1:${port}${v.path}${v.path.includes("?") ? "&" : "?"}demo=1`);
    await page.getByRole("heading", { level: 1 }).waitFor();
    if (v.wait) await page.locator(v.wait).first().waitFor();
    let now = NOW.getTime();
    for (const [role, name] of v.presses ?? []) {
      // In place of a press: minutes that the page's clock goes on, or milliseconds that one waits.
      if (typeof role === "number") {
        now += role * 60_000;
        await page.clock.setFixedTime(new Date(now));
        await page.waitForTimeout(name ?? 1500);
        continue;
      }
      await page.getByRole(role, { name }).first().click();
      await page
        .getByRole("button", { name: "Close toast" })
        .click({ timeout: 700 })
        .catch(() => undefined);
    }
    for (const k of v.keys ?? []) {
      await page.keyboard.press(k);
      await page.getByRole("dialog").getByRole("heading").first().waitFor();
      await page.waitForTimeout(250);
    }
    await page.waitForTimeout(350);
    await page.screenshot({ path: join(out, `${v.name}.png`) });
    await context.close();
  }
} finally {
  await browser.close();
  server.removeAllListeners("exit");
  server.kill();
}
process.exitCode = bad ? 1 : 0;
