import { expect, type Page, test } from "@playwright/test";
import { complaints, litresIn, openDemo } from "./yard";

/** How a person works the page: with the keyboard alone, or with a thumb. */
interface Hands {
  press(page: Page, role: "button" | "link" | "radio" | "tab", name: string | RegExp): Promise<void>;
  type(page: Page, label: string, text: string): Promise<void>;
}

const keys: Hands = {
  async press(page, role, name) {
    const target = page.getByRole(role, { name }).first();
    await tabTo(page, target);
    await page.keyboard.press(role === "radio" ? "Space" : "Enter");
  },
  async type(page, label, text) {
    const field = page.getByLabel(label, { exact: true });
    await tabTo(page, field);
    await page.keyboard.press("Control+a");
    await page.keyboard.type(text);
  },
};

/** Moves focus by Tab and the arrows only, as a keyboard does, until it is on the target. */
async function tabTo(page: Page, target: ReturnType<Page["getByRole"]>): Promise<void> {
  await expect(target).toBeVisible();
  for (let i = 0; i < 140; i++) {
    if (await target.evaluate((el) => el === document.activeElement)) return;
    const inGroup = await target.evaluate(
      (el) => el.closest('[role="radiogroup"], [role="tablist"]')?.contains(document.activeElement) ?? false,
    );
    await page.keyboard.press(inGroup ? "ArrowRight" : "Tab");
  }
  throw new Error("the keyboard does not reach it");
}

const thumb: Hands = {
  press: (page, role, name) => page.getByRole(role, { name }).first().tap(),
  async type(page, label, text) {
    const field = page.getByLabel(label, { exact: true });
    await field.tap();
    await field.fill(text);
  },
};

/** A step of the job, done in at most four presses; typing a number is not one. */
function counting(hands: Hands): { hands: Hands; step(name: string, work: () => Promise<void>): Promise<void> } {
  let presses = 0;
  return {
    hands: {
      press(page, role, name) {
        presses++;
        return hands.press(page, role, name);
      },
      type: hands.type,
    },
    step: (name, work) =>
      test.step(name, async () => {
        presses = 0;
        await work();
        expect(presses, `presses to ${name}`).toBeLessThanOrEqual(4);
      }),
  };
}

async function said(page: Page, words: string | RegExp): Promise<void> {
  await expect(page.getByText(words).last()).toBeVisible();
}

const closes = (page: Page): Promise<void> => expect(page.getByText("It closes.")).toBeVisible();

