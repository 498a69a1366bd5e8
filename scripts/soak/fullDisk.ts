import { eightLitres, PHOTO, restoreYard } from "./eightLitres";
import { entriesSaid, exported, type Finding, keepTapping, type Lab, newLab, openShed, pause } from "./lab";
import { empty, fill, smallDisk } from "./smallDisk";

const NAME = "Disk really full (a small mount that holds the profile)";
/** What is left free before the last writes, in kB: the disk ends in the journal, in the database, or between them. */
const LEFT_KB = [0, 4, 12, 40, 120, 400];

/** Writes until the disk takes nothing, kills the browser there, and looks again while it is full and once it is not. */
export async function fullDisk(base: string): Promise<Finding> {
  const disk = smallDisk();
  if (disk === null) return { name: NAME, figures: "not tried: this machine lets nothing be mounted", faults: [] };
  const faults: string[] = [];
  let acknowledgedInAll = 0;
  let shownWhileFull = 0;
  let putBack = 0;
  try {
    for (const left of LEFT_KB) {
      const lab = newLab(base, disk.folder);
      const { page } = await lab.open();
      await restoreYard(page, base, eightLitres());
      await openShed(page, base);
      let acknowledged = await entriesSaid(page);
      await keepTapping(page, (entries) => {
        acknowledged = Math.max(acknowledged, entries);
      });
      await pause(900);
      fill(disk.folder, left);
      await page
        .getByText(/^Not logged\./)
        .first()
        .waitFor({ timeout: 60_000 })
        .catch(() => faults.push(`${left} kB left: a refusal was not said`));
      await pause(300);
      lab.kill();
      await pause(100);
      const full = await found(lab, acknowledged, faults, `${left} kB left, still full`, true);
      empty(disk.folder);
      const freed = await found(lab, acknowledged, faults, `${left} kB left, freed`, false);
      shownWhileFull += full.isThere ? 1 : 0;
      putBack += full.isPutBack || freed.isPutBack ? 1 : 0;
      acknowledgedInAll += acknowledged;
      await lab.close();
    }
  } finally {
    disk.unmount();
  }
  return {
    name: NAME,
    figures: `${LEFT_KB.length} times, ${acknowledgedInAll} entries acknowledged; all there again, the photo too, ${shownWhileFull} times already while the disk was still full; ${putBack} times the browser had lost its database and the second copy gave it back`,
    faults,
  };
}

interface Found {
  readonly isThere: boolean;
  /** The page says that the second copy gave back what the database had lost. */
  readonly isPutBack: boolean;
}

/** What is found after a kill. A browser may not start at all on a full disk: that is not ours to mend. */
async function found(lab: Lab, acknowledged: number, faults: string[], when: string, mayFail: boolean): Promise<Found> {
  try {
    const { page } = await lab.open();
    await openShed(page, lab.base);
    const entries = await entriesSaid(page);
    if (entries < acknowledged) faults.push(`${when}: ${acknowledged} acknowledged, ${entries} found`);
    const isPutBack = (await page.getByText("put back from the second copy").count()) > 0;
    if (!mayFail && !(await exported(page, lab.base)).includes(PHOTO)) faults.push(`${when}: the photo is gone`);
    return { isThere: entries >= acknowledged, isPutBack };
  } catch (error) {
    if (!mayFail) faults.push(`${when}: ${String(error).slice(0, 200)}`);
    return { isThere: false, isPutBack: false };
  } finally {
    lab.kill();
    await pause(100);
  }
}
