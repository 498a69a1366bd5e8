import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { type BrowserContext, chromium, type Page } from "@playwright/test";

/** What a trial came to: a line of the report. `faults` must be empty. */
export interface Finding {
  readonly name: string;
  readonly figures: string;
  readonly faults: readonly string[];
}

/** A browser on a profile of its own that can be killed as a power cut would. */
export interface Lab {
  readonly base: string;
  /** Where the profile lies: the folder goes with `close`. */
  readonly profile: string;
  open(): Promise<{ context: BrowserContext; page: Page }>;
  /** At once, without a word to the page or the disk. */
  kill(): void;
  close(): Promise<void>;
}

export function newLab(
  base: string,
  folder = mkdtempSync(join(tmpdir(), "soak-")),
  browser = process.env.CHROMIUM_PATH ?? "/usr/bin/chromium",
): Lab {
  const profile = join(folder, "profile");
  let open: BrowserContext | null = null;
  return {
    base,
    profile,
    async open() {
      open = await chromium.launchPersistentContext(profile, {
        executablePath: browser,
        args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking", "--disk-cache-size=1"],
        viewport: { width: 1280, height: 800 },
        serviceWorkers: "block",
      });
      const page = open.pages()[0] ?? (await open.newPage());
      return { context: open, page };
    },
    kill() {
      try {
        execFileSync("pkill", ["-9", "-f", profile]);
      } catch {
        // Nothing of it runs any more.
      }
      open = null;
    },
    async close() {
      await open?.close().catch(() => undefined);
      open = null;
      rmSync(profile, { recursive: true, force: true });
    },
  };
}

export async function openShed(page: Page, base: string): Promise<void> {
  await page.goto(`${base}/shed`);
  await page.getByRole("heading", { level: 1, name: "Shed" }).waitFor({ timeout: 60_000 });
  await page.waitForFunction(() => !document.body.textContent.includes("Opening the yard"));
}

/** How many entries the page says are in the yard: what was acknowledged. */
export async function entriesSaid(page: Page): Promise<number> {
  const text = await page
    .getByRole("term")
    .filter({ hasText: /^Entries$/ })
    .locator("xpath=following-sibling::dd")
    .textContent();
  return Number(text);
}

/** The yard as the file that the page hands out. */
export async function exported(page: Page, base: string): Promise<string> {
  await page.goto(`${base}/books`);
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export the yard" }).click();
  return readFileSync(await (await download).path(), "utf8");
}

/** Taps "Gloves" on and off, each tap as soon as the one before was acknowledged, and notes each acknowledgement. */
export async function keepTapping(page: Page, acked: (entries: number) => void): Promise<void> {
  await page.exposeFunction("acked", acked).catch(() => undefined);
  await page.evaluate(() => {
    const said = (): number => {
      const term = [...document.querySelectorAll("dt")].find((dt) => dt.textContent === "Entries");
      return Number(term?.nextElementSibling?.textContent ?? Number.NaN);
    };
    let last = said();
    const tap = (): void => {
      const gloves = [...document.querySelectorAll<HTMLElement>('[role="radiogroup"]')].find((g) =>
        g.textContent?.includes("bigger targets"),
      );
      gloves?.querySelector<HTMLElement>('[role="radio"][aria-checked="false"]')?.click();
    };
    const look = (): void => {
      const now = said();
      if (now > last) {
        last = now;
        void (window as unknown as { acked(n: number): Promise<void> }).acked(now);
        tap();
      }
      setTimeout(look, 1);
    };
    tap();
    look();
  });
}

export const pause = (ms: number): Promise<void> => new Promise((later) => setTimeout(later, ms));
