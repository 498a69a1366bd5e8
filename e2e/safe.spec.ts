import { readFileSync } from "node:fs";
import AxeBuilder from "@axe-core/playwright";
import { type BrowserContext, expect, type Page, test } from "@playwright/test";
import { writeYardFile } from "@/core/formats";
import { bigYard } from "@/demo";
import { rememberWorkers } from "./tricks";
import { NOW } from "./yard";

/** What was acknowledged is there, whatever happens to disk, clock, tab or worker: the short form of `npm run soak`. */

/** Opens one's own yard at a page that writes with one tap. */
async function openShed(page: Page): Promise<void> {
  await page.goto("/shed");
  await expect(page.getByRole("heading", { level: 1, name: "Shed" })).toBeVisible();
}

/** One entry, acknowledged: the word in sight counts it. */
async function tap(page: Page, entries: number): Promise<void> {
  await page.getByRole("radio", { name: entries % 2 === 1 ? "On, bigger targets" : "Off" }).click();
  await expect(page.getByText(inSight(entries))).toBeVisible();
}
const inSight = (n: number): RegExp => new RegExp(`^Only in this browser\\. ${n} entr(y|ies), never copied\\.$`);

/** How many entries the page says are in the yard. */
const entriesSaid = async (page: Page): Promise<number> =>
  Number(
    await page
      .getByRole("term")
      .filter({ hasText: /^Entries$/ })
      .locator("xpath=following-sibling::dd")
      .textContent(),
  );

async function addDrum(page: Page): Promise<void> {
  await page.getByRole("button", { name: "Add a container" }).click();
  const form = page.getByRole("dialog");
  await form.getByLabel("Name").fill("Blue drum");
  await form.getByRole("button", { name: "Log it" }).click();
  await expect(page.getByText(/Blue drum/).first()).toBeVisible();
}

/** From a page of this address that opens no yard. */
async function withoutYard<T>(context: BrowserContext, work: (page: Page) => Promise<T>): Promise<T> {
  const page = await context.newPage();
  await page.goto("/api/calc");
  const done = await work(page);
  await page.close();
  return done;
}

const deleteDatabase = (page: Page): Promise<void> =>
  page.evaluate(
    () =>
      new Promise<void>((done, failed) => {
        const asked = indexedDB.deleteDatabase("brisk-barrel");
        asked.onsuccess = () => done();
        asked.onerror = () => failed(asked.error);
      }),
  );

