import type { Problem } from "./problem";
import { FOREIGN_HOST, FOREIGN_ORIGIN, WRONG_TYPE } from "./problem";

/** What this machine calls itself. Any other name in a request is somebody's trick to reach it from outside. */
const OWN_NAMES = new Set(["127.0.0.1", "localhost", "[::1]"]);
const FORM = "application/x-www-form-urlencoded";

export const isOwnHost = (host: string | null): boolean =>
  host !== null && OWN_NAMES.has(host.toLowerCase().replace(/:\d+$/, ""));

/** Why a request does not get past the door; null where it does. */
export function refusedAtDoor(method: string, headers: Pick<Headers, "get">): Problem | null {
  if (!isOwnHost(headers.get("host"))) return FOREIGN_HOST;
  const origin = headers.get("origin");
  const isPage = origin !== null || headers.get("sec-fetch-site") !== null;
  if (origin !== null && !isOwnOrigin(origin)) return FOREIGN_ORIGIN;
  if (headers.get("sec-fetch-site") === "cross-site") return FOREIGN_ORIGIN;
  if (method !== "POST") return null;
  const type = headers.get("content-type")?.split(";")[0]?.trim().toLowerCase();
  if (type === "application/json") return null;
  // A command line that says nothing of its type sends a form's, or none; a page that does is somebody else's form.
  return !isPage && (type === undefined || type === FORM) ? null : WRONG_TYPE;
}

function isOwnOrigin(origin: string): boolean {
  try {
    return isOwnHost(new URL(origin).host);
  } catch {
    return false;
  }
}

/** An answer is data: no page may be made of it, and none may keep it. */
export const ANSWER_HEADERS: Readonly<Record<string, string>> = {
  "Content-Security-Policy": "default-src 'none'; frame-ancestors 'none'",
  "Cache-Control": "no-store",
};
