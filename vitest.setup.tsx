import "fake-indexeddb/auto";
import { cleanup, configure } from "@testing-library/react";
import type { AnchorHTMLAttributes } from "react";
import { afterEach, beforeEach, vi } from "vitest";
import { calculateAny, explain } from "@/core/calculations";
import { keptTexts } from "@/desk/keptTexts";
import { freshPage, page } from "@/store/page.testing";

// Test files share their modules, so what stands in for the browser stands here once for all of them.
vi.mock("next/navigation", () => ({
  useSearchParams: () => new URLSearchParams(page.query),
  usePathname: () => page.path,
  useRouter: () => ({ push: page.pushed }),
}));
vi.mock("next/link", () => ({ default: (props: AnchorHTMLAttributes<HTMLAnchorElement>) => <a {...props} /> }));
vi.mock("next/dynamic", () => ({ default: () => () => <div data-testid="chart" /> }));
vi.mock("@/ui/beep", () => ({ beep: page.beeped }));
// The worker's own answer, without a worker.
vi.mock("@/workers", () => ({
  askWorker: async (name: string, input: unknown) => calculateAny(name, input),
  askWhy: async (name: string, input: unknown) => {
    page.whys.push(input);
    return explain(name, input);
  },
  cancelWork: () => {
    page.cancelled++;
  },
}));

configure({ asyncUtilTimeout: 20_000 }); // a shared machine may be slow
globalThis.ResizeObserver ??= class {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
};
Element.prototype.getAnimations ??= () => []; // Headless UI warns without it
window.matchMedia ??= ((media: string) => ({
  matches: false,
  media,
  addEventListener: () => undefined,
  removeEventListener: () => undefined,
})) as unknown as typeof window.matchMedia;

beforeEach(() => {
  freshPage();
  keptTexts.forgetAll("");
  localStorage.clear();
});
afterEach(() => {
  cleanup(); // no globals: testing-library cannot register this itself
  vi.useRealTimers();
});
