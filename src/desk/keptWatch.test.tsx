import { render, screen } from "@testing-library/react";
import { Toaster } from "sonner";
import { expect, it, vi } from "vitest";
import { KeptWatch } from "./KeptWatch";
import { keptTexts } from "./keptTexts";

it("says that what is half typed cannot be kept, and that it was cleared under the page", async () => {
  render(
    <>
      <Toaster />
      <KeptWatch />
    </>,
  );
  keptTexts.write("a draft", "0");
  const full = vi.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
    throw new DOMException("full", "QuotaExceededError");
  });
  keptTexts.write("a draft", "1");
  full.mockRestore();
  expect(await screen.findByText(/is on this page only: do not close it/)).toBeTruthy();
  keptTexts.write("a draft", "2");
  localStorage.clear();
  expect(keptTexts.read("a draft")).toBe("2");
  expect(await screen.findByText(/had cleared its drafts and timers/)).toBeTruthy();
});
