import type { Page } from "@playwright/test";
import { NOW } from "./yard";

/** The side of a bench where one says what to do. */
export const aside = (page: Page) => page.getByRole("complementary", { name: "Draw off" });
export const tab = (page: Page, name: string) => page.getByRole("tab", { name, exact: true }).click();
/** So many minutes after the clock that every test starts at. */
export const later = (page: Page, minutes: number) =>
  page.clock.setFixedTime(new Date(NOW.getTime() + minutes * 60_000));

/** The day a drum is said to be ready, as its panel words it. */
export async function readyWords(page: Page): Promise<string> {
  return (
    (await aside(page)
      .getByText(/^ready (about|since)|^wet/)
      .textContent()) ?? ""
  );
}
