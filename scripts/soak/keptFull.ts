import { existsSync } from "node:fs";
import type { Page } from "@playwright/test";
import { eightLitres, PHOTO, restoreYard } from "./eightLitres";
import { entriesSaid, exported, type Finding, keepTapping, type Lab, newLab, openShed, pause } from "./lab";
import { type DiskKind, fillToTheLastByte, smallDisk } from "./smallDisk";

const NAME = "Disk full to the last byte for 20 s, something going on filling it";
const FULL_MS = 20_000;
/** A write that found no room is answered within five seconds; a busy machine gets as much again. */
const ANSWERED_MS = 10_000;
const BUILDS = ["/usr/bin/chromium-headless-shell", "/usr/bin/chromium"].filter((path) => existsSync(path));
const DISKS: readonly DiskKind[] = ["tmpfs", "ext4"];

type Ending = "open" | "killed";

interface Outcome {
  readonly acknowledged: number;
  readonly isSaid: boolean;
  /** The tab that stayed open took entries again by itself. */
  readonly isMended: boolean;
  readonly isThere: boolean;
  /** Nothing was left on the disk, and the page said so. */
  readonly isLost: boolean;
}

/** With the tab open till there is room again, and with the browser killed while there is none. */
export async function keptFull(base: string): Promise<Finding> {
  const faults: string[] = [];
  const outcomes: (Outcome & { ending: Ending })[] = [];
  for (const build of BUILDS)
    for (const ending of ["open", "killed"] as const)
      for (const kind of DISKS) {
        const disk = smallDisk(kind);
        if (disk === null)
          return { name: NAME, figures: "not tried: this machine lets nothing be mounted", faults: [] };
        const when = `${build.includes("shell") ? "the shell" : "the whole browser"}, ${ending}, ${kind}`;
        try {
          outcomes.push({
            ...(await tried(newLab(base, disk.folder, build), disk.folder, ending, when, faults)),
            ending,
          });
        } catch (error) {
          faults.push(`${when}: ${String(error).slice(0, 200)}`);
        } finally {
          disk.unmount();
        }
      }
  const open = outcomes.filter((o) => o.ending === "open");
  const killed = outcomes.filter((o) => o.ending === "killed");
  const count = (of: typeof outcomes, is: (o: Outcome) => boolean): number => of.filter(is).length;
  return {
    name: NAME,
    figures: [
      `${BUILDS.length} builds, ${DISKS.join(" and ")}, ${outcomes.length} times, ${outcomes.reduce((sum, o) => sum + o.acknowledged, 0)} entries acknowledged`,
      `${count(outcomes, (o) => o.isSaid)} times it was said within ${ANSWERED_MS / 1000} s that nothing can be logged`,
      `tab left open: ${count(open, (o) => o.isMended)} of ${open.length} took entries again by itself, ${count(open, (o) => o.isThere)} had all`,
      `killed while full: ${count(killed, (o) => o.isThere)} of ${killed.length} had all once there was room, ${count(killed, (o) => o.isLost)} times the browser had thrown both copies away, and the page said so`,
    ].join("; "),
    faults,
  };
}

async function tried(lab: Lab, folder: string, ending: Ending, when: string, faults: string[]): Promise<Outcome> {
  const { page } = await lab.open();
  await restoreYard(page, lab.base, eightLitres());
  await openShed(page, lab.base);
  let acknowledged = await entriesSaid(page);
  await keepTapping(page, (entries) => {
    acknowledged = Math.max(acknowledged, entries);
  });
  await pause(1500);
  const ballast = fillToTheLastByte(folder);
  const isSaid = await page
    .getByText(/nothing can be logged|^Not logged\./)
    .first()
    .waitFor({ timeout: ANSWERED_MS })
    .then(() => true)
    .catch(() => false);
  if (!isSaid) faults.push(`${when}: no word within ${ANSWERED_MS / 1000} s`);
  await pause(FULL_MS);
  if (ending === "killed") lab.kill();
  ballast.remove();
  const isMended = ending === "open" && (await takesEntriesAgain(page, acknowledged));
  if (ending === "open" && !isMended) faults.push(`${when}: the open tab took nothing again`);
  lab.kill();
  await pause(200);
  return { acknowledged, isSaid, isMended, ...(await foundAfter(lab, acknowledged, when, faults)) };
}

/** By itself: nobody presses anything. */
async function takesEntriesAgain(page: Page, acknowledged: number): Promise<boolean> {
  await page.getByText(/nothing can be logged/).waitFor({ state: "hidden", timeout: 40_000 });
  await page.getByRole("radiogroup", { name: "Gloves" }).locator('[aria-checked="false"]').click();
  for (let i = 0; i < 100; i++) {
    if ((await entriesSaid(page)) > acknowledged) return true;
    await pause(100);
  }
  return false;
}

async function foundAfter(
  lab: Lab,
  acknowledged: number,
  when: string,
  faults: string[],
): Promise<{ isThere: boolean; isLost: boolean }> {
  const { page } = await lab.open();
  await openShed(page, lab.base);
  const entries = await entriesSaid(page);
  const isLost = (await page.getByText(/both copies on this disk are gone/).count()) > 0;
  const isMissing = (await page.getByText(/is missing|are missing/).count()) > 0;
  const isThere = entries >= acknowledged;
  if (!isThere && !isLost && !isMissing)
    faults.push(`${when}: ${acknowledged} acknowledged, ${entries} found, no word`);
  if (isThere && !(await exported(page, lab.base)).includes(PHOTO)) faults.push(`${when}: the photo is gone`);
  lab.kill();
  await pause(200);
  return { isThere, isLost };
}
