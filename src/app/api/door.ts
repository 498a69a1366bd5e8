import type { Problem } from "./problem";
import { FOREIGN_HOST, FOREIGN_ORIGIN, WRONG_TYPE } from "./problem";

/** What this machine calls itself. Any other name in a request is somebody's trick to reach it from outside. */
const OWN_NAMES = new Set(["127.0.0.1", "localhost", "[::1]"]);
const FORM = "application/x-www-form-urlencoded";

export const isOwnHost = (host: string | null): boolean =>
  host !== null && OWN_NAMES.has(host.toLowerCase().replace(/:\d+$/, ""));

/** Why a request does not get past the door; null where it does. */
export function refusedAtDoor(method: string, headers: Pick<Headers, "get">): Problem | null {
  const host = headers.get("host");
  if (!isOwnHost(host)) return FOREIGN_HOST;
  const origin = headers.get("origin");
  const isPage = origin !== null || headers.get("sec-fetch-site") !== null;
  if (origin !== null && !isOwnOrigin(origin, host)) return FOREIGN_ORIGIN;
  // "same-site" is another port of this machine: what is served there is somebody else's.
  if (["cross-site", "same-site"].includes(headers.get("sec-fetch-site") ?? "")) return FOREIGN_ORIGIN;
  if (method !== "POST") return null;
  const type = headers.get("content-type")?.split(";")[0]?.trim().toLowerCase();
  if (type === "application/json") return null;
  // A command line that says nothing of its type sends a form's, or none; a page that does is somebody else's form.
  return !isPage && (type === undefined || type === FORM) ? null : WRONG_TYPE;
}

/** This machine, and the port that is asked: a page of another port is another's. */
function isOwnOrigin(origin: string, host: string | null): boolean {
  try {
    const { host: from } = new URL(origin);
    return isOwnHost(from) && portOf(from) === portOf(host ?? "");
  } catch {
    return false;
  }
}

const portOf = (host: string): string => /:(\d+)$/.exec(host)?.[1] ?? "80";

/** Methods that a browser or a command line has use for here; any other is told so. */
const METHODS: ReadonlySet<string> = new Set(["GET", "HEAD", "POST", "OPTIONS"]);
export const isKnownMethod = (method: string): boolean => METHODS.has(method.toUpperCase());

/** An answer is data: no page may be made of it, and none may keep it. */
export const ANSWER_HEADERS: Readonly<Record<string, string>> = {
  "Content-Security-Policy": "default-src 'none'; frame-ancestors 'none'",
  "Cache-Control": "no-store",
};
