import { act, renderHook } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { useForgetKept, useKept } from ".";

const FIRST = { count: 0 };
const open = (key = "stop r gannet") => renderHook(() => useKept(key, FIRST));

describe("a draft that outlives a closed tab", () => {
  it("comes back as it was left, each under its own key", () => {
    const { result, unmount } = open();
    act(() => result.current[1]({ count: 3 }));
    unmount();
    expect(open().result.current[0]).toEqual({ count: 3 });
    expect(open("stop r beacon").result.current[0]).toEqual({ count: 0 });
  });
  it("is forgotten when it has been written, or when its round is over", () => {
    const { result } = open();
    act(() => result.current[1]({ count: 3 }));
    act(() => result.current[2]());
    expect(result.current[0]).toEqual({ count: 0 });
    expect(localStorage.getItem("stop r gannet")).toBeNull();
    localStorage.setItem("stop r gannet", "{}");
    localStorage.setItem("stop s gannet", "{}");
    renderHook(() => useForgetKept()).result.current("stop r ");
    expect(Object.keys(localStorage).filter((key) => key.startsWith("stop"))).toEqual(["stop s gannet"]);
  });
  it("begins afresh on what is not its own, and works where nothing can be kept", () => {
    localStorage.setItem("stop r gannet", "half a");
    expect(open().result.current[0]).toEqual({ count: 0 });
    const full = vi.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
      throw new DOMException("full", "QuotaExceededError");
    });
    const { result } = open();
    act(() => result.current[1]({ count: 5 }));
    expect(result.current[0]).toEqual({ count: 5 });
    full.mockRestore();
  });
});
