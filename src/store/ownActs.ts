const KEY = "brisk-barrel own acts";
const MOST = 50;

interface Kept {
  readonly tab: string;
  readonly acts: readonly (readonly string[])[];
}

/** Where a tab keeps what it did: outlives a reload, not the tab. Only what is used of the browser's session storage. */
export type TabShelf = Pick<Storage, "getItem" | "setItem">;

/**
 * The acts that this tab has written, newest last: Undo takes back these, one a press, and never what another tab did.
 * A tab that was duplicated brings a copy of the list along; the lock of the list's own tab tells it that it is a copy.
 */
export class OwnActs {
  private acts: (readonly string[])[] = [];

  private constructor(
    private readonly shelf: TabShelf,
    private readonly tab: string,
  ) {}

  /** `hold` takes the lock of a tab's name for as long as the page lives, and says whether it was free. */
  static async of(yard: string, shelf: TabShelf, newTab: string, hold: (tab: string) => Promise<boolean>) {
    const kept = read(shelf, `${KEY} ${yard}`);
    const own = kept !== null && (await hold(kept.tab));
    if (!own) await hold(newTab);
    const acts = new OwnActs(scoped(shelf, yard), own ? kept.tab : newTab);
    if (own) acts.acts = [...kept.acts];
    return acts;
  }

  add(ids: readonly string[]): void {
    this.acts = [...this.acts, ids].slice(-MOST);
    this.keep();
  }

  drop(act: readonly string[]): void {
    this.acts = this.acts.filter((a) => a !== act);
    this.keep();
  }

  newestFirst(): readonly (readonly string[])[] {
    return [...this.acts].reverse();
  }

  private keep(): void {
    try {
      this.shelf.setItem(KEY, JSON.stringify({ tab: this.tab, acts: this.acts } satisfies Kept));
    } catch {
      // Full or forbidden: Undo still works until this page is closed.
    }
  }
}

const scoped = (shelf: TabShelf, yard: string): TabShelf => ({
  getItem: (key) => shelf.getItem(`${key} ${yard}`),
  setItem: (key, value) => shelf.setItem(`${key} ${yard}`, value),
});

function read(shelf: TabShelf, key: string): Kept | null {
  try {
    return JSON.parse(shelf.getItem(key) ?? "null") as Kept | null;
  } catch {
    return null;
  }
}
