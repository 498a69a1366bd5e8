import { vi } from "vitest";

/** What the tests of screens put in the place of a browser's page: its address, where it was sent, what it asked of workers. */
export const page = {
  query: "",
  path: "/",
  pushed: vi.fn<(href: string) => void>(),
  beeped: vi.fn(),
  /** Every Why that was asked for, and how many were let go of. */
  whys: [] as unknown[],
  cancelled: 0,
};

export function freshPage(): void {
  page.query = "";
  page.path = "/";
  page.pushed.mockClear();
  page.beeped.mockClear();
  page.whys.length = 0;
  page.cancelled = 0;
}
