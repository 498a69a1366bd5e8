import type { Draft } from "@/core/ledger";

/** After the sheet has closed and given the focus back to what opened it. */
const AFTER_MS = 80;

/**
 * Where a person looks next is what changed: the container that was filled, the thing that was made. The focus goes to
 * it where it is drawn on this page, and stays where it is otherwise.
 */
export function focusChanged(drafts: readonly Draft[]): void {
  const ids = drafts.flatMap(({ data }) =>
    ["to", "vessel", "id", "from"].flatMap((key) => {
      const value = (data as Readonly<Record<string, unknown>>)[key];
      return typeof value === "string" ? [value] : [];
    }),
  );
  setTimeout(() => {
    const drawn = [...document.querySelectorAll<HTMLElement>("[data-vessel]")];
    const found = ids.flatMap((id) => drawn.find((el) => el.dataset.vessel === id) ?? [])[0];
    found?.focus();
  }, AFTER_MS);
}
