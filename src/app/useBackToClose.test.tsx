// @vitest-environment jsdom
import { act, renderHook } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import { useBackToClose } from "./useBackToClose";

const atOnce = (): Promise<void> => new Promise((done) => setTimeout(done, 50));

/** A sheet as its host keeps it. */
function hosted() {
  let isOpen = true;
  const hook = renderHook(() => useBackToClose(isOpen, onClose));
  function onClose(): void {
    isOpen = false;
  }
  return {
    isOpen: () => isOpen,
    close: () => act(() => hook.result.current()),
    set: (next: boolean) => {
      isOpen = next;
      hook.rerender();
    },
  };
}

afterEach(() => window.history.replaceState(null, ""));

it("closes by the browser's Back, and stays on the page", async () => {
  const sheet = hosted();
  window.history.back();
  await act(atOnce);
  expect(sheet.isOpen()).toBe(false);
  expect(window.history.state?.isOver).toBeUndefined();
});

it("leaves a sheet alone that was opened before the browser had gone back from the last one", async () => {
  const sheet = hosted();
  sheet.close();
  sheet.set(false);
  sheet.set(true);
  await act(atOnce);
  expect(sheet.isOpen()).toBe(true);
  window.history.back();
  await act(atOnce);
  expect(sheet.isOpen()).toBe(false);
});

it("goes back once for two quick closings", async () => {
  window.history.pushState({ page: "before" }, "");
  const sheet = hosted();
  sheet.close();
  sheet.set(false);
  sheet.set(true);
  sheet.close();
  sheet.set(false);
  await act(atOnce);
  expect(sheet.isOpen()).toBe(false);
  expect(window.history.state).toEqual({ page: "before" });
});
