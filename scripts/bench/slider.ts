import { chromium, type Page } from "@playwright/test";
import { writeYardFile } from "@/core/formats";
import type { Entry, EntryId, SourceId, VesselId } from "@/core/ledger";
import { serveApp } from "./server";

const NOW = Date.UTC(2026, 10, 24, 12);
const HOUR = 3_600_000;
const VESSELS = 12;
const SWEEP_MS = 4000;

/** Twelve drums that were filled on twelve days: what a co-op's shed would ask of the slider. */
function twelveDrums(): Entry[] {
  const entries: Entry[] = [];
  const write = (hoursAgo: number, kind: string, data: object): void => {
    const at = new Date(NOW - hoursAgo * HOUR).toISOString();
    const id = `bench-${String(entries.length).padStart(4, "0")}` as EntryId;
    entries.push({ id, v: 1, happenedAt: at, recordedAt: at, device: "bench", kind, data } as Entry);
  };
  const source = "kitchen" as SourceId;
  write(2000, "source", { id: source, name: "Ropewalk canteen", container: "pail", dirt: "meaty-fryer" });
  for (let week = 0; week < 12; week++)
    write(1990 - week * 168, "weather", { shedCelsius: 12 + 4 * Math.sin(week / 2) });
  for (let i = 0; i < VESSELS; i++) {
    const id = `drum-${i + 1}` as VesselId;
    const shape = { kind: "cylinder", diameterMm: 571.5 };
    write(1000, "vessel", { id, name: `Drum ${i + 1}`, role: "settling", shape, rimMm: 850 });
    const muck = { water: 0.01, sludge: 0.01, "fryer-fat": 0.03 };
    write(900 - i * 60, "pickup", { source, to: id, fluid: "canola", amount: { litres: 120 + i * 6 }, muck });
  }
  return entries.sort((a, b) => a.happenedAt.localeCompare(b.happenedAt));
}

export interface SliderTrace {
  readonly frames: number;
  readonly perSecond: number;
  readonly medianMs: number;
  readonly p95Ms: number;
  readonly longestMs: number;
  readonly longTasks: number;
}

/** The time slider pulled from end to end and back over twelve drums, every frame that the browser drew noted. */
export async function sliderTrace(root: string): Promise<SliderTrace> {
  const { server, port } = await serveApp(root);
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? "/usr/bin/chromium",
    args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
  });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, timezoneId: "UTC" });
    await page.clock.setFixedTime(new Date(NOW));
    await restore(page, port);
    await page.goto(`http://127.0.0.1:${port}/settle?vessel=drum-1`);
    const slider = page.getByRole("slider", { name: "Day" });
    await slider.waitFor();
    await page.waitForTimeout(1500);
    return await sweep(page);
  } finally {
    await browser.close();
    server.kill();
  }
}

async function restore(page: Page, port: number): Promise<void> {
  await page.goto(`http://127.0.0.1:${port}/books`);
  await page.getByLabel("Restore from a file").setInputFiles({
    name: "twelve.json",
    mimeType: "application/json",
    buffer: Buffer.from(writeYardFile(twelveDrums(), new Date(NOW).toISOString())),
  });
  await page.getByRole("button", { name: "Replace this yard" }).click();
  await page.getByText(/^Restored/).waitFor();
}

async function sweep(page: Page): Promise<SliderTrace> {
  const box = await page.getByRole("slider", { name: "Day" }).boundingBox();
  if (!box) throw new Error("no slider");
  await page.evaluate(() => {
    const noted = { frames: [] as number[], long: 0 };
    Object.assign(window, { noted });
    new PerformanceObserver((list) => {
      noted.long += list.getEntries().length;
    }).observe({ type: "longtask" });
    const frame = (at: number): void => {
      noted.frames.push(at);
      requestAnimationFrame(frame);
    };
    requestAnimationFrame(frame);
  });
  const y = box.y + box.height / 2;
  await page.mouse.move(box.x + 10, y);
  await page.mouse.down();
  const start = performance.now();
  for (let share = 0; share < 1; share = (performance.now() - start) / SWEEP_MS) {
    const there = share < 0.5 ? share * 2 : 2 - share * 2;
    await page.mouse.move(box.x + 10 + (box.width - 20) * there, y);
  }
  await page.mouse.up();
  const { frames, long } = await page.evaluate(
    () => (window as unknown as { noted: { frames: number[]; long: number } }).noted,
  );
  const gaps = frames.slice(1).map((at, i) => at - (frames[i] ?? at));
  const sorted = [...gaps].sort((a, b) => a - b);
  const share = (s: number): number => Math.round((sorted[Math.floor(sorted.length * s)] ?? 0) * 10) / 10;
  const seconds = ((frames.at(-1) ?? 0) - (frames[0] ?? 0)) / 1000;
  return {
    frames: frames.length,
    perSecond: Math.round((frames.length / seconds) * 10) / 10,
    medianMs: share(0.5),
    p95Ms: share(0.95),
    longestMs: Math.round((sorted.at(-1) ?? 0) * 10) / 10,
    longTasks: long,
  };
}