test("a database that the browser threw away comes back from the second copy, and it is said", async ({
  page,
  context,
}) => {
  await openShed(page);
  for (let n = 1; n <= 3; n++) await tap(page, n);
  await page.close();
  await withoutYard(context, deleteDatabase);
  const again = await context.newPage();
  await openShed(again);
  await expect(again.getByRole("alert").first()).toContainText("had lost 3 entries");
  await expect(again.getByText(inSight(3))).toBeVisible();
  await again.setViewportSize({ width: 360, height: 800 });
  const { violations } = await new AxeBuilder({ page: again }).withTags(["wcag2a", "wcag2aa", "wcag22aa"]).analyze();
  expect(violations.map((v) => `${v.id} ${v.nodes[0]?.html}`)).toEqual([]);
  expect(await again.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
  await tap(again, 4);
  // Both copies gone: that is said too, and an empty yard does not stand in silence.
  await again.close();
  await withoutYard(context, async (other) => {
    await deleteDatabase(other);
    await other.evaluate(async () =>
      (await navigator.storage.getDirectory()).removeEntry("journal", { recursive: true }),
    );
  });
  const empty = await context.newPage();
  await openShed(empty);
  await expect(empty.getByRole("alert").first()).toContainText("This browser had 4 entries here");
});

test("one turned bit and the database gone: what the other acts say is there, and what is missing is said", async ({
  context,
}) => {
  const page = await context.newPage();
  await openShed(page);
  for (let n = 1; n <= 4; n++) await tap(page, n);
  await page.close();
  await withoutYard(context, async (other) => {
    await deleteDatabase(other);
    await other.evaluate(async () => {
      const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle("journal");
      for (const slot of [0, 1]) {
        const handle = await folder.getFileHandle(`own-${slot}.log`);
        const bytes = new Uint8Array(await (await handle.getFile()).arrayBuffer());
        if (bytes.length === 0) continue;
        // In the second act, far from its ends.
        const second = new TextDecoder().decode(bytes).indexOf("#yard ", 10);
        bytes[second + 260] = (bytes[second + 260] ?? 0) ^ 1;
        const out = await handle.createWritable();
        await out.write(bytes);
        await out.close();
      }
    });
  });
  const again = await context.newPage();
  await openShed(again);
  const said = again.getByRole("alert");
  await expect(said.filter({ hasText: "no longer read as it was written" })).toBeVisible();
  await expect(said.filter({ hasText: "had 4 entries here" })).toContainText("and now it has 3: 1 is missing");
  // Logged anew, it goes on from what is there.
  await again.getByRole("radio", { name: "On, bigger targets" }).click();
  await expect(again.getByText(inSight(4))).toBeVisible();
});

test("no room: every way of writing is refused with a word, nothing changes, and later it goes on", async ({
  page,
}) => {
  await openShed(page);
  await tap(page, 1);
  await page.goto("/books");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export the yard" }).click();
  const text = readFileSync(await (await download).path(), "utf8");
  await page.getByRole("button", { name: "It is kept" }).click();
  await openShed(page);
  const cdp = await page.context().newCDPSession(page);
  const origin = new URL(page.url()).origin;
  // Less than all of it: what was kept for this moment is no room either.
  await cdp.send("Storage.overrideQuotaForOrigin", { origin, quotaSize: 1 });
  await page.getByRole("radio", { name: "Off" }).click();
  await expect(page.getByText(/^Not logged\./)).toBeVisible();
  // A first day that cannot be written is not lost: what was typed stands there, and goes in once there is room.
  const firstDay = await page.context().newPage();
  await firstDay.goto("/");
  await firstDay.getByRole("button", { name: /^It is empty/ }).click();
  await firstDay.getByLabel("Who is it from?").fill("Ropewalk canteen");
  await firstDay.getByRole("button", { name: "Put it in the book" }).click();
  await expect(firstDay.getByText(/no room left on this disk/)).toBeVisible();
  await page.goto("/books");
  await page
    .getByLabel("Restore from a file")
    .setInputFiles({ name: "y.json", mimeType: "application/json", buffer: Buffer.from(text) });
  await page.getByRole("button", { name: "Replace this yard" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "no room left" })).toBeVisible();
  await cdp.send("Storage.overrideQuotaForOrigin", { origin });
  await openShed(page);
  await page.getByRole("radio", { name: "Off" }).click();
  await expect(page.getByText("Only in this browser. Last copied")).toContainText("1 entry since");
  await firstDay.getByRole("button", { name: "Put it in the book" }).click();
  await expect(firstDay.getByText("Your first oil is in the book.")).toBeVisible();
  await expect(page.getByText("Only in this browser. Last copied")).toContainText("4 entries since");
});

test("the clock three days back shows the yard and says so; a year ahead and mended, all is there and put right", async ({
  page,
}) => {
  await page.clock.setFixedTime(NOW);
  await openShed(page);
  await addDrum(page);
  await page.clock.setFixedTime(new Date(NOW.getTime() - 3 * 86_400_000));
  await page.goto("/books");
  await expect(page.getByRole("alert").first()).toContainText("This device says it is 21 Nov 2026");
  await expect(page.getByText(/Blue drum/).first()).toBeVisible();
  await openShed(page);
  await page.getByRole("radio", { name: "On, bigger targets" }).click();
  await expect(page.getByText("2 entries, never copied.")).toBeVisible();

  await page.clock.setFixedTime(new Date(NOW.getTime() + 365 * 86_400_000));
  await page.getByRole("radio", { name: "Off", exact: true }).click();
  await expect(page.getByText("3 entries, never copied.")).toBeVisible();
  await page.clock.setFixedTime(new Date(NOW.getTime() + 60_000));
  await page.goto("/books");
  await expect(page.getByRole("alert").first()).toContainText("24 Nov 2027");
  await page.getByRole("button", { name: "Date the later entries to now" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "This device says" })).toHaveCount(0);
  await expect(page.getByText(/2027/)).toHaveText(/^\w+ 24 Nov 2027/);
  await expect(page.getByText("(a correction)")).toBeVisible();
  await expect(page.getByText(/Blue drum/).first()).toBeVisible();
});

