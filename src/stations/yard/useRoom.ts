"use client";
import { useEffect, useRef, useState } from "react";

export interface Room {
  readonly width: number;
  readonly height: number;
}

/** Until it has been measured: a desk's window. */
const USUAL: Room = { width: 900, height: 560 };
/** On a phone one scrolls: rows may be as many as they are. */
const PHONE_HEIGHT_PX = 100_000;
const DESK = "(min-width: 1024px)";
/** What stands at the window's bottom: litres in, litres out. */
const FOOT = "#litres-bar";
const AIR_PX = 10;

/** What an element has of the window, from its top down to what stands at the bottom, kept in step as either changes. */
export function useRoom(): { ref: React.RefObject<HTMLDivElement | null>; room: Room } {
  const ref = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState(USUAL);
  useEffect(() => {
    const here = ref.current;
    if (!here) return;
    const measure = (): void => {
      const top = here.getBoundingClientRect().top + window.scrollY;
      const foot = document.querySelector<HTMLElement>(FOOT)?.offsetHeight ?? 0;
      const isDesk = window.matchMedia(DESK).matches;
      const next = {
        width: here.clientWidth || USUAL.width,
        height: isDesk ? window.innerHeight - top - foot - AIR_PX : PHONE_HEIGHT_PX,
      };
      setRoom((old) => (old.width === next.width && old.height === next.height ? old : next));
    };
    measure();
    const observer = new ResizeObserver(measure);
    // A banner that comes or goes moves the floor without changing its width.
    for (const el of [here, document.querySelector(FOOT), document.querySelector("main")]) if (el) observer.observe(el);
    window.addEventListener("resize", measure);
    return () => {
      observer.disconnect();
      window.removeEventListener("resize", measure);
    };
  }, []);
  return { ref, room };
}