async function kitchenToKilometre(page: Page, barehands: Hands, openLog: () => Promise<void>): Promise<void> {
  const { hands, step } = counting(barehands);
  const bad = complaints(page);
  await openDemo(page);
  const before = {
    drum: await litresIn(page, "Drum 5"),
    feed: await litresIn(page, "Feed tub"),
    tractor: await litresIn(page, "Tractor"),
    oil: await litresIn(page, "Flatbed oil"),
  };

  await step("pick up 60 L", async () => {
    await hands.press(page, "link", /^Rounds/);
    await hands.press(page, "button", "Pick up from Gannet hostel");
    await hands.press(page, "button", "60 L");
    await hands.press(page, "button", "Log it");
    await said(page, "Picked up 60 L from Gannet hostel into Drum 5.");
  });

  await step("back in the yard it is there", async () => {
    await hands.press(page, "link", /the yard$/);
    await expect.poll(() => litresIn(page, "Drum 5")).toBeCloseTo(before.drum + 60, 0);
  });

  await step("it settles: a date and a height", async () => {
    await hands.press(page, "link", /^Clears .*: Drum 5$/);
    await expect(page.getByRole("heading", { level: 1, name: "Drum 5, today" })).toBeVisible();
    await expect(page.getByText(/ready about \w+ \d+ \w+/)).toBeVisible();
    await expect(page.getByText(/draw off here, \d+ mm/)).toBeVisible();
  });

  await step("dip the drum that is ready", async () => {
    await hands.press(page, "link", /^Drum 3/);
    await expect(page.getByRole("heading", { level: 1, name: /Drum 3/ })).toBeVisible();
    await hands.press(page, "tab", "Read");
    await hands.press(page, "button", "Dip");
    await hands.type(page, "Fat line", "52");
    await hands.press(page, "button", "Log the dip");
    await said(page, "Dipped Drum 3. The forecast rests on it now.");
    await expect(page.getByText("draw off here, 77 mm")).toBeVisible();
  });

  await step("draw off what is clear; the heel stays", async () => {
    await hands.press(page, "tab", "Draw off");
    await hands.type(page, "Litres you got", "60");
    await hands.press(page, "button", "Log the draw-off");
    await said(page, "Drew 60 L off Drum 3. The heel stays.");
    await expect.poll(() => litresIn(page, "Drum 3")).toBeCloseTo(111, 0);
  });

  await step("run it through the bags", async () => {
    await hands.press(page, "link", /^Filter/);
    await expect(page.getByRole("heading", { level: 1, name: "Line in the shed" })).toBeVisible();
    expect(await litresIn(page, "Feed tub")).toBeCloseTo(before.feed + 60, 0);
    await hands.type(page, "Litres", "60");
    await hands.type(page, "It took", "85");
    await hands.type(page, "Stayed in bags and line", "0.7");
    await hands.press(page, "button", "Log the run");
    await said(page, "Ran 60 L through 2 bags.");
    await expect.poll(() => litresIn(page, "Feed tub")).toBeCloseTo(before.feed, 0);
  });

  await step("find tonight's blend and pour it", async () => {
    await hands.press(page, "link", /^Blend/);
    await expect(page.getByRole("heading", { level: 1, name: "Tractor, before tonight" })).toBeVisible();
    await expect(page.getByText(/^15\.0 mm²\/s at −2 °C, \d+ % oil/)).toBeVisible();
    await hands.press(page, "button", "Pour and log");
    await said(page, /Poured .* L oil and .* L kerosene into Tractor\./);
  });

  await step("note the temperature in the Log", async () => {
    await openLog();
    await hands.press(page, "button", "Temperature");
    await hands.type(page, "In the shed (if you know)", "11.5");
    await hands.press(page, "button", "Log it");
    await said(page, "Temperatures noted.");
  });

  await step("fill the vehicle", async () => {
    await hands.press(page, "link", /^Drive/);
    await expect(page.getByRole("heading", { level: 1, name: "Flatbed" })).toBeVisible();
    await hands.press(page, "button", "Fill with oil");
    await hands.press(page, "button", "10 L");
    await hands.press(page, "button", "Log it");
    await said(page, "Filled Flatbed oil with 10 L.");
  });

  await step("start, stop, and forget that", async () => {
    for (const label of [
      "Engine started",
      "Engine stopped",
      "Forget this trip",
      "Tap again to forget it: nothing of it is kept",
    ])
      await hands.press(page, "button", label);
  });

  await step("log the trip from memory", async () => {
    await hands.type(page, "On oil", "60");
    await hands.type(page, "Purge", "6");
    await hands.type(page, "Distance", "60");
    await hands.press(page, "button", "Log the trip");
    // 60 km at 11.5 L on 100 km, by the minutes that each tank gave.
    await said(page, /Trip logged: .*5\.[45] L from Flatbed oil burned/);
  });

  await step("litres, composition and balance are right everywhere", async () => {
    await hands.press(page, "link", /the yard$/);
    await closes(page);
    expect(await litresIn(page, "Flatbed oil")).toBeCloseTo(before.oil + 10 - 5.4, 0);
    expect(await litresIn(page, "Tractor")).toBeCloseTo(61, 0);
    await expect(page.getByRole("img", { name: /^Tractor: 61 L of 63 L, kerosene, canola/ })).toBeVisible();
    await expect(page.getByRole("button", { name: /Too thick tonight/ })).toHaveCount(0);
  });
  expect(bad).toEqual([]);
}

test("from kitchen to kilometre by keyboard alone", async ({ page }) => {
  test.setTimeout(180_000);
  await kitchenToKilometre(page, keys, () => page.keyboard.press("l"));
});

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test("from kitchen to kilometre by touch", async ({ page }) => {
    test.setTimeout(120_000);
    await kitchenToKilometre(page, thumb, () => page.getByRole("button", { name: /^Log/ }).tap());
  });
});
