import { execFileSync } from "node:child_process";
import { appendFileSync, mkdtempSync, rmSync, statfsSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

export interface SmallDisk {
  readonly folder: string;
  unmount(): void;
}

/** What a disk is like that fills: one in memory, and the usual one of a Linux machine. */
export type DiskKind = "tmpfs" | "ext4";

/** A small disk of its own, where this machine lets one be mounted. */
export function smallDisk(kind: DiskKind = "tmpfs"): SmallDisk | null {
  const folder = mkdtempSync(join(tmpdir(), "soak-disk-"));
  const image = `${folder}.img`;
  const quiet = { stdio: "ignore" } as const;
  const remove = (): void => {
    rmSync(image, { force: true });
    rmSync(folder, { recursive: true, force: true });
  };
  try {
    if (kind === "tmpfs") execFileSync("mount", ["-t", "tmpfs", "-o", "size=48m", "tmpfs", folder], quiet);
    else {
      writeFileSync(image, Buffer.alloc(64 << 20));
      execFileSync("mkfs.ext4", ["-q", "-m", "0", image], quiet);
      execFileSync("mount", ["-o", "loop", image, folder], quiet);
    }
  } catch {
    remove();
    return null;
  }
  return {
    folder,
    unmount() {
      execFileSync("umount", ["-l", folder], quiet);
      remove();
    },
  };
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
