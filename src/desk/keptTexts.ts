/** Stands beside what is kept: where it is gone too, the browser has cleared everything, and nobody took one thing out. */
const SENTINEL = "brisk-barrel kept";

export type KeptTrouble = "full" | "cleared";

type Shelf = Pick<Storage, "getItem" | "setItem" | "removeItem">;

/**
 * Half-typed forms, run sheets and timers: kept in the browser's local storage, and remembered by the page that wrote
 * them. Where the storage takes nothing, or was cleared under the page, whoever listens is told; what the page knew is
 * put back.
 */
export class KeptTexts {
  private readonly known = new Map<string, string>();
  private readonly listeners = new Set<(trouble: KeptTrouble) => void>();

  constructor(private readonly shelf: () => Shelf) {}

  read(key: string): string | null {
    this.putBackIfCleared();
    try {
      return this.shelf().getItem(key) ?? (this.isTold ? (this.known.get(key) ?? null) : null);
    } catch {
      // Forbidden: the page's own memory is all there is.
      return this.known.get(key) ?? null;
    }
  }

  write(key: string, text: string): void {
    this.known.set(key, text);
    try {
      this.shelf().setItem(SENTINEL, "1");
      this.shelf().setItem(key, text);
      this.isTold = false;
    } catch {
      if (!this.isTold) this.tell("full");
      this.isTold = true;
    }
  }
  /** That nothing can be kept was said: once is enough, until it can be again. */
  private isTold = false;

  forget(key: string): void {
    this.known.delete(key);
    try {
      this.shelf().removeItem(key);
    } catch {
      // What cannot be kept cannot be taken out either.
    }
  }

  /** Forgets all whose key begins so, those of other pages too. */
  forgetAll(prefix: string): void {
    const theirs = (() => {
      try {
        return Object.keys(this.shelf());
      } catch {
        return [];
      }
    })();
    for (const key of [...this.known.keys(), ...theirs]) if (key.startsWith(prefix)) this.forget(key);
  }

  onTrouble(listener: (trouble: KeptTrouble) => void): () => void {
    this.listeners.add(listener);
    return () => void this.listeners.delete(listener);
  }

  private putBackIfCleared(): void {
    if (this.known.size === 0 || this.isTold) return;
    try {
      if (this.shelf().getItem(SENTINEL) !== null) return;
    } catch {
      return;
    }
    for (const [key, text] of [...this.known]) this.write(key, text);
    this.tell("cleared");
  }

  private tell(trouble: KeptTrouble): void {
    for (const listener of this.listeners) listener(trouble);
  }
}

/** The page's own. */
export const keptTexts = new KeptTexts(() => localStorage);
