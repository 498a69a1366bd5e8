import type { Page } from "@playwright/test";
import { writeYardFile } from "@/core/formats";
import { bigYard } from "@/demo";
import { newLab, openShed } from "../soak/lab";
import { serveApp } from "./server";

const END = Date.UTC(2026, 10, 24, 12);
const TAPS = 25;

export interface Acknowledged {
  readonly entries: number;
  /** From the tap to the word, on the disk twice; and the same while another tab has the yard open. */
  readonly aloneMs: number;
  readonly besideATabMs: number;
}

/** How long a person waits for "noted", strict durability and the journal's flush and reading back included. */
export async function acknowledged(root: string): Promise<Acknowledged[]> {
  const { server, port } = await serveApp(root);
  const found: Acknowledged[] = [];
  try {
    for (const entries of [1_000, 20_000]) {
      const lab = newLab(`http://127.0.0.1:${port}`);
      const { context, page } = await lab.open();
      await page.goto(`${lab.base}/books`);
      await page.getByLabel("Restore from a file").setInputFiles({
        name: "yard.json",
        mimeType: "application/json",
        buffer: Buffer.from(writeYardFile(bigYard(entries, 1, END), new Date(END).toISOString())),
      });
      await page.getByRole("button", { name: "Replace this yard" }).click();
      await page.getByText(/^Restored/).waitFor();
      await openShed(page, lab.base);
      const aloneMs = await medianTap(page);
      const other = await context.newPage();
      await openShed(other, lab.base);
      await page.bringToFront();
      found.push({ entries, aloneMs, besideATabMs: await medianTap(page) });
      await lab.close();
    }
  } finally {
    server.kill();
  }
  return found;
}

const medianTap = (page: Page): Promise<number> =>
  page.evaluate(async (taps) => {
    const said = (): string =>
      [...document.querySelectorAll("dt")].find((dt) => dt.textContent === "Entries")?.nextElementSibling
        ?.textContent ?? "";
    const one = (): Promise<number> =>
      new Promise((done) => {
        const before = said();
        const began = performance.now();
        const seen = new MutationObserver(() => {
          if (said() === before) return;
          seen.disconnect();
          done(performance.now() - began);
        });
        seen.observe(document.body, { subtree: true, childList: true, characterData: true });
        const gloves = [...document.querySelectorAll<HTMLElement>('[role="radiogroup"]')].find((g) =>
          g.textContent?.includes("bigger targets"),
        );
        gloves?.querySelector<HTMLElement>('[role="radio"][aria-checked="false"]')?.click();
      });
    const times: number[] = [];
    for (let i = 0; i < taps; i++) {
      times.push(await one());
      await new Promise((later) => setTimeout(later, 150));
    }
    times.sort((a, b) => a - b);
    return Math.round((times[taps >> 1] ?? 0) * 10) / 10;
  }, TAPS);
