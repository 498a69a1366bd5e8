import type { ReactNode } from "react";

interface Props {
  readonly brand: ReactNode;
  readonly pipe: ReactNode;
  readonly log: ReactNode;
  readonly banner: ReactNode;
  readonly children: ReactNode;
}

/** The house front: the pipe on top (at the bottom on a phone), the station under it. */
export function Frame({ brand, pipe, log, banner, children }: Props) {
  return (
    <div className="flex min-h-dvh flex-col pb-[76px] md:pb-0 print:block print:min-h-0 print:pb-0">
      <a
        href="#main"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:m-2 focus:rounded-md focus:bg-card focus:px-4 focus:py-3 focus:font-plate focus:text-[17px] focus:font-semibold"
      >
        Skip to the bench
      </a>
      <header className="flex items-center gap-4 bg-deep px-3 py-2 text-white print:hidden md:h-[84px] md:px-5">
        <div className="md:w-[170px]">{brand}</div>
        <nav
          aria-label="Stations"
          className="fixed inset-x-0 bottom-0 z-20 overflow-x-auto bg-deep md:static md:flex-1 md:overflow-visible"
        >
          {pipe}
        </nav>
        <div className="ml-auto">{log}</div>
      </header>
      {banner}
      <main id="main" tabIndex={-1} className="flex flex-1 flex-col outline-none">
        {children}
      </main>
    </div>
  );
}