test("a worker that dies is started anew with the same yard; one that never comes is said, with a copy to save", async ({
  page,
  context,
}) => {
  await rememberWorkers(context);
  await openShed(page);
  await tap(page, 1);
  await page.evaluate(() => (window as unknown as { born: Worker[] }).born.at(-1)?.terminate());
  await expect.poll(() => page.evaluate(() => (window as unknown as { born: Worker[] }).born.length)).toBe(2);
  await tap(page, 2);
  // Killed with a write on its way: the worker after it writes it, once.
  await page.getByRole("radio", { name: "On, bigger targets" }).evaluate((radio) => {
    (radio as HTMLElement).click();
    setTimeout(() => (window as unknown as { born: Worker[] }).born.at(-1)?.terminate());
  });
  await expect(page.getByText(inSight(3))).toBeVisible();
  await page.close();

  const stuck = await context.newPage();
  await stuck.addInitScript(() => {
    window.Worker = class {
      addEventListener(): void {}
      postMessage(): void {}
      terminate(): void {}
    } as unknown as typeof Worker;
  });
  await stuck.clock.install({ time: NOW });
  await stuck.goto("/");
  await expect(stuck.getByText("Opening the yard.")).toBeVisible();
  await stuck.clock.runFor(5100);
  await expect(stuck.getByRole("alert").first()).toContainText("does not answer");
  const download = stuck.waitForEvent("download");
  await stuck.getByRole("button", { name: "Save a copy of what is on this disk" }).click();
  const file = JSON.parse(readFileSync(await (await download).path(), "utf8")) as { count: number };
  expect(file.count).toBe(3);
});

test("copies: the word in sight, a folder that is filled by itself, a restore that can be put back", async ({
  page,
}) => {
  // The browser's own private folder stands in for one that a person picks.
  await page.addInitScript(() => {
    Object.assign(window, {
      showDirectoryPicker: async () => {
        const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle("picked", { create: true });
        return folder;
      },
    });
    Object.assign(FileSystemHandle.prototype, { queryPermission: async () => "granted" });
    Object.assign(StorageManager.prototype, {
      persist: async () => {
        document.documentElement.dataset.asked = "to keep it";
        return true;
      },
    });
  });
  await openShed(page);
  await expect(page.locator("html")).not.toHaveAttribute("data-asked");
  // From the first entry on there is something to lose.
  await tap(page, 1);
  await expect(page.locator("html")).toHaveAttribute("data-asked", "to keep it");
  await page.goto("/books");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export the yard" }).click();
  const path = await (await download).path();
  // A download that nobody finds again is no copy: its owner says that it is.
  await expect(page.getByText("Only in this browser.")).toBeVisible();
  await page.getByRole("button", { name: "It did not come" }).click();
  await expect(page.getByText("Only in this browser.")).toBeVisible();
  // Read back, it is one.
  await page.getByLabel("Restore from a file").setInputFiles(path);
  await expect(page.getByText(/It is a true copy of this yard, to the letter\./)).toBeVisible();
  await expect(page.getByText("Only in this browser.")).toHaveCount(0);
  await page.goto("/shed");
  await page.getByRole("radio", { name: "Off" }).click();
  await expect(page.getByText("Only in this browser. Last copied")).toContainText("1 entry since");

  await page.goto("/books");
  await page.getByRole("button", { name: "Copy by itself into a folder" }).click();
  await expect(page.getByText(/^Copied into picked/)).toBeVisible();
  await expect(page.getByText("Only in this browser.")).toHaveCount(0, { timeout: 30_000 });
  const copies = await page.evaluate(async () => {
    const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle("picked");
    const names: string[] = [];
    for await (const name of (folder as unknown as { keys(): AsyncIterable<string> }).keys()) names.push(name);
    return names;
  });
  expect(copies).toHaveLength(1);
  expect(copies[0]).toMatch(/^my-yard-\d{4}-\d\d-\d\d-\d{6}\.json$/);

  await page.getByLabel("Restore from a file").setInputFiles(path);
  await expect(page.getByText(/Of the 2 that stand here it has 1, to the letter\./)).toBeVisible();
  await page.getByRole("button", { name: "Replace this yard" }).click();
  await expect(page.getByText("Restored 1 entry.")).toBeVisible();
  await page.getByRole("button", { name: /^Put back the yard of/ }).click();
  await expect(page.getByText(/^2 entries were put back/)).toBeVisible();
});

test("a yard of a newer release is shown and carried away, not written", async ({ page, context }) => {
  await withoutYard(context, (other) =>
    other.evaluate(
      () =>
        new Promise<void>((done) => {
          const asked = indexedDB.open("brisk-barrel", 900);
          asked.onupgradeneeded = () => {
            asked.result
              .createObjectStore("lines", { keyPath: "id" })
              .put({ id: "a", text: '{"id":"a","kind":"beam"}' });
          };
          asked.onsuccess = () => {
            asked.result.close();
            done();
          };
        }),
    ),
  );
  await openShed(page);
  await expect(page.getByRole("alert").first()).toContainText("A newer release has written this yard");
  await page.getByRole("radio", { name: "On, bigger targets" }).click();
  await expect(page.getByText(/^Not logged\. A newer release/)).toBeVisible();
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save a copy now" }).click();
  expect(readFileSync(await (await download).path(), "utf8")).toContain('{"id":"a","kind":"beam"}');
});

