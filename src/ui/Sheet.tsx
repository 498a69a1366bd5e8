"use client";
import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import type { ReactNode } from "react";

interface Props {
  readonly open: boolean;
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A sheet over the picture: at the bottom within the thumb's reach on a phone, in the middle on a desk. */
export function Sheet({ open, title, onClose, children }: Props) {
  return (
    <Dialog open={open} onClose={onClose} className="relative z-40">
      <div className="fixed inset-0 bg-[#10211f]/50" aria-hidden="true" />
      <div className="fixed inset-0 flex items-end justify-center md:items-center md:p-6">
        <DialogPanel className="flex max-h-[92dvh] w-full flex-col overflow-hidden rounded-t-xl bg-panel text-ink md:max-w-[620px] md:rounded-xl">
          <div className="flex items-center justify-between border-b border-rule px-4 py-2">
            <DialogTitle className="text-2xl">{title}</DialogTitle>
            <button
              type="button"
              onClick={onClose}
              className="min-h-[var(--target)] min-w-[var(--target)] rounded-md text-[17px]"
            >
              Close
            </button>
          </div>
          <div className="overflow-y-auto px-4 py-3">{children}</div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
