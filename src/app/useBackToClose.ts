"use client";
import { useCallback, useEffect, useRef } from "react";

/**
 * In the browser's history while the sheet is open: Back closes it, and leads away only the next time.
 * The browser goes back in its own time: a sheet opened before it arrives is not the one that was left.
 */
export function useBackToClose(isOpen: boolean, onClose: () => void): () => void {
  const stepsUnderWay = useRef(0);
  const isUp = useRef(isOpen);
  useEffect(() => {
    isUp.current = isOpen;
    if (isOpen && stepsUnderWay.current === 0) pushOver();
  }, [isOpen]);
  useEffect(() => {
    const arrived = (): void => {
      if (stepsUnderWay.current === 0) {
        if (isUp.current) onClose();
        return;
      }
      stepsUnderWay.current -= 1;
      if (stepsUnderWay.current === 0 && isUp.current) pushOver();
    };
    window.addEventListener("popstate", arrived);
    return () => window.removeEventListener("popstate", arrived);
  }, [onClose]);
  return useCallback(() => {
    onClose();
    if (stepsUnderWay.current > 0 || !isOver(window.history.state)) return;
    stepsUnderWay.current += 1;
    window.history.back();
  }, [onClose]);
}

const isOver = (state: unknown): boolean => (state as { isOver?: boolean } | null)?.isOver === true;

function pushOver(): void {
  if (!isOver(window.history.state)) window.history.pushState({ ...window.history.state, isOver: true }, "");
}
