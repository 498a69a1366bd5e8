export type Cause = "full" | "busy" | "silent" | "corrupt" | "other";

/** Why nothing could be kept; each cause is mended otherwise. */
export const CAUSE_WORDS: Readonly<Record<Cause, string>> = {
  full: "There is no room left on this disk",
  busy: "Another tab of this yard is in the way",
  silent: "The disk does not answer",
  corrupt: "What this browser keeps of the yard cannot be opened",
  other: "It could not be kept on this disk",
};
export const CAUSE_STEPS: Readonly<Record<Cause, string>> = {
  full: "Free some space, and it is tried again by itself.",
  busy: "Close the other tabs of this yard, or wait a moment.",
  silent: "It is tried again by itself; if it goes on, save a copy elsewhere.",
  corrupt: "Save a copy now, then start the browser again.",
  other: "Save a copy, then try again.",
};