test("one address, one yard; another tab sees what was written, and undoes only its own", async ({ page, context }) => {
  const port = new URL(test.info().project.use.baseURL ?? "").port;
  await page.goto(`http://localhost:${port}/shed`);
  await page.waitForURL(`http://127.0.0.1:${port}/shed`);
  await expect(page.getByRole("heading", { level: 1, name: "Shed" })).toBeVisible();
  await tap(page, 1);
  const other = await context.newPage();
  await openShed(other);
  await tap(page, 2);
  await expect(other.getByText(inSight(2))).toBeVisible();
  await other.keyboard.press("u");
  await expect(other.getByText(/^Nothing of this tab's to undo/)).toBeVisible();
  await page.keyboard.press("u");
  await expect(page.getByText(/^Undone: /)).toBeVisible();
  await page.reload();
  await expect(page.getByText(inSight(3))).toBeVisible();
  await page.keyboard.press("u");
  await expect(other.getByText(inSight(4))).toBeVisible();
});

test("a second tab beside a restore of 30,000 entries: its acts are taken or told, and it has the new yard", async ({
  page,
  context,
}) => {
  const entries = bigYard(30_000, 3, NOW.getTime());
  const buffer = Buffer.from(writeYardFile(entries, NOW.toISOString()));
  await openShed(page);
  await tap(page, 1);
  const other = await context.newPage();
  await openShed(other);
  await page.goto("/books");
  await page
    .getByLabel("Restore from a file")
    .setInputFiles({ name: "years.json", mimeType: "application/json", buffer });
  await page.getByRole("button", { name: "Replace this yard" }).click();
  // While it is put in place: each tap is in the yard that stood, and was kept, or in the one that stands.
  let before = 1;
  for (const name of ["Off", "On, bigger targets", "Off"]) {
    await other.getByRole("radio", { name }).click();
    await expect.poll(() => entriesSaid(other), { timeout: 60_000 }).toBeGreaterThan(before);
    before = await entriesSaid(other);
  }
  await expect(page.getByText(/^Restored 30,?000 entries/)).toBeVisible({ timeout: 60_000 });
  await expect.poll(() => entriesSaid(other), { timeout: 60_000 }).toBeGreaterThanOrEqual(30_000);
  const kept = await page.getByText(/entr(y|ies), until/).textContent();
  const then = await entriesSaid(other);
  expect(Number(/^(\d+) entr/.exec(kept ?? "")?.[1]) + then - 30_000).toBe(4);
  await other.reload();
  await expect.poll(() => entriesSaid(other), { timeout: 60_000 }).toBe(then);
});

test("the tab that holds the yard is named to the one that waits for it", async ({ page, context }) => {
  await page.clock.setFixedTime(new Date(2026, 10, 24, 14, 5));
  await openShed(page);
  await tap(page, 1);
  const other = await context.newPage();
  await openShed(other);
  await page.workers()[0]?.evaluate(() => {
    void navigator.locks.request("brisk-barrel own", () => new Promise(() => undefined));
  });
  await other.getByRole("radio", { name: "Off" }).click();
  await expect(other.getByText(/the one in which the yard was opened at 14:05, holds this yard/)).toBeVisible();
  await other.reload();
  await expect(other.getByText(/It is the one in which the yard was opened on Tue 24 Nov, 14:05\./)).toBeVisible();
  // With the tab goes what it held.
  await page.close();
  await expect(other.getByText(inSight(1))).toBeVisible();
});

test("a year of six digits is a word at its field", async ({ page }) => {
  await openShed(page);
  await tap(page, 1);
  await page.goto("/books");
  await page.getByRole("button", { name: "Look" }).click();
  await expect(page.getByText("Say the day and the time.")).toBeVisible();
  await page.getByLabel("As it stood on").fill("202611-01-01T10:00");
  await page.getByRole("button", { name: "Look" }).click();
  await expect(page.getByText(/The year is 202611/)).toBeVisible();
  await page.getByLabel("As it stood on").focus();
  await page.keyboard.press("Delete");
  await page.getByRole("button", { name: "Look" }).click();
  await expect(page.getByText("That is no whole day and time yet.")).toBeVisible();
  await expect(page.getByRole("heading", { level: 1, name: "Books" })).toBeVisible();
});
