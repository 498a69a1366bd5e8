"use client";
import { usePathname, useRouter } from "next/navigation";
import { lazy, type ReactNode, Suspense, useEffect, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { Toaster } from "sonner";
import { STATIONS, type Station } from "@/core/ledger/roles";
import { formatNumber } from "@/core/units";
import { FlowWatch, KeptWatch, useHref, useLog, useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { Frame } from "@/ui/Frame";
import { Keys } from "@/ui/Keys";
import { PIPE_LINK, Pipe } from "@/ui/Pipe";
import { counted, fullMoment } from "@/ui/words";
import { CopyWord } from "./CopyWord";
import { clockIsWrong } from "./clockIsWrong";

/** Comes when there is something wrong to say of the book, not with every page. */
const BookBanner = lazy(() => import("./BookBanner"));
/** Comes while a batch is being made. */
const BatchWatch = lazy(() => import("./BatchWatch"));

const NAMES: Record<Station, string> = {
  rounds: "Rounds",
  settle: "Settle",
  filter: "Filter",
  blend: "Blend",
  kettle: "Kettle",
  store: "Store",
  drive: "Drive",
  books: "Books",
};

/** Pages that belong to a station without being its own. */
const WITHIN: Readonly<Record<string, Station>> = {
  "/round": "rounds",
  "/source": "rounds",
  "/labels": "rounds",
  "/fining": "settle",
  "/warm": "settle",
  "/spin": "settle",
  "/cup": "settle",
  "/titrate": "kettle",
  "/batch": "kettle",
  "/batches": "kettle",
  "/chemicals": "kettle",
  "/walkdown": "kettle",
  "/still": "kettle",
  "/rig": "drive",
  "/upkeep": "drive",
  "/wrong": "drive",
  "/rescue": "drive",
  "/rehearse": "drive",
  "/mix": "blend",
  "/ways": "blend",
  "/season": "blend",
  "/recipes": "blend",
};

/** A digit a station, 0 for the yard: the letters are the Log's. */
const KEYS = ["0", ...STATIONS.map((_, i) => String(i + 1))];

export function YardFrame({ children }: { children: ReactNode }) {
  const { view, at, travel, name, book, vanished, isRestarting, now } = useYard();
  const path = usePathname();
  const router = useRouter();
  const href = useHref();
  const log = useLog();
  const units = useUnits();
  const [keys, setKeys] = useState(false);
  const { theme, gloves } = view.settings;
  const isBookWell =
    book.trouble === null &&
    book.repair === null &&
    book.unreadable === 0 &&
    !isRestarting &&
    !(vanished && book.entries === 0) &&
    !clockIsWrong(now());

  useEffect(() => {
    document.documentElement.dataset.theme = theme;
    document.documentElement.dataset.gloves = gloves ? "on" : "off";
  }, [theme, gloves]);

  useHotkeys(KEYS, (_, hotkey) => {
    const i = Number(hotkey.keys?.join("") ?? 0);
    router.push(href(i === 0 ? "/" : `/${STATIONS[i - 1]}`));
  });
  useHotkeys("shift+?", () => setKeys(true), { useKey: true });

  const stops = STATIONS.map((key) => ({
    key,
    name: NAMES[key],
    ...(key === "books"
      ? { figure: view.balance.closes ? "=" : "≠", said: view.balance.closes ? "closes" : "does not close" }
      : {
          figure: formatNumber(units.volume.of(view.stations[key].litres), 0),
          said: units.litres(view.stations[key].litres),
        }),
    due: view.stations[key].due,
    here: path === `/${key}` || WITHIN[path] === key,
  }));

  return (
    <>
      {/* First in the page: leaving a message gives focus back to where it came from, and at its end that would be a trap. */}
      <Toaster
        position="top-center"
        offset={{ top: 92 }}
        mobileOffset={{ top: 66 }}
        visibleToasts={1}
        toastOptions={{ closeButton: true }}
      />
      <Frame
        brand={
          <YardLink
            href="/"
            label={`Brisk Barrel, ${view.settings.yardName}: the yard`}
            className="block py-1 leading-none"
          >
            <span className="block font-plate text-[20px] font-semibold tracking-wide uppercase md:text-[22px] md:leading-[1.05]">
              Brisk <br className="max-md:hidden" />
              Barrel
            </span>
            <span className="block pt-1 font-plate text-[14px] text-on-deep">
              {view.settings.yardName}
              {name === "demo" ? (
                <b className="ml-1.5 rounded-sm bg-due px-1 text-[12px] text-[#10211f]">demo</b>
              ) : null}
            </span>
          </YardLink>
        }
        pipe={
          <Pipe
            stops={stops}
            link={(s, inside, label) => (
              <YardLink href={`/${s.key}`} label={label} here={s.here} className={PIPE_LINK}>
                {inside}
              </YardLink>
            )}
          />
        }
        log={
          <div className="flex items-center gap-2">
            <YardLink
              href="/shed"
              label="Shed: marks and units"
              className="flex min-h-[var(--target)] items-center px-2 font-plate text-[16px] text-on-deep"
            >
              Shed
            </YardLink>
            <Button onClick={() => log.open()} className="px-4" aria-keyshortcuts="l">
              Log <kbd className="rounded border border-quiet px-1 text-[13px]">L</kbd>
            </Button>
          </div>
        }
        banner={
          <>
            <CopyWord />
            <KeptWatch />
            <FlowWatch />
            {view.batches.some((b) => b.ended === null) ? (
              <Suspense>
                <BatchWatch />
              </Suspense>
            ) : null}
            {at === null ? null : (
              <div className="flex flex-wrap items-center gap-3 bg-warn-floor px-5 py-2">
                <p>
                  You are looking at the yard as it stood on {fullMoment(at)}, as we know it now. What you log still
                  happens now.
                </p>
                <Button onClick={() => travel(null)}>Back to now</Button>
              </div>
            )}
            {isBookWell ? null : (
              <Suspense>
                <BookBanner />
              </Suspense>
            )}
            {view.faults.length > 0 ? (
              <p role="alert" className="bg-warn-floor px-5 py-2">
                {counted(view.faults.length, "entry does", "entries do")} not add up and{" "}
                {view.faults.length === 1 ? "moves" : "move"} nothing. The books list them.
              </p>
            ) : null}
          </>
        }
      >
        {children}
        <Keys open={keys} onClose={() => setKeys(false)} stations={STATIONS.map((s) => NAMES[s])} />
      </Frame>
    </>
  );
}
