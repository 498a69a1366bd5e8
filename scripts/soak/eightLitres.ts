import type { Page } from "@playwright/test";
import { writeYardFile } from "@/core/formats";
import type { Entry } from "@/core/ledger";

export const PHOTO = "QUJD".repeat(40_000);

/** A drum with eight litres, and a photo of it of the usual size. */
export function eightLitres(): string {
  const at = "2026-11-20T08:00:00.000Z";
  const entry = (id: string, kind: string, data: object): Entry =>
    ({ id, v: 1, happenedAt: at, recordedAt: at, device: "soak", kind, data }) as unknown as Entry;
  const drum = (id: string, role: string): object => ({
    id,
    name: id,
    role,
    shape: { kind: "cylinder", diameterMm: 571.5 },
    rimMm: 850,
  });
  return writeYardFile(
    [
      entry("1", "vessel", drum("A", "raw")),
      entry("2", "vessel", drum("B", "settling")),
      entry("3", "source", { id: "s", name: "Ropewalk canteen", container: "20 L jerrycan" }),
      entry("3a", "photo", { of: { kind: "vessel", id: "A" }, type: "image/jpeg", base64: PHOTO }),
      entry("4", "pickup", { source: "s", to: "A", fluid: "canola", amount: { litres: 8 }, muck: {} }),
    ],
    at,
  );
}

/** Puts a yard's file in the place of what stands in the browser. */
export async function restoreYard(page: Page, base: string, text: string): Promise<void> {
  await page.goto(`${base}/books`);
  await page
    .getByLabel("Restore from a file")
    .setInputFiles({ name: "y.json", mimeType: "application/json", buffer: Buffer.from(text) });
  await page.getByRole("button", { name: "Replace this yard" }).click();
  await page.getByText(/^Restored/).waitFor();
}
