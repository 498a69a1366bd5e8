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
      <main id="main" className="flex flex-1 flex-col">
        {children}
      </main>
    </div>
  );
}
