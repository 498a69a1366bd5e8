const KEY = "brisk-barrel own acts";
const MOST = 50;

/** An act that was taken back, and the voids that did it. */
export interface TakenBack {
  readonly act: readonly string[];
  readonly voids: readonly string[];
}

interface Kept {
  readonly tab: string;
  readonly acts: readonly (readonly string[])[];
  readonly takenBack?: readonly TakenBack[];
}

/** Where a tab keeps what it did: outlives a reload, not the tab. Only what is used of the browser's session storage. */
export type TabShelf = Pick<Storage, "getItem" | "setItem">;

/**
 * The acts that this tab has written, newest last: Undo takes back these, one a press, and never what another tab did.
 * A tab that was duplicated brings a copy of the list along; the lock of the list's own tab tells it that it is a copy.
 */
export class OwnActs {
  private acts: readonly (readonly string[])[] = [];
  private back: readonly TakenBack[] = [];

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
    if (own) {
      acts.acts = kept.acts;
      acts.back = kept.takenBack ?? [];
    }
    return acts;
  }

  /** A new act: what was taken back before it cannot be brought back any more. */
  add(ids: readonly string[]): void {
    this.acts = [...this.acts, ids].slice(-MOST);
    this.back = [];
    this.keep();
  }

  drop(act: readonly string[]): void {
    this.acts = this.acts.filter((a) => !isSame(a, act));
    this.keep();
  }

  takenBack(back: TakenBack): void {
    this.back = [...this.back, back].slice(-MOST);
    this.drop(back.act);
  }

  broughtBack(back: TakenBack): void {
    this.acts = [...this.acts, back.act].slice(-MOST);
    this.forgetTakenBack(back);
  }

  forgetTakenBack(back: TakenBack): void {
    this.back = this.back.filter((b) => b !== back);
    this.keep();
  }

  takenBackLast(): readonly TakenBack[] {
    return [...this.back].reverse();
  }

  newestFirst(): readonly (readonly string[])[] {
    return [...this.acts].reverse();
  }

  private keep(): void {
    try {
      this.shelf.setItem(KEY, JSON.stringify({ tab: this.tab, acts: this.acts, takenBack: this.back } satisfies Kept));
    } catch {
      // Full or forbidden: Undo still works until this page is closed.
    }
  }
}

const isSame = (a: readonly string[], b: readonly string[]): boolean => a.join() === b.join();

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
