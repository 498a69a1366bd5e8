import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import type { ReactNode } from "react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { CopyFolderHost } from "@/desk";
import { type OpenYard, YardContext } from "@/store/YardProvider";
import BookBanner from "./BookBanner";
import { CopyWord } from "./CopyWord";

const AT = "2026-11-25T12:00:00.000Z";
const book: OpenYard["book"] = {
  entries: 7,
  unreadable: 0,
  latestAt: AT,
  copied: null,
  sinceCopy: 7,
  trouble: null,
  repair: null,
  isHarmed: false,
  isTight: false,
  twice: true,
};
const recover = vi.fn(async () => ({ ok: true, value: book }));
const refresh = vi.fn(async () => undefined);

function show(what: ReactNode, yard: Partial<OpenYard> = {}, of: Partial<OpenYard["book"]> = {}): void {
  const client = { recover, folder: async () => null } as unknown as OpenYard["client"];
  const view = { settings: { yardName: "Kittiwake" } } as OpenYard["view"];
  const whole = {
    name: "own",
    client,
    view,
    now: () => AT,
    refresh,
    vanished: null,
    ...yard,
    book: { ...book, ...of },
  };
  render(
    <YardContext.Provider value={whole as OpenYard}>
      <CopyFolderHost>{what}</CopyFolderHost>
    </YardContext.Provider>,
  );
}
const text = (): string => document.body.textContent ?? "";

beforeEach(() => {
  vi.useFakeTimers({ toFake: ["Date"], now: Date.parse(AT) });
  recover.mockClear();
});

describe("what is wrong with the book", () => {
  it("says nothing while nothing is", () => {
    show(<BookBanner />);
    expect(text()).toBe("");
  });
  it("a clock that is a little behind another device's is no fault, days are", () => {
    show(<BookBanner />, { now: () => "2026-11-25T12:02:00.000Z" }, { repair: { found: 0, putBack: 7 } });
    expect(text()).not.toContain("This device says");
    cleanup();
    show(<BookBanner />, { now: () => "2026-11-28T12:00:00.000Z" }, { latestAt: "2026-11-28T12:00:00.000Z" });
    expect(text()).toContain("This device says it is 25 Nov 2026, but the newest entry is from Sat 28 Nov 2026");
  });
  it("a disk that takes nothing: what is safe, a copy, and another try", () => {
    show(<BookBanner />, {}, { trouble: { code: "stuck", cause: "full", reason: "no room" } });
    const said = screen.getByRole("alert").textContent;
    expect(said).toContain("There is no room left on this disk (no room). All 7 entries");
    expect(said).toContain("it is tried again by itself");
    expect(screen.getByRole("button", { name: "Save a copy now" })).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Try again" }));
    expect(recover).toHaveBeenCalledTimes(1);
  });
  it("what was put back, what vanished, what is newer, what cannot be read", () => {
    show(<BookBanner />, {}, { repair: { found: 0, putBack: 7 } });
    expect(text()).toContain("had lost 7 entries");
    cleanup();
    show(<BookBanner />, { vanished: { entries: 40, at: AT, copied: null } }, { entries: 34, isHarmed: true });
    expect(text()).toContain("and now it has 34: 6 are missing");
    expect(text()).toContain("no longer read as it was written");
    cleanup();
    show(<BookBanner />, { vanished: { entries: 40, at: AT, copied: null } }, { entries: 0 });
    expect(text()).toContain("had 40 entries here on 25 Nov 2026, and now it has none");
    cleanup();
    show(<BookBanner />, {}, { trouble: { code: "newer" }, unreadable: 3 });
    expect(text()).toContain("A newer release has written this yard");
    expect(text()).not.toContain("3 stored entries");
    cleanup();
    show(<BookBanner />, {}, { unreadable: 3 });
    expect(text()).toContain("3 stored entries cannot be read");
  });
});

describe("the word that is always in sight when it is true", () => {
  it("tells what exists here only, and stands out when it is much or long", () => {
    show(<CopyWord />);
    expect(text()).toContain("Only in this browser. 7 entries, never copied.");
    cleanup();
    const copied = { at: "2026-11-03T12:00:00.000Z", entries: 6, base: "b", where: "file" } as const;
    show(<CopyWord />, {}, { copied, sinceCopy: 1 });
    expect(text()).toContain("Last copied Tue 3 Nov, 1 entry since.");
    expect(document.querySelector(".bg-warn-floor")).toBeNull();
    cleanup();
    show(<CopyWord />, {}, { copied: { ...copied, at: "2026-09-01T12:00:00.000Z" }, sinceCopy: 1 });
    expect(document.querySelector(".bg-warn-floor")).not.toBeNull();
  });
  it("is gone when a copy has it all, and never stands in the demo", () => {
    show(<CopyWord />, {}, { sinceCopy: 0 });
    show(<CopyWord />, { name: "demo" });
    expect(text()).toBe("");
  });
});
