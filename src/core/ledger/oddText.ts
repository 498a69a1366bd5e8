/**
 * What nobody types and nobody sees: control characters, spaces and marks of no width, and those that turn the reading
 * order round. In a name they make two drums look alike, or a sentence read backwards. The joiners of Persian words and
 * of pictures (U+200C, U+200D), and the tags of flags, are left alone.
 */
const ODD = /[\p{Cc}\p{Zl}\p{Zp}]|(?!\u200c|\u200d|[\u{e0020}-\u{e007f}])\p{Cf}/u;

export interface OddText {
  readonly path: string;
  /** As it is looked up: "U+202E". */
  readonly character: string;
}

/** The first hidden character in any text of a value, and where it stands. */
export function oddTextIn(value: unknown, path = ""): OddText | undefined {
  if (typeof value === "string") {
    const found = ODD.exec(value);
    return found ? { path, character: codePoint(found[0]) } : undefined;
  }
  if (typeof value !== "object" || value === null) return undefined;
  for (const [key, inner] of Object.entries(value)) {
    const odd = oddTextIn(inner, path === "" ? key : `${path}.${key}`);
    if (odd) return odd;
  }
  return undefined;
}

const codePoint = (character: string): string =>
  `U+${(character.codePointAt(0) ?? 0).toString(16).toUpperCase().padStart(4, "0")}`;
