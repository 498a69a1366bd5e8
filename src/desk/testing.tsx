import { render } from "@testing-library/react";
import type { ReactNode } from "react";
import { afterEach, vi } from "vitest";
import type { Entry } from "@/core/ledger";
import { demoYard } from "@/demo/demoYard";
import { TestYard, testYardEachTime } from "@/store/testing";
import { CopyFolderHost } from "./CopyFolder";
import { LogContext } from "./LogContext";

/** The demo yard's own now. */
export const DEMO_NOW = "2026-11-24T13:32:00.000Z";

/** The demo yard, anew for each test, and what draws a station on it as the app does; `log.open` is watched. */
export const demoStation = () => stationOf(demoYard(Date.parse(DEMO_NOW)));

/** The same for a yard of these entries; none: an empty one. */
export function stationOf(entries: readonly Entry[]) {
  const session = testYardEachTime([...entries], DEMO_NOW);
  const log = { open: vi.fn() };
  afterEach(() => {
    log.open.mockClear();
  });
  const show = (what: ReactNode) =>
    render(
      <TestYard session={session()}>
        <CopyFolderHost>
          <LogContext.Provider value={log}>{what}</LogContext.Provider>
        </CopyFolderHost>
      </TestYard>,
    );
  return { session, log, show };
}
