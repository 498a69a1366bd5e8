import { execFileSync } from "node:child_process";
import { appendFileSync, mkdtempSync, rmSync, statfsSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

export interface SmallDisk {
  readonly folder: string;
  unmount(): void;
}

/** A small disk of its own, where this machine lets one be mounted. */
export function smallDisk(): SmallDisk | null {
  const folder = mkdtempSync(join(tmpdir(), "soak-disk-"));
  try {
    execFileSync("mount", ["-t", "tmpfs", "-o", "size=48m", "tmpfs", folder], { stdio: "ignore" });
  } catch {
    rmSync(folder, { recursive: true, force: true });
    return null;
  }
  return { folder, unmount: () => execFileSync("umount", ["-l", folder], { stdio: "ignore" }) };
}

const ballastOn = (disk: string): string => join(disk, "ballast");

/** Takes all the room but some. */
export function fill(disk: string, leaveKb: number): void {
  const { bavail, bsize } = statfsSync(disk);
  try {
    writeFileSync(ballastOn(disk), Buffer.alloc(Math.max(0, bavail * bsize - leaveKb * 1024)));
  } catch {
    // The browser took the rest meanwhile: it is full.
  }
}

export const empty = (disk: string): void => rmSync(ballastOn(disk), { force: true });

/** Takes all the room, and what becomes free, until it is removed. */
export function fillToTheLastByte(disk: string): { remove(): void } {
  const more = (): void => {
    for (const bytes of [1 << 20, 1 << 12])
      try {
        for (let n = 0; n < 64; n++) appendFileSync(ballastOn(disk), Buffer.alloc(bytes));
      } catch {
        // Full.
      }
  };
  fill(disk, 0);
  const again = setInterval(more, 20);
  return {
    remove() {
      clearInterval(again);
      empty(disk);
    },
  };
}
